import { Outbox, type Store } from '@/state/outbox'

function memory(room = Infinity): Store & { keys: () => string[] } {
  const kept = new Map<string, string>()
  return {
    get length() {
      return kept.size
    },
    key: (i) => [...kept.keys()][i] ?? null,
    getItem: (key) => kept.get(key) ?? null,
    setItem: (key, value) => {
      if (kept.size >= room && !kept.has(key)) throw new Error('QuotaExceededError')
      kept.set(key, value)
    },
    removeItem: (key) => void kept.delete(key),
    keys: () => [...kept.keys()],
  }
}
const typing = (text: string, field = 'chestWidth') =>
  ({ kind: 'patch', resource: 'pieces', id: 'p', body: { measures: { [field]: { text, unit: 'mm' } } } }) as const
const texts = (outbox: Outbox): unknown[] =>
  outbox
    .waiting()
    .map((w) => Object.values((w.change as any).body.measures as Record<string, { text: string }>)[0]!.text)

describe('the outbox', () => {
  it('holds only the last of what was typed in one field, and keeps fields in their order', () => {
    const outbox = new Outbox(memory(), () => 5)
    for (const text of ['2', '21', '21 1', '21 1/4 in']) outbox.add(typing(text))
    outbox.add(typing('180', 'neckWidth'))
    outbox.add(typing('540'))
    expect(texts(outbox)).toEqual(['21 1/4 in', '180', '540'])
  })

  it('does not touch a change that is on its way: later typing waits behind it', () => {
    const outbox = new Outbox(memory(), () => 5)
    outbox.add(typing('2'))
    const sending = outbox.next()!
    outbox.add(typing('21'))
    expect(texts(outbox)).toEqual(['2', '21'])
    outbox.done(sending.key)
    expect(texts(outbox)).toEqual(['21'])
  })

  it('is still there for the next page that opens on the same device', () => {
    const storage = memory()
    new Outbox(storage, () => 5).add(typing('540'))
    expect(texts(new Outbox(storage, () => 9))).toEqual(['540'])
  })

  it('sets a refused change aside with its reason instead of dropping it', () => {
    const storage = memory()
    const outbox = new Outbox(storage, () => 5)
    outbox.add(typing('540'))
    outbox.refuse(outbox.next()!, 'Too long')
    expect(outbox.waiting()).toEqual([])
    expect(storage.keys().map((k) => JSON.parse(storage.getItem(k)!).reason)).toEqual(['Too long'])
  })

  it('throws when the device is full, so that it can be said', () => {
    const outbox = new Outbox(memory(1), () => 5)
    outbox.add(typing('540'))
    expect(() => outbox.add(typing('180', 'neckWidth'))).toThrow()
  })
})

import { type Change, Outbox, type Store } from '@/state/outbox'
import { upgradeOutbox } from '@/state/upgradeOutbox'

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
const typing = (text: string, field = 'chestWidth'): Change => ({
  ...{ kind: 'patch', resource: 'pieces', id: 'p' },
  body: { measure: { measures: { [field]: { text, unit: 'mm' } } } },
})
const texts = (outbox: Outbox): string[] =>
  outbox.waiting().map(({ change }) => /"text":"([^"]*)"/.exec(JSON.stringify(change))![1]!)

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
    const sending = outbox.startNext()!
    outbox.add(typing('21'))
    expect(texts(outbox)).toEqual(['2', '21'])
    outbox.forget(sending.key)
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
    outbox.refuse(outbox.startNext()!, 'Too long')
    expect(outbox.waiting()).toEqual([])
    expect(storage.keys().map((k) => JSON.parse(storage.getItem(k)!).reason)).toEqual(['Too long'])
  })

  it('throws when the device is full, so that it can be said', () => {
    const outbox = new Outbox(memory(1), () => 5)
    outbox.add(typing('540'))
    expect(() => outbox.add(typing('180', 'neckWidth'))).toThrow()
  })
})

describe('what an older app had not sent yet', () => {
  const upgraded = (old: object): unknown => {
    const storage = memory()
    storage.setItem('zt.out.00000000000000005000', JSON.stringify(old))
    upgradeOutbox(storage)
    const [waiting, ...others] = new Outbox(storage, () => 5).waiting()
    expect([others, storage.keys()]).toEqual([[], [waiting!.key]])
    return waiting!.change
  }

  it('goes out with what was typed where it has its place today', () => {
    const change = { kind: 'patch', resource: 'pieces', id: 'p' }
    const length = { text: '182', unit: 'mm' }
    expect(
      upgraded({ ...change, body: { distances: { down: length }, cloth: { stretch: '8' }, record: { minutes: '9' } } }),
    ).toEqual({
      ...change,
      body: { measure: { distances: { down: length } }, build: { cloth: { stretch: '8' } }, finish: { minutes: '9' } },
    })
    expect(upgraded({ ...change, body: { checks: { 'check.trace': true }, hoopTurn: 90 } })).toEqual({
      ...change,
      body: { stitch: { checks: { 'check.trace': true } } },
    })
  })

  it('goes out as it was where its shape is the same', () => {
    const change = { kind: 'patch', resource: 'hoops', id: 'h', body: { note: 'typed' } }
    expect(upgraded(change)).toEqual(change)
    expect(upgraded({ kind: 'drawing', resource: 'designs', id: 'd' })).toEqual({
      ...{ kind: 'packed', resource: 'designs', id: 'd' },
    })
  })
})

import type { Change } from '@/state/change'
import type { Store } from '@/state/deviceStorage'
import { Outbox } from '@/sync/outbox'
import { upgradeOutbox } from '@/sync/upgradeOutbox'

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
    const outbox = new Outbox(memory(), () => 5, 'here')
    for (const text of ['2', '21', '21 1', '21 1/4 in']) outbox.add(typing(text))
    outbox.add(typing('180', 'neckWidth'))
    outbox.add(typing('540'))
    expect(texts(outbox)).toEqual(['21 1/4 in', '180', '540'])
  })

  it('does not touch a change that is on its way: later typing waits behind it', () => {
    const outbox = new Outbox(memory(), () => 5, 'here')
    outbox.add(typing('2'))
    const sending = outbox.startNext()!
    outbox.add(typing('21'))
    expect(texts(outbox)).toEqual(['2', '21'])
    outbox.forget(sending)
    expect(texts(outbox)).toEqual(['21'])
  })

  it('is still there for the next page that opens on the same device', () => {
    const storage = memory()
    new Outbox(storage, () => 5, 'here').add(typing('540'))
    expect(texts(new Outbox(storage, () => 9, 'next'))).toEqual(['540'])
  })

  it('never takes over what another tab has waiting, and forgets only what is still as it was sent', () => {
    const storage = memory()
    const [here, there] = [new Outbox(storage, () => 5, 'here'), new Outbox(storage, () => 6, 'there')]
    here.add(typing('540'))
    there.add(typing('541'))
    expect(texts(here)).toEqual(['540', '541'])
    // This tab sends what the other has waiting, while it is typed on there.
    here.forget(here.startNext()!)
    const sending = here.startNext()!
    there.add(typing('542'))
    here.forget(sending)
    expect(texts(here)).toEqual(['542'])
    // Without the mark, what came in the place of what was sent stays.
    storage.setItem(sending.key, sending.text)
    const again = here.startNext()!
    storage.removeItem('zt.sending')
    storage.setItem(again.key, JSON.stringify(typing('543')))
    here.forget(again)
    expect(texts(here)).toContain('543')
  })

  it('sets a refused change aside with its reason, sends it again when asked, or lets it go', () => {
    const outbox = new Outbox(memory(), () => 5, 'here')
    for (const text of ['540', '541']) {
      outbox.add(typing(text))
      outbox.refuse(outbox.startNext()!, { reason: 'Too long' })
    }
    expect([outbox.size, outbox.refused().map((r) => r.reason)]).toEqual([0, ['Too long', 'Too long']])
    const [first, second] = outbox.refused()
    outbox.sendAgain(first!)
    outbox.letGo(second!.key)
    expect([texts(outbox), outbox.refused()]).toEqual([['540'], []])
  })

  it('sends in the order things were made, even where the clock was set back meanwhile', () => {
    const storage = memory()
    new Outbox(storage, () => 9000, 'before').add(typing('540'))
    new Outbox(storage, () => 5, 'after').add(typing('541'))
    expect(texts(new Outbox(storage, () => 5, 'next'))).toEqual(['540', '541'])
  })

  it('says of a field typed on what was known when its first letter was typed', () => {
    const outbox = new Outbox(memory(), () => 5, 'here')
    outbox.add({ ...typing('5'), seen: 7 } as Change)
    outbox.add({ ...typing('54'), seen: 9 } as Change)
    expect(outbox.waiting().map(({ change }) => 'seen' in change && change.seen)).toEqual([7])
  })

  it('keeps in the page what a full device has no room for, in its order', () => {
    const outbox = new Outbox(memory(2), () => 5, 'here')
    expect([outbox.add(typing('540')), outbox.add(typing('180', 'neckWidth'))]).toEqual([true, true])
    expect(outbox.add(typing('210', 'shoulderToUnderarm'))).toBe(false)
    expect(texts(outbox)).toEqual(['540', '180', '210'])
    outbox.forget(outbox.startNext()!)
    outbox.forget(outbox.startNext()!)
    outbox.refuse(outbox.startNext()!, { reason: 'Odd' })
    expect([outbox.size, outbox.refused().map((r) => r.reason)]).toEqual([0, ['Odd']])
  })
})

describe('what an older app had not sent yet', () => {
  const upgraded = (old: object): unknown => {
    const storage = memory()
    storage.setItem('zt.out.00000000000000005000', JSON.stringify(old))
    upgradeOutbox(storage)
    const [waiting, ...others] = new Outbox(storage, () => 5, 'here').waiting()
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

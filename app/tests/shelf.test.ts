import { type LogRow, type Patch, Piece } from '@thimble/contract'
import { keepStage, newPiece, planPiece } from '@thimble/plan'
import { apply } from 'json-merge-patch'
import { recall, remember } from '@/state/memory'
import type { Change } from '@/state/outbox'
import { arrived, changed, olderArrived, opened, shelf, type ShelfState } from '@/state/shelf'

const piece = (id: string, over: Patch<Piece> = {}): Piece => {
  const blank = newPiece({
    ...{ id, name: `Piece ${id}`, createdAt: '2026-11-23T08:00:00.000Z' },
    ...{ item: { kind: 'polo', size: 'm' }, placement: 'left-chest', family: 'pique' },
  })
  return Piece.parse(apply(structuredClone(blank), over))
}
const { reducer } = shelf
const empty = reducer(undefined, { type: 'start' })
const after = (state: ShelfState, ...changes: Change[]): ShelfState =>
  changes.reduce((s, c) => reducer(s, changed(c)), state)
const put = (id: string): Change => ({ kind: 'put', resource: 'pieces', id, body: piece(id) })
const finish = (id: string): Patch<Piece> => {
  const { shop } = empty
  const plans = planPiece(piece(id), { shop, designs: {}, hoops: [], supplies: [] })
  return keepStage(piece(id), 'finish', plans, '2026-11-22T10:00:00.000Z')!
}
const patch = (id: string, body: Patch<Piece>): Change => ({ kind: 'patch', resource: 'pieces', id, body })

describe('the shelf', () => {
  it('merges a patch into its piece and leaves every other field and piece as it was', () => {
    const state = after(
      empty,
      put('a'),
      put('b'),
      patch('a', { measure: { measures: { chestWidth: { text: '540', unit: 'mm' } } } }),
      patch('a', { build: { cloth: { stretch: '8' } } }),
    )
    expect(state.docs.pieces.a!.measure.measures.chestWidth!.text).toBe('540')
    expect(state.docs.pieces.a!.build.cloth).toEqual({ family: 'pique', stretch: '8', colour: '#e8e2d4' })
    expect(state.docs.pieces.b).toEqual(piece('b'))
  })

  it('changes one of two fields that began as one and the same value', () => {
    const state = after(empty, put('a'), patch('a', { measure: { ownDesign: { width: { text: '120', unit: 'mm' } } } }))
    const { width, height } = state.docs.pieces.a!.measure.ownDesign
    expect([width.text, height.text]).toEqual(['120', ''])
  })

  it('takes a field away to null, as the server does', () => {
    const state = after(
      empty,
      put('a'),
      patch('a', { due: '2026-12-01', finish: { verdict: 'good' } }),
      patch('a', { due: null, finish: { verdict: null } }),
    )
    expect([state.docs.pieces.a!.due, state.docs.pieces.a!.finish.verdict]).toEqual([null, null])
  })

  it('adds one of what several hands add to, and leaves the others as they are', () => {
    const pocket = { kind: 'pocket' as const, name: 'Pocket', line: 'neck' }
    const state = after(
      empty,
      put('a'),
      patch('a', { measure: { zones: { mine: pocket } } }),
      patch('a', { measure: { zones: { theirs: { ...pocket, kind: 'zip' } } } }),
      patch('a', { measure: { zones: { mine: null } } }),
    )
    expect(Object.keys(state.docs.pieces.a!.measure.zones)).toEqual(['theirs'])
  })

  it('creates once: a second put does not undo what was typed since', () => {
    const state = after(empty, put('a'), patch('a', { note: 'typed' }), put('a'))
    expect(state.docs.pieces.a!.note).toBe('typed')
  })

  it('lays what is still on its way over what the server says', () => {
    const waiting = [put('new'), patch('a', { note: 'typed while away' })]
    const state = reducer(empty, arrived({ docs: { pieces: [piece('a', { note: 'old' })] }, over: waiting }))
    expect([state.docs.pieces.a!.note, state.docs.pieces.new!.name]).toEqual(['typed while away', 'Piece new'])
    const one = reducer(state, opened({ doc: piece('a', { note: 'old', customer: 'Ferry' }), over: waiting }))
    expect([one.docs.pieces.a!.note, one.docs.pieces.a!.customer]).toEqual(['typed while away', 'Ferry'])
  })

  it('forgets pieces the server no longer lists, but not finished ones that were opened', () => {
    const before = after(empty, put('removed-elsewhere'), put('finished'), patch('finished', finish('finished')))
    const state = reducer(before, arrived({ docs: { pieces: [piece('a')] }, over: [] }))
    expect(Object.keys(state.docs.pieces).sort()).toEqual(['a', 'finished'])
  })

  it('hides what is removed and brings it back as it was', () => {
    const gone = after(empty, put('a'), { kind: 'delete', resource: 'pieces', id: 'a' })
    expect(gone.gone.pieces.a).toBe(true)
    const back = after(gone, { kind: 'restore', resource: 'pieces', id: 'a' })
    expect([back.gone.pieces.a, back.docs.pieces.a]).toEqual([undefined, piece('a')])
  })

  it('keeps what a measured design has none of: a patch’s null takes a key away, and it is none all the same', () => {
    const longest = { longest: null, shortest: null }
    const design = { id: 'd', name: 'Shell', summary: { longest: 4, shortest: 1, jumps: 2 }, order: [1, 0] }
    const state = after(
      empty,
      { kind: 'put', resource: 'designs', id: 'd', body: design as never },
      { kind: 'patch', resource: 'designs', id: 'd', body: { order: null, summary: { ...longest, jumps: 3 } } },
    )
    expect(state.docs.designs.d).toMatchObject({ order: null, summary: { ...longest, jumps: 3 } })
  })

  it('changes one habit and keeps the others', () => {
    const state = after(empty, { kind: 'shop', body: { habits: { knits: 'float' }, unit: 'in' } })
    expect([state.shop.habits.knits, state.shop.habits.grip, state.shop.unit]).toEqual(['float', 'fuse', 'in'])
  })

  it('adds older log rows once', () => {
    const row = (pieceId: string): LogRow => ({
      pieceId,
      name: pieceId,
      customer: '',
      finishedAt: '2026-11-01T10:00:00.000Z',
      cloth: 'pique',
      layers: null,
      holding: null,
      verdict: null,
      dx: null,
      dy: null,
      faults: [],
      note: '',
    })
    const state = [row('a'), row('b')].reduce((s, r) => reducer(s, olderArrived([row('a'), r])), empty)
    expect(state.log.map((r) => r.pieceId)).toEqual(['a', 'b'])
  })
})

describe('what the device remembers', () => {
  const storage = (): Storage => {
    const kept = new Map<string, string>()
    return {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => void kept.set(key, value),
      removeItem: (key: string) => void kept.delete(key),
    } as Storage
  }

  it('comes back with the keys that it lacks, as the server would give them', () => {
    const device = storage()
    const { measure, ...rest } = piece('a')
    const { zones, carried, ...older } = measure
    const docs = { ...empty.docs, pieces: { a: { ...rest, measure: older } as never } }
    remember(device, { ...empty, docs: { ...docs, items: undefined as never } })
    const known = recall(device)!
    expect(known.docs.pieces.a).toEqual(piece('a'))
    expect(known.docs.items).toEqual({})
  })

  it('is fetched again where it was kept before pieces had stages', () => {
    const device = storage()
    device.setItem('zt.shelf', JSON.stringify({ docs: { pieces: { a: { itemKind: 'polo' } } } }))
    expect([recall(device), device.getItem('zt.shelf')]).toEqual([null, null])
  })
})

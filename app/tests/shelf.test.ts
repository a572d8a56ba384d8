import { blankPiece, type LogRow, type Piece } from '@thimble/contract'
import type { Change } from '@/state/outbox'
import { arrived, changed, older, opened, shelf, type ShelfState } from '@/state/shelf'

const piece = (id: string, over: Partial<Piece> = {}): Piece => ({
  ...blankPiece({
    id,
    name: `Piece ${id}`,
    createdAt: '2026-11-23T08:00:00.000Z',
    itemKind: 'polo',
    size: 'm',
    placement: 'left-chest',
    family: 'pique',
    unit: 'mm',
  }),
  ...over,
})
const { reducer } = shelf
const empty = reducer(undefined, { type: 'start' })
const after = (state: ShelfState, ...changes: Change[]): ShelfState =>
  changes.reduce((s, c) => reducer(s, changed(c)), state)
const put = (id: string): Change => ({ kind: 'put', resource: 'pieces', id, body: piece(id) })
const patch = (id: string, body: object): Change => ({ kind: 'patch', resource: 'pieces', id, body })

describe('the shelf', () => {
  it('merges a patch into its piece and leaves every other field and piece as it was', () => {
    const state = after(
      empty,
      put('a'),
      put('b'),
      patch('a', { measures: { chestWidth: { text: '540', unit: 'mm' } } }),
      patch('a', { cloth: { stretch: '8' } }),
    )
    expect(state.docs.pieces.a!.measures.chestWidth!.text).toBe('540')
    expect(state.docs.pieces.a!.cloth).toEqual({ family: 'pique', stretch: '8', colour: '#e8e2d4' })
    expect(state.docs.pieces.b).toEqual(piece('b'))
  })

  it('changes one of two fields that began as one and the same value', () => {
    const nothing = { text: '', unit: 'mm' as const }
    const body = piece('a', { ownDesign: { ...piece('a').ownDesign, width: nothing, height: nothing } })
    const state = after(
      empty,
      { kind: 'put', resource: 'pieces', id: 'a', body },
      patch('a', { ownDesign: { width: { text: '120', unit: 'mm' } } }),
    )
    const { width, height } = state.docs.pieces.a!.ownDesign
    expect([width.text, height.text]).toEqual(['120', ''])
  })

  it('takes a field away to null, as the server does', () => {
    const state = after(
      empty,
      put('a'),
      patch('a', { due: '2026-12-01', measuredAt: '2026-11-23T09:00:00.000Z' }),
      patch('a', { due: null, measuredAt: null, record: { verdict: null } }),
    )
    expect([state.docs.pieces.a!.due, state.docs.pieces.a!.measuredAt, state.docs.pieces.a!.record.verdict]).toEqual([
      null,
      null,
      null,
    ])
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
    const before = after(
      empty,
      put('removed-elsewhere'),
      put('finished'),
      patch('finished', { finishedAt: '2026-11-22T10:00:00.000Z' }),
    )
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
      { kind: 'put', resource: 'designs', id: 'd', body: design },
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
      stack: '',
      holding: null,
      verdict: null,
      dx: null,
      dy: null,
      faults: [],
      note: '',
    })
    const state = [row('a'), row('b')].reduce((s, r) => reducer(s, older([row('a'), r])), empty)
    expect(state.log.map((r) => r.pieceId)).toEqual(['a', 'b'])
  })
})

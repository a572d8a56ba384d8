import { type Patch, Piece } from '@thimble/contract'
import type { ChangedThing } from '@thimble/contract/answers'
import { decideStage, newPiece, planPiece } from '@thimble/plan'
import { apply } from 'json-merge-patch'
import type { Change } from '@/state/change'
import {
  changed,
  droppedChange,
  documents,
  type DocumentsState,
  documentsReceived,
  fullResync,
} from '@/state/documents'

const piece = (id: string, over: Patch<Piece> = {}): Piece => {
  const blank = newPiece({
    ...{ id, name: `Piece ${id}`, createdAt: '2026-11-23T08:00:00.000Z' },
    ...{ item: { kind: 'polo', size: 'm' }, placement: 'left-chest', family: 'pique' },
  })
  return Piece.parse(apply(structuredClone(blank), over))
}
const { reducer } = documents
const empty = reducer(undefined, { type: 'start' })
const after = (state: DocumentsState, ...changes: Change[]): DocumentsState =>
  changes.reduce((s, c) => reducer(s, changed(c)), state)
const put = (id: string): Change => ({ kind: 'put', resource: 'pieces', id, body: piece(id) })
const finish = (id: string): Patch<Piece> => {
  const { shop } = empty
  const plans = planPiece(piece(id), { shop, designs: {}, machines: [], hoops: [], supplies: [] })
  return decideStage(piece(id), 'finish', plans, '2026-11-22T10:00:00.000Z')!
}
const at = (revision: number, doc: Piece): ChangedThing => ({
  ...{ collection: 'pieces', id: doc.id, revision, concurrentWrites: null },
  doc: { ...doc, revision },
})
const tell = (state: DocumentsState, things: ChangedThing[], ...waiting: Change[]): DocumentsState =>
  reducer(state, documentsReceived({ things, waiting }))
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
    expect(state.docs.pieces.a!.build.cloth).toEqual({
      ...{ family: 'pique', stretch: '8', colour: '#e8e2d4', told: false, swatch: null },
      tested: { surface: null, light: null, iron: null },
    })
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

  it('lays what is still on its way over what the server says, and no longer once that is there', () => {
    const typed = patch('a', { note: 'typed' })
    const state = tell(
      after(tell(empty, [at(3, piece('a'))]), typed),
      [at(4, piece('a', { customer: 'Ferry' }))],
      typed,
    )
    expect([state.docs.pieces.a!.note, state.docs.pieces.a!.customer]).toEqual(['typed', 'Ferry'])
    // Another hand has written the same field later still: that stands, as soon as it is known that ours came before.
    const later = tell(state, [at(6, piece('a', { note: 'theirs' }))], typed)
    expect(later.docs.pieces.a!.note).toBe('typed')
    expect(tell(later, [at(5, piece('a', { note: 'typed' }))]).docs.pieces.a!.note).toBe('theirs')
  })

  it('does not let a late answer put old text over newer, nor bring back what was removed', () => {
    const state = tell(empty, [at(5, piece('a', { note: 'new' })), { ...at(6, piece('b')), doc: null }])
    const late = tell(state, [at(4, piece('a', { note: 'old' })), at(3, piece('b'))])
    expect([late.docs.pieces.a!.note, late.docs.pieces.b, late.gone.pieces.b]).toEqual(['new', undefined, true])
    expect(tell(late, [at(7, piece('b'))]).gone.pieces.b).toBeUndefined()
  })

  it('shows again what the server says when a change is dropped', () => {
    const state = after(tell(empty, [at(3, piece('a', { note: 'kept' }))]), patch('a', { note: 'refused' }))
    const dropped = reducer(state, droppedChange({ key: 'pieces/a', waiting: [] }))
    expect(dropped.docs.pieces.a!.note).toBe('kept')
  })

  it('holds no finished piece but one that is open, and follows it in the log', () => {
    const done = (id: string) => Piece.parse(apply(structuredClone(piece(id)), finish(id)))
    const state = tell(tell(empty, [at(3, piece('open'))]), [at(4, done('open')), at(5, done('other'))])
    expect([Object.keys(state.docs.pieces), state.log.map((row) => row.pieceId).sort()]).toEqual([
      ['open'],
      ['open', 'other'],
    ])
    const opened = reducer(state, documentsReceived({ things: [at(5, done('other'))], waiting: [], opened: true }))
    expect(Object.keys(opened.docs.pieces)).toEqual(['open', 'other'])
    expect(tell(opened, [{ ...at(6, done('open')), doc: null }]).log.map((row) => row.pieceId)).toEqual(['other'])
  })

  it('keeps of another history only what the server may not know of yet', () => {
    const state = after(tell(empty, [at(30, piece('a')), at(31, piece('lost'))]), put('new'))
    const anew = reducer(state, fullResync({ things: [at(2, piece('a', { note: 'older' }))], waiting: [put('new')] }))
    expect(Object.keys(anew.docs.pieces).sort()).toEqual(['a', 'new'])
    expect(anew.docs.pieces.a!.note).toBe('older')
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
})

import type { ChangedThing } from '@thimble/contract/answers'
import type { Change } from '@/state/change'
import { bodyOf, fieldsOf, conflictsIn, withLocalWrites } from '@/sync/conflicts'

const patch = (body: object): Change => ({ kind: 'patch', resource: 'pieces', id: 'a', body })
const length = (text: string) => ({ text, unit: 'mm' })
const localWrites = withLocalWrites(
  {},
  patch({ note: 'ours', measure: { measures: { chestWidth: length('540') } } }),
  5,
)
const thing = (doc: object, concurrentWrites: number[][] | null): ChangedThing => ({
  ...{ collection: 'pieces', id: 'a', revision: 9 },
  ...{ doc: doc as ChangedThing['doc'], concurrentWrites: concurrentWrites as never },
})
const theirs = { note: 'theirs', measure: { measures: { chestWidth: length('540') } } }

it('takes a typed length and a list as one field each', () => {
  expect(fieldsOf({ due: null, measure: { row: length('3'), kept: [{ at: 1 }] } })).toEqual([
    ['due', null],
    ['measure/row', length('3')],
    ['measure/kept', [{ at: 1 }]],
  ])
  expect(bodyOf('measure/row', length('3'))).toEqual({ measure: { row: length('3') } })
})

it('is told where someone wrote over a field without having seen what was written, and only of that field', () => {
  const { lost, localWrites: standing } = conflictsIn(localWrites, thing(theirs, [[3, 9]]), [])
  expect(lost).toEqual([{ path: 'note', value: 'ours', now: 'theirs', by: 'device' }])
  expect(Object.keys(standing)).toEqual(['measure/measures/chestWidth'])
})

it('is told where a file that was taken in wrote over it: a file has seen nothing of what is here', () => {
  const { lost } = conflictsIn(localWrites, thing(theirs, [[0, 9]]), [])
  expect(lost).toEqual([{ path: 'note', value: 'ours', now: 'theirs', by: 'file' }])
})

it('is not told of what was changed on purpose, by someone who had seen it', () => {
  for (const concurrentWrites of [null, [[5, 9]], [[2, 4]], [[7, 9]]])
    expect(conflictsIn(localWrites, thing(theirs, concurrentWrites), []).lost).toEqual([])
})

it('is not told while the same field is still being sent from here: then this will be the later one', () => {
  expect(conflictsIn(localWrites, thing(theirs, [[3, 9]]), [patch({ note: 'ours again' })]).lost).toEqual([])
})

it('remembers the last hundred fields', () => {
  const fields = Array.from({ length: 105 }, (_, i) => patch({ stitch: { checks: { [`c${i}`]: true } } }))
  const all = fields.reduce((known, change, i) => withLocalWrites(known, change, i), {})
  expect(Object.keys(all)).toEqual(Array.from({ length: 100 }, (_, i) => `stitch/checks/c${i + 5}`))
})

it('is not told of its own writing, which the server keeps in its own order, filled in and trimmed', () => {
  const kept = [{ minutes: 30, at: '2026-11-27', faults: [{ id: 'nest', note: null }], hoop: null }]
  const known = withLocalWrites({}, patch({ name: 'Crew polo ', finish: { kept } }), 5)
  const asKept = { at: '2026-11-27', minutes: 30, hoop: null, faults: [{ note: null, id: 'nest', low: false }] }
  expect(conflictsIn(known, thing({ name: 'Crew polo', finish: { kept: [asKept] } }, [[3, 9]]), []).lost).toEqual([])
  const other = { ...asKept, faults: [{ note: 'theirs', id: 'nest' }] }
  const { lost } = conflictsIn(known, thing({ name: 'Crew polo', finish: { kept: [other] } }, [[3, 9]]), [])
  expect(lost.map(({ path }) => path)).toEqual(['finish/kept'])
})

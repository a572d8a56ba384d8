import { Machine, Supply } from '@thimble/contract'
import { usualHoopingMinutes } from '@thimble/core/thread'
import { cutsOfBatch, hoursToMend, workSequence, pieceWork, type PieceWork, workedUntil } from '../src/schedule'
import { at, measured, mm, polo, shelf } from './marramAndTide'

const kept = { createdAt: at, updatedAt: at }
const thread = (name: string) => ({ id: name.toLowerCase(), name, colour: '#000000', metres: 4, leftM: 10 })
const work = (id: string, hoop: string, threads: string[], more: Partial<PieceWork> = {}): PieceWork => ({
  ...{ id, name: id, machine: { id: 'm', name: 'Loft machine' }, hoop: { id: hoop, name: hoop } },
  needle: { size: '75/11', point: 'ballpoint' },
  ...{
    threads: threads.map(thread),
    minutes: 10,
    by: { stitching: 6, hooping: 4, finishing: 0 },
    due: null,
    layers: [],
    cut: false,
    bobbinMetres: 9,
  },
  ...more,
})
/** A Friday afternoon; six hours from nine, and no weekends. */
const workday = { hours: 6, from: '09:00', off: [0, 6] }
const hands = { hoopSeconds: 120, needleSeconds: 90, threadSeconds: 75, finishMinutes: 4 }
const hours = { begins: { date: '2026-11-27', minute: 14 * 60 }, workday, hands }
const machine = (needles: number): Machine =>
  Machine.parse({ ...{ id: 'm', ...kept, name: 'Loft machine', needles }, field: { width: 300, height: 200 } })

it('puts pieces in the order that changes least, says each change, and what it saves against as they came in', () => {
  const order = workSequence(
    [work('polo', 'square', ['Navy', 'White']), work('drape', 'long', ['Madder']), work('cap', 'square', ['White'])],
    machine(4),
    hours,
  )
  expect(order.steps.map(({ work: { id }, before }) => [id, before.hoop, before.threads])).toEqual([
    ['polo', 'square', ['Navy', 'White']],
    ['cap', null, []],
    ['drape', 'long', ['Madder']],
  ])
  // Set-up: a hoop 120, a needle 90, two threads of 75; then the other hoop and a thread. As they came in the square is mounted twice.
  expect([order.seconds, order.typedSeconds, order.optimal]).toEqual([360 + 195, 360 + 195 + 120, true])
  expect(order.minutes).toBeCloseTo(30 + 555 / 60, 9)
})

it('keeps the order of a hand, says what it costs beside the best, and puts in what came later where it changes least', () => {
  const works = [
    work('polo', 'square', ['Navy']),
    work('drape', 'long', ['Madder']),
    work('cap', 'square', ['Navy']),
    work('late', 'long', ['Madder']),
  ]
  const order = workSequence(works, machine(4), hours, ['cap', 'drape', 'polo', 'gone'])
  // The late one goes beside the other of its hoop and thread: no change. Square, long, square again: three hoops and two threads.
  expect(order.steps.map(({ work: { id } }) => id)).toEqual(['cap', 'drape', 'late', 'polo'])
  expect([order.seconds, order.bestSeconds]).toEqual([90 + 3 * 120 + 2 * 75, 90 + 2 * 120 + 2 * 75])
  expect([order.by, order.optimal]).toEqual([{ stitching: 24, hooping: 16, finishing: 0 }, false])
})

it('threads each colour again at a machine of one needle, in the time that machine says', () => {
  const one = { ...machine(1), changeSeconds: 50 }
  const { seconds, steps } = workSequence(
    [work('a', 'square', ['Navy', 'White']), work('b', 'square', ['Navy', 'White'])],
    one,
    hours,
  )
  expect(steps.map(({ before }) => before.threads.length)).toEqual([2, 2])
  expect(seconds).toBe(120 + 90 + 4 * 50)
})

it('sums the thread of a run against what is there, and the bobbins to wind beyond the one that is in', () => {
  const bobbin = { woundM: 20, since: at, from: null }
  const works = ['a', 'b', 'c'].map((id) => work(id, 'square', ['Navy', ...(id === 'a' ? ['White'] : [])]))
  const { thread: all } = workSequence(works, { ...machine(4), bobbin, bobbinM: 5 }, hours)
  // Three times 4 m of navy against 10, and 27 m of bobbin against 5 and 20 a bobbin.
  expect(all.threads.map(({ id, metres, missing, pieces }) => [id, metres, missing, pieces])).toEqual([
    ['navy', 12, 2, 3],
    ['white', 4, 0, 1],
  ])
  expect([all.bobbinMetres, all.fresh]).toEqual([27, 2])
  expect(workSequence(works, machine(4), hours).thread.fresh).toBeNull()
})

const supply = (id: string, widthMm: number, leftMm: number, sheetMm: number | null = null): Supply =>
  Supply.parse({ ...{ id, ...kept, name: id, kind: 'cut-away-mesh', widthMm, leftMm, sheetMm } })

it('cuts a run from what there is of a kind, sheets one by one, and says what is missing', () => {
  const layers: PieceWork['layers'] = [
    { kind: 'cut-away-mesh', size: { widthMm: 200, heightMm: 150 }, pieces: 2, atLeast: false },
  ]
  const works = ['a', 'b', 'c'].map((id) => work(id, 'square', [], { layers }))
  // Two sheets of 200 x 320 hold two each; two of the six are left over.
  const [cut] = cutsOfBatch(works, [supply('sheets', 200, 640, 320)])
  expect(cut!.rolls.map(({ name }) => name)).toEqual(['sheets, sheet 1', 'sheets, sheet 2'])
  expect(cut!.missing).toEqual([{ widthMm: 200, heightMm: 150, count: 2 }])
  const [whole] = cutsOfBatch(works, [supply('roll', 400, 5000)])
  expect([whole!.rolls.map(({ usedMm }) => usedMm), whole!.missing, whole!.atLeast]).toEqual([[450], [], false])
})

it('takes of a piece what its plan says: hoop, needle, threads and what is cut', () => {
  const piece = polo({ run: '3 of 12', measure: { designId: 'tern', measures: measured } })
  const found = pieceWork(piece, { ...shelf, threads: [] })!
  expect(found).toMatchObject({ name: 'Crew polo, 3 of 12', hoop: { id: 'square' }, machine: { id: null } })
  expect(found.threads.map(({ id }) => id)).toEqual(['#fdfbf5', '#8fb3d1'])
  expect(found.layers.length).toBeGreaterThan(0)
  // The second colour is a change of the order of work where there is one needle, and the piece's own where there are more.
  const many = pieceWork(piece, { ...shelf, threads: [], machines: [{ ...machine(6), changeSeconds: 75 }] })!
  expect(many.minutes - found.minutes).toBeCloseTo(75 / 60, 9)
  // A colour the stash has no thread of is missing whole, as the list to buy has it.
  expect(found.threads.map(({ leftM }) => leftM)).toEqual([0, 0])
  // The machine's own runs took half as long again, and so does this; hands do not.
  const slow = pieceWork(piece, {
    ...{ ...shelf, threads: [], machines: [{ ...machine(6), changeSeconds: 75 }] },
    record: { stacks: [], paces: [{ machine: 'm', runs: 9, factor: 1.5, interval: null }] },
  })!
  // What hands do is not slower at another machine: hooping, and four minutes of finishing.
  const hands = usualHoopingMinutes('hooped') + 4
  expect((slow.minutes - hands) / (many.minutes - hands)).toBeCloseTo(1.5, 9)
  expect(
    pieceWork(polo({ measure: { ownDesign: { width: mm('84'), height: mm('62') } } }), { ...shelf, threads: [] }),
  ).toBeNull()
})

it('hoops and finishes in the shop’s own minutes, once its log knows them', () => {
  const record = {
    ...{ stacks: [], paces: [] },
    hands: { hooping: [{ holding: 'hooped' as const, pieces: 6, minutes: 7 }], finishing: { pieces: 6, minutes: 9 } },
  }
  const piece = polo({ measure: { measures: measured, designId: 'tern' } })
  const usual = pieceWork(piece, { ...shelf, threads: [] })!
  const own = pieceWork(piece, { ...shelf, threads: [], record })!
  expect([usual.by.hooping, usual.by.finishing]).toEqual([usualHoopingMinutes('hooped'), 4])
  expect([own.by.hooping, own.by.finishing]).toEqual([7, 9])
})

it('works out by the hours of days that are no days off, and says what is late and which hours would mend it', () => {
  // An hour of Friday is left, then the weekend: the second hour is Monday's first.
  expect(workedUntil(hours.begins, 60, workday)).toEqual({ date: '2026-11-27', minute: 15 * 60 })
  expect(workedUntil(hours.begins, 120, workday)).toEqual({ date: '2026-11-30', minute: 10 * 60 })
  expect(workedUntil({ date: '2026-11-28', minute: 0 }, 360, workday)).toEqual({ date: '2026-11-30', minute: 15 * 60 })
  // Set-up and half an hour each: 30 + 4.75 min end on Friday; the second at 64.75 would be Monday.
  const works = ['a', 'b'].map((id) => work(id, 'square', ['Navy'], { minutes: 30, due: '2026-11-27' }))
  const { steps } = workSequence(works, machine(1), hours)
  expect(steps.map(({ ends: { date }, late }) => [date, late])).toEqual([
    ['2026-11-27', false],
    ['2026-11-30', true],
  ])
  expect(hoursToMend(steps, hours)).toBe(6.5)
  const last = works.map((one) => ({ ...one, due: '2026-11-20' }))
  expect(hoursToMend(workSequence(last, machine(1), hours).steps, hours)).toBeNull()
})

it('sews first what is due first, though it changes more', () => {
  const due = work('drape', 'long', ['Navy'], { minutes: 40, due: '2026-11-27' })
  const { steps } = workSequence([work('a', 'square', ['Navy']), work('b', 'square', ['Navy']), due], machine(1), hours)
  expect(steps[0]!.work.id).toBe('drape')
})

import fc from 'fast-check'
import { planRunOrder, type RunPiece, type RunQuery } from '../src'

const seconds = { hoop: 240, needle: 90, thread: 40 }
const piece = (
  id: string,
  hoop: string,
  needle: string,
  threads: string[],
  more: Partial<RunPiece> = {},
): RunPiece => ({
  ...{ id, hoop, needle, threads, minutes: 10 },
  ...more,
})

it('sews what shares a hoop together, and keeps on what is needed again', () => {
  const pieces = [
    piece('cap', 'small', '75', ['navy', 'white']),
    piece('jacket', 'large', '75', ['red']),
    piece('collar', 'small', '75', ['white', 'gold']),
  ]
  // Two hoops, one needle, four threads: nothing twice.
  expect(planRunOrder({ pieces, needles: 4, seconds })).toEqual({
    order: ['cap', 'collar', 'jacket'],
    ...{ seconds: 2 * 240 + 90 + 4 * 40, lowerBound: 730, optimal: true, lateMinutes: 0, late: [] },
  })
})

it('counts nothing for what is on the machine at the start', () => {
  const pieces = [piece('a', 'small', '75', ['navy', 'white'])]
  const start = { hoop: 'small', needle: '75', threads: ['white', 'red'] }
  expect(planRunOrder({ pieces, needles: 2, seconds, start }).seconds).toBe(40)
})

it('puts on each thread of a piece that has more of them than there are needles, and leaves the last ones', () => {
  const pieces = [
    piece('badge', 'small', '75', ['navy', 'white', 'gold']),
    piece('badge 2', 'small', '75', ['navy', 'white', 'gold']),
    piece('name', 'small', '75', ['gold']),
  ]
  const { order, seconds: all } = planRunOrder({ pieces, needles: 1, seconds, start: { hoop: 'small', needle: '75' } })
  expect([order, all]).toEqual([['badge', 'badge 2', 'name'], 6 * 40])
})

it('is less late first, though it changes more', () => {
  const pieces = [
    piece('a', 'small', '75', ['navy']),
    piece('b', 'large', '75', ['navy'], { dueInMinutes: 30 }),
    piece('c', 'small', '75', ['navy'], { dueInMinutes: 18 }),
  ]
  // c ends at 4 + 1.5 + 2/3 + 10 = 16 1/6, b 14 later at 30 1/6: one sixth late; b first makes c far later.
  const { order, late, lateMinutes, optimal } = planRunOrder({ pieces, needles: 3, seconds })
  expect([order, optimal]).toEqual([['c', 'b', 'a'], true])
  expect([late.map(({ id }) => id), lateMinutes.toFixed(4)]).toEqual([['b'], '0.1667'])
})

it('says what cannot be worked out with, and where', () => {
  const pieces = [piece('a', 's', '75', []), piece('a', 's', '75', [])]
  expect(() => planRunOrder({ pieces, needles: 1, seconds })).toThrow(expect.objectContaining({ path: 'pieces.1.id' }))
  expect(() => planRunOrder({ pieces: [], needles: 0, seconds })).toThrow(expect.objectContaining({ code: 'bad-run' }))
  expect(planRunOrder({ pieces: [], needles: 1, seconds })).toMatchObject({ order: [], seconds: 0, optimal: true })
})

/** Every order with every choice of what is taken off: the least lateness, and with it the least seconds. */
function bruteForce({ pieces, needles, seconds: cost, start = {} }: RunQuery): [late: number, seconds: number] {
  let best: [number, number] = [Infinity, Infinity]
  const go = (
    left: readonly RunPiece[],
    on: readonly string[],
    hoop: unknown,
    needle: unknown,
    at: [number, number, number],
  ) => {
    const [late, spent, ended] = at
    if (left.length === 0) {
      if (late < best[0] - 1e-9 || (late < best[0] + 1e-9 && spent < best[1])) best = [late, spent]
      return
    }
    for (const next of left) {
      const rest = left.filter((one) => one !== next)
      const own = [...new Set(next.threads)]
      const tooMany = own.length > needles
      const loads = tooMany ? own.length : own.filter((thread) => !on.includes(thread)).length
      const change =
        loads * cost.thread + (hoop === next.hoop ? 0 : cost.hoop) + (needle === next.needle ? 0 : cost.needle)
      const now = ended + change + next.minutes * 60
      const lateNow = late + Math.max(0, now / 60 - (next.dueInMinutes ?? Infinity))
      const others = on.filter((thread) => !own.includes(thread))
      const kept = tooMany ? [[]] : choose(others, Math.min(others.length, needles - own.length))
      for (const keep of kept)
        go(rest, tooMany ? own.slice(-needles) : [...own, ...keep], next.hoop, next.needle, [
          lateNow,
          spent + change,
          now,
        ])
    }
  }
  go(pieces, start.threads ?? [], start.hoop, start.needle, [0, 0, 0])
  return best
}
const choose = (list: readonly string[], n: number): string[][] =>
  n === 0 ? [[]] : list.flatMap((one, i) => choose(list.slice(i + 1), n - 1).map((rest) => [one, ...rest]))

const someRun = fc
  .record({
    needles: fc.integer({ min: 1, max: 3 }),
    pieces: fc.array(
      fc.record({
        hoop: fc.constantFrom('s', 'm', 'l'),
        needle: fc.constantFrom('75', '90'),
        threads: fc.array(fc.constantFrom('a', 'b', 'c', 'd', 'e'), { maxLength: 4 }),
        minutes: fc.integer({ min: 0, max: 9 }),
        due: fc.option(fc.integer({ min: 0, max: 50 })),
      }),
      { minLength: 1, maxLength: 5 },
    ),
    start: fc.constantFrom({}, { hoop: 'm', threads: ['c'] }, { hoop: 's', needle: '90' }),
  })
  .map(
    ({ pieces, ...run }): RunQuery => ({
      ...{ ...run, seconds },
      pieces: pieces.map(({ due, ...one }, i) => ({
        ...one,
        id: `p${i}`,
        ...(due === null ? {} : { dueInMinutes: due }),
      })),
    }),
  )

it('finds what trying every order and every choice of threads finds', () => {
  fc.assert(
    fc.property(someRun, (run) => {
      const [late, spent] = bruteForce(run)
      const found = planRunOrder(run)
      expect(found.optimal).toBe(true)
      expect([found.lateMinutes.toFixed(6), found.seconds]).toEqual([late.toFixed(6), spent])
      expect(found.lowerBound).toBeLessThanOrEqual(found.seconds)
      expect([...found.order].sort()).toEqual(run.pieces.map(({ id }) => id).sort())
    }),
    { numRuns: 50 },
  )
})

it('never claims a bound above what can be had, and comes within a tenth of it for a hundred pieces of a shop', () => {
  // Twenty lines of five, each line its own hoop, needle and three of fourteen threads.
  const pieces = Array.from({ length: 100 }, (_, i) => {
    const line = (i * 7) % 20
    const threads = [line % 14, (line * 3 + 1) % 14, (line * 5 + 2) % 14].map((t) => `thread ${t}`)
    return piece(`p${i}`, `hoop ${line % 4}`, line % 3 === 0 ? '90' : '75', threads)
  })
  const { seconds: all, lowerBound, order } = planRunOrder({ pieces, needles: 10, seconds })
  expect(new Set(order).size).toBe(100)
  expect(all).toBeGreaterThanOrEqual(lowerBound)
  expect(all / lowerBound).toBeLessThan(1.1)
})

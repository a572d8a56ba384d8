import fc from 'fast-check'
import { cutPlan, type CutPlan, type CutQuery } from '../src'

const roll = { id: 'mesh roll', width: 500, length: 10_000 }
const piece = (id: string, width: number, height: number, count = 1, turn = true) => ({
  id,
  width,
  height,
  count,
  turn,
})
const length = ({ used }: CutPlan): number => used.reduce((sum, one) => sum + one.length, 0)

it('lays pieces side by side and turns them where that is shorter', () => {
  // Two strips of 150 hold two each; turned, three of 150 x 200 make one strip of 200 and one is left: 350.
  const plan = cutPlan({ pieces: [piece('a', 200, 150, 4)], rolls: [roll] })
  expect(length(plan)).toBe(300)
  expect(plan.strips).toEqual([
    { roll: 'mesh roll', y: 0, height: 150 },
    { roll: 'mesh roll', y: 150, height: 150 },
  ])
  expect(plan.cuts.map(({ x, y }) => [x, y])).toEqual([
    [0, 0],
    [200, 0],
    [0, 150],
    [200, 150],
  ])
  // 4 x 200 x 150 on 500 wide: 240 mm at least; of the 300 used a fifth is waste.
  expect([plan.lowerBound, plan.waste.toFixed(6)]).toEqual([240, '0.200000'])
})

it('keeps the grain where it must, and says what does not go in', () => {
  const plan = cutPlan({ pieces: [piece('a', 600, 100, 2, false), piece('b', 600, 100)], rolls: [roll] })
  expect(plan.short).toEqual([{ id: 'a', count: 2 }])
  expect(plan.cuts).toEqual([{ roll: 'mesh roll', id: 'b', x: 0, y: 0, width: 100, height: 600 }])
  const offcut = { id: 'offcut', width: 300, length: 200 }
  const both = cutPlan({ pieces: [piece('c', 300, 200, 2, false)], rolls: [offcut, { ...roll, width: 300 }] })
  expect(both.used).toEqual([
    { roll: 'offcut', length: 200 },
    { roll: 'mesh roll', length: 200 },
  ])
  expect(cutPlan({ pieces: [piece('d', 10, 10, 3)], rolls: [] }).short).toEqual([{ id: 'd', count: 3 }])
})

it('says what cannot be cut, and where', () => {
  expect(() => cutPlan({ pieces: [piece('a', 0, 10)], rolls: [roll] })).toThrow(
    expect.objectContaining({ code: 'bad-cut', path: 'pieces.0.width' }),
  )
  expect(() => cutPlan({ pieces: [piece('a', 1, 1, 1.5)], rolls: [roll] })).toThrow(
    expect.objectContaining({ path: 'pieces.0.count' }),
  )
})

/** What scissors ask: all on the roll, nothing over another, each in one strip, the strips one after the other. */
function expectCuttable(plan: CutPlan, { pieces, rolls }: CutQuery): void {
  for (const { id, width, length: long } of rolls) {
    const cuts = plan.cuts.filter((cut) => cut.roll === id)
    const strips = plan.strips.filter((strip) => strip.roll === id)
    const end = strips.reduce((y, strip) => (expect(strip.y).toBeCloseTo(y, 6), y + strip.height), 0)
    expect(end).toBeLessThanOrEqual(long + 1e-6)
    expect(plan.used.find((one) => one.roll === id)?.length ?? 0).toBeCloseTo(end, 6)
    for (const strip of strips) {
      const inIt = cuts.filter(({ y }) => Math.abs(y - strip.y) < 1e-6).sort((a, b) => a.x - b.x)
      const across = inIt.reduce((x, cut) => {
        expect(cut.x).toBeGreaterThanOrEqual(x - 1e-6)
        expect(cut.height).toBeLessThanOrEqual(strip.height + 1e-6)
        return cut.x + cut.width
      }, 0)
      expect(across).toBeLessThanOrEqual(width + 1e-6)
    }
  }
  for (const { id, count } of pieces) {
    const [laid, missing] = [plan.cuts.filter((cut) => cut.id === id), plan.short.find((one) => one.id === id)]
    expect(laid.length + (missing?.count ?? 0)).toBe(count)
  }
  expect(length(plan)).toBeGreaterThanOrEqual(plan.lowerBound - 1e-6)
}

/** Strip packing by trying: each piece into a strip that is there, or a new one, either way up. */
function leastByTrying(list: { width: number; height: number; turn: boolean }[], width: number): number {
  let best = Infinity
  const go = (i: number, strips: { left: number; height: number }[]): void => {
    if (i === list.length)
      return void (best = Math.min(
        best,
        strips.reduce((sum, s) => sum + s.height, 0),
      ))
    const { width: w, height: h, turn } = list[i]!
    for (const [across, along] of turn
      ? [
          [w, h],
          [h, w],
        ]
      : ([[w, h]] as const)) {
      for (const [k, strip] of strips.entries())
        if (strip.left >= across!)
          go(i + 1, strips.with(k, { left: strip.left - across!, height: Math.max(strip.height, along!) }))
      if (across! <= width) go(i + 1, [...strips, { left: width - across!, height: along! }])
    }
  }
  go(0, [])
  return best
}

const size = fc.integer({ min: 1, max: 12 }).map((n) => n * 25)
const somePieces = fc.array(
  fc.record({ width: size, height: size, count: fc.integer({ min: 1, max: 2 }), turn: fc.boolean() }),
  {
    minLength: 1,
    maxLength: 3,
  },
)

it('needs no more than trying every strip does', () => {
  fc.assert(
    fc.property(somePieces, (list) => {
      const pieces = list.map((one, i) => ({ ...one, id: `p${i}` }))
      const plan = cutPlan({ pieces, rolls: [{ id: 'r', width: 320, length: 1e6 }] })
      expectCuttable(plan, { pieces, rolls: [{ id: 'r', width: 320, length: 1e6 }] })
      const singly = pieces.flatMap((one) => Array.from({ length: one.count }, () => one))
      expect(length(plan)).toBeCloseTo(leastByTrying(singly, 320), 6)
    }),
    { numRuns: 60 },
  )
})

it('cuts two hundred pieces of a shop’s sizes with little waste', () => {
  const pieces = [
    piece('mesh', 180, 180, 60),
    piece('tear', 250, 170, 80),
    piece('cover', 104, 64, 40),
    piece('band', 440, 90, 20, false),
  ]
  const rolls = [
    { id: 'offcut', width: 450, length: 700 },
    { id: 'roll', width: 900, length: 30_000 },
  ]
  const plan = cutPlan({ pieces, rolls })
  expectCuttable(plan, { pieces, rolls })
  expect(plan.short).toEqual([])
  expect(length(plan) / plan.lowerBound).toBeLessThan(1.15)
})

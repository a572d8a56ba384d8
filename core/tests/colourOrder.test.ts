import fc from 'fast-check'
import { nearBlocks } from '@thimble/core/design/work'
import { type ColourBlock, type ColourOrder, planColourOrder, type Point } from '../src'
import { minutesSaved } from '../src/thread'

/** A block of a colour: one stitch in the cell at column and row, cells of 2 mm. */
const at = (colour: string, column: number, row = 0): ColourBlock => ({
  colour,
  stitches: [
    { x: 2 * column + 0.5, y: 2 * row + 0.5 },
    { x: 2 * column + 1.5, y: 2 * row + 1.5 },
  ],
})
const R = '#aa0000'
const B = '#0000aa'
const G = '#00aa00'

const cells = new Map<ColourBlock, Set<string>>()

/** What core.md says, worked out in another way: cells gathered by fine steps, grown, and looked up by name. */
function grown(block: ColourBlock): Set<string> {
  const known = cells.get(block)
  if (known) return known
  const found = new Set<string>()
  const mark = ({ x, y }: Point): void => {
    for (const dx of [-1, 0, 1])
      for (const dy of [-1, 0, 1]) found.add(`${Math.floor(x / 2) + dx},${Math.floor(y / 2) + dy}`)
  }
  block.stitches.forEach((p, i) => {
    const q = block.stitches[i + 1] ?? p
    const steps = Math.ceil(Math.hypot(q.x - p.x, q.y - p.y) / 0.05) || 1
    for (let k = 0; k <= steps; k++) mark({ x: p.x + ((q.x - p.x) * k) / steps, y: p.y + ((q.y - p.y) * k) / steps })
  })
  cells.set(block, found)
  return found
}
const touches = (a: ColourBlock, b: ColourBlock): boolean => [...grown(a)].some((cell) => grown(b).has(cell))

const changesOf = (blocks: ColourBlock[], order: number[]): number =>
  order.filter((block, i) => i > 0 && blocks[block]!.colour !== blocks[order[i - 1]!]!.colour).length
const turnedRound = (order: number[]): number =>
  order.reduce((sum, block, i) => sum + order.slice(i + 1).filter((later) => later < block).length, 0)

function keepsOverlaps(blocks: ColourBlock[], order: number[]): boolean {
  const place = new Map(order.map((block, i) => [block, i]))
  return blocks.every((b, j) => blocks.slice(0, j).every((a, i) => !touches(a, b) || place.get(i)! < place.get(j)!))
}

/** Every order that keeps the overlaps; the least changes, and of those the fewest pairs turned round. */
function enumerated(blocks: ColourBlock[]): { changes: number; turned: number } {
  const before = blocks.map((b, j) =>
    blocks.slice(0, j).reduce((bits, a, i) => (touches(a, b) ? bits | (1 << i) : bits), 0),
  )
  const best = { changes: Infinity, turned: Infinity }
  const walk = (order: number[], used: number, changes: number): void => {
    if (changes > best.changes) return
    if (order.length === blocks.length) {
      const turned = turnedRound(order)
      if (changes < best.changes || turned < best.turned) Object.assign(best, { changes, turned })
      return
    }
    for (let j = 0; j < blocks.length; j++) {
      if (used & (1 << j) || before[j]! & ~used) continue
      const more = order.length > 0 && blocks[order.at(-1)!]!.colour !== blocks[j]!.colour ? 1 : 0
      walk([...order, j], used | (1 << j), changes + more)
    }
  }
  walk([], 0, 0)
  return best
}

const holds = (blocks: ColourBlock[], plan: ColourOrder): void => {
  expect([...plan.order].sort((a, b) => a - b)).toEqual(blocks.map((_, i) => i))
  expect(keepsOverlaps(blocks, plan.order)).toBe(true)
  expect(plan.changes).toBe(changesOf(blocks, plan.order))
}

const someBlocks = (most: number, wide: number) =>
  fc.array(
    fc.record({
      colour: fc.constantFrom(R, B, G),
      column: fc.integer({ min: 0, max: wide }),
      row: fc.integer({ min: 0, max: wide }),
    }),
    { minLength: 1, maxLength: most },
  )

describe('the order of colours', () => {
  it('brings blocks of one colour together where they lie apart', () => {
    expect(planColourOrder([at(R, 0), at(B, 20), at(R, 40)])).toEqual({
      order: [0, 2, 1],
      changes: 1,
      originalChanges: 2,
      optimal: true,
    })
  })

  it('leaves what lies on top on top, one colour or two', () => {
    expect(planColourOrder([at(R, 0), at(B, 1), at(R, 2)])).toMatchObject({ order: [0, 1, 2], changes: 2 })
    // Red, blue and red in a chain; the second red has to wait for blue, and the far green may go anywhere.
    expect(planColourOrder([at(R, 0), at(B, 2), at(G, 60), at(R, 4), at(B, 90)])).toMatchObject({ changes: 3 })
  })

  it('counts areas as meeting when both, grown by a cell, share one', () => {
    // Cells 2 and 4 grown meet in cell 3; cells 2 and 5 do not, and red may be finished first.
    expect(planColourOrder([at(R, 0), at(B, 2), at(R, 4)]).changes).toBe(2)
    expect(planColourOrder([at(R, 0), at(B, 2), at(R, 5)])).toMatchObject({ order: [0, 2, 1], changes: 1 })
  })

  it('frees what only lies near, where the worker says that it does not touch', () => {
    // In the same cell, in the next, and four away: only the middle one is near and no more.
    expect(nearBlocks([at(R, 0), at(B, 0), at(R, 1), at(G, 5)])).toEqual([
      [0, 2],
      [1, 2],
    ])
    const blocks = [at(R, 0), at(B, 2), at(R, 4)]
    expect(planColourOrder(blocks, { apart: [[1, 2]] })).toMatchObject({ order: [0, 2, 1], changes: 1 })
    expect(planColourOrder(blocks, { apart: [[0, 1]] }).order).toEqual([1, 0, 2])
  })

  it('heeds the whole length of a stitch, not its ends alone', () => {
    const long = { colour: B, stitches: [at(B, 0).stitches[0]!, at(B, 40).stitches[0]!] }
    expect(planColourOrder([at(R, 10), long, at(R, 30)]).changes).toBe(2)
    expect(planColourOrder([at(R, 10), long, at(R, 30, 4)]).changes).toBe(1)
  })

  it('does not count the first threading, and a plain design has nothing to change', () => {
    expect(planColourOrder([at(R, 0)])).toEqual({ order: [0], changes: 0, originalChanges: 0, optimal: true })
    expect(planColourOrder([])).toMatchObject({ order: [], changes: 0 })
    expect(planColourOrder([at('#AA0000', 0), at('#aa0000', 30)])).toMatchObject({ changes: 0, originalChanges: 0 })
  })

  it('is the least there is, and the nearest of the least: against every order of up to 8 blocks', () => {
    fc.assert(
      fc.property(someBlocks(8, 6), (some) => {
        const blocks = some.map(({ colour, column, row }) => at(colour, column, row))
        const plan = planColourOrder(blocks)
        holds(blocks, plan)
        const { changes, turned } = enumerated(blocks)
        expect([plan.changes, turnedRound(plan.order), plan.optimal]).toEqual([changes, turned, true])
      }),
      { numRuns: 60 },
    )
  })

  it('is proven for 16 blocks, against every order that keeps their overlaps', () => {
    // Two chains of eight, one colour after the other out of step: 12 870 orders keep them.
    const chain = (colours: string[], row: number) => colours.map((colour, i) => at(colour, 2 * i, row))
    const one = chain([R, B, R, B, G, R, B, R], 0)
    const other = chain([B, R, B, G, R, B, R, B], 40)
    const blocks = one.flatMap((block, i) => [block, other[i]!])
    const plan = planColourOrder(blocks)
    holds(blocks, plan)
    expect(plan).toMatchObject({ changes: enumerated(blocks).changes, optimal: true })
  })

  it('keeps every overlap of 200 blocks and never adds a change', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1_000_000 }), (seed) => {
        let state = seed
        const random = (below: number): number => (state = (state * 48271) % 2147483647) % below
        const blocks = Array.from({ length: 200 }, () => at([R, B, G, '#111111'][random(4)]!, random(60), random(60)))
        const plan = planColourOrder(blocks)
        holds(blocks, plan)
        expect(plan.changes).toBeLessThanOrEqual(plan.originalChanges)
      }),
      { numRuns: 3 },
    )
  })

  it('reaches the lower bound where blocks lie apart: a change less than there are colours', () => {
    const blocks = Array.from({ length: 120 }, (_, i) => at([R, B, G][i % 3]!, (i % 12) * 5, Math.floor(i / 12) * 5))
    expect(planColourOrder(blocks)).toMatchObject({ changes: 2, originalChanges: 119, optimal: true })
  })

  it('saves 60 to 90 seconds a change on one needle: five changes are 6 minutes', () => {
    expect([1, 2, 5, 11].map(minutesSaved)).toEqual([1, 3, 6, 14])
  })

  it('heeds what artwork paints, and the thread a jump does not lay', () => {
    const area = (colour: string, x: number, width: number) => ({
      ...{ colour, stitches: [] },
      outlines: [
        [
          { x, y: 0 },
          { x: x + width, y: 0 },
          { x: x + width, y: 20 },
          { x, y: 20 },
        ],
      ],
    })
    // A red dot in the middle of a blue area lies on it, though it is far from its edges.
    const dot = { colour: R, stitches: [{ x: 50.5, y: 10.5 }] }
    expect(planColourOrder([at(R, 25, 5), area(B, 0, 100), dot]).changes).toBe(2)
    expect(planColourOrder([at(R, 25, 5), area(B, 60, 40), dot]).changes).toBe(1)
    // Over a jump the needle goes there without sewing.
    const jumping = { colour: B, stitches: [at(B, 0).stitches[0]!, at(B, 60).stitches[0]!] }
    const moves = [{ before: 1, kind: 'jump' as const, x: 120.5, y: 0.5 }]
    expect(planColourOrder([at(R, 20), jumping, at(R, 30)]).changes).toBe(2)
    expect(planColourOrder([at(R, 20), { ...jumping, moves }, at(R, 30)]).changes).toBe(1)
  })
})

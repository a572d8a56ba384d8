import fc from 'fast-check'
import { exactOrder } from '../src/design/exactOrder'
import { fewestRuns } from '../src/design/fewestRuns'
import { searchOrder } from '../src/design/searchOrder'

/** Blocks of few colours, and which earlier ones each has to stay after. */
const tangle = (most: number, kinds: number) =>
  fc
    .array(
      fc.record({
        colour: fc.integer({ min: 0, max: kinds - 1 }),
        waits: fc.array(fc.nat({ max: most }), { maxLength: 4 }),
      }),
      { minLength: 2, maxLength: most },
    )
    .map((blocks) => {
      // Colours are numbered as they come up, as the planner numbers them.
      const seen = [...new Set(blocks.map((b) => b.colour))]
      return {
        colours: blocks.map((b) => seen.indexOf(b.colour)),
        after: blocks.map(({ waits }, j) => [...new Set(waits.filter((i) => i < j))].sort((a, b) => a - b)),
      }
    })
const runsOf = (colours: number[], order: number[]): number =>
  order.filter((block, i) => i === 0 || colours[block] !== colours[order[i - 1]!]).length
const keeps = (after: number[][], order: number[]): boolean =>
  after.every((list, j) => list.every((i) => order.indexOf(i) < order.indexOf(j)))

describe('the lower bound on runs of a colour', () => {
  it('is never above the least there is', () => {
    fc.assert(
      fc.property(tangle(12, 4), ({ colours, after }) => {
        expect(fewestRuns(colours, after)).toBeLessThanOrEqual(runsOf(colours, exactOrder(colours, after)))
      }),
      { numRuns: 300 },
    )
  })

  it('is the least for two colours, whatever waits for what', () => {
    fc.assert(
      fc.property(tangle(12, 2), ({ colours, after }) => {
        expect(fewestRuns(colours, after)).toBe(runsOf(colours, exactOrder(colours, after)))
      }),
      { numRuns: 300 },
    )
  })

  it('counts a chain that comes back to a colour, and a colour that waits for nothing once', () => {
    expect(fewestRuns([0, 1, 0], [[], [0], [1]])).toBe(3)
    expect(fewestRuns([0, 1, 2, 0, 1, 2], [[], [], [], [], [], []])).toBe(3)
    expect(fewestRuns([0, 0, 0], [[], [0], [1]])).toBe(1)
    expect(fewestRuns([], [])).toBe(0)
  })
})

describe('the search for many blocks', () => {
  it('keeps every overlap, and on few blocks is seldom a run above the least', () => {
    let [above, tried] = [0, 0]
    fc.assert(
      fc.property(tangle(13, 4), ({ colours, after }) => {
        const order = searchOrder(colours, after)
        expect([...order].sort((a, b) => a - b)).toEqual(colours.map((_, i) => i))
        expect(keeps(after, order)).toBe(true)
        const least = runsOf(colours, exactOrder(colours, after))
        const found = runsOf(colours, order)
        expect(found).toBeGreaterThanOrEqual(least)
        expect(found).toBeLessThanOrEqual(least + 1)
        tried++
        if (found > least) above++
      }),
      { numRuns: 300 },
    )
    expect(above / tried).toBeLessThan(0.05)
  })
})

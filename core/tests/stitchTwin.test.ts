import fc from 'fast-check'
import { designStats, readStitchCsv } from '../src'
import { groupDesigns } from '../src/design/work'
import { layGroup } from '../src/design/edit/groupDesigns'

const hundredth = fc.integer({ min: -4000, max: 4000 }).map((n) => n / 100)
const row = fc.record({
  x: hundredth,
  y: hundredth,
  command: fc.constantFrom(
    'stitch' as const,
    'stitch' as const,
    'stitch' as const,
    'jump' as const,
    'trim' as const,
    'stop' as const,
  ),
})
const block = fc.record({
  colour: fc.constantFrom('#111111', '#222222', '#333333'),
  rows: fc.array(row, { minLength: 2, maxLength: 25 }),
})
const lists = fc.array(block, { minLength: 1, maxLength: 5 }).filter((blocks) => {
  const stitches = blocks.map((b) => b.rows.filter((r) => r.command === 'stitch').length)
  return stitches.some((n) => n > 1)
})
type Blocks = { colour: string; rows: { x: number; y: number; command: string }[] }[]
const csv = (blocks: Blocks): string =>
  [
    'x_mm,y_mm,command,colour',
    ...blocks.flatMap(({ colour, rows }) =>
      rows.map(({ x, y, command }, i) => `${x.toFixed(2)},${y.toFixed(2)},${command},${i === 0 ? colour : ''}`),
    ),
    '0,0,end,',
  ].join('\n')

/** The same figures worked out from the rows alone, with no design between. */
function counted(blocks: Blocks) {
  const each = blocks.map(({ rows }) => {
    const lengths: number[] = []
    let from: { x: number; y: number } | null = null
    for (const { x, y, command } of rows) {
      if (command === 'jump' || command === 'trim') from = null
      if (command !== 'stitch') continue
      if (from) lengths.push(Math.hypot(x - from.x, y - from.y))
      from = { x, y }
    }
    const of = (kind: string): number => rows.filter((r) => r.command === kind).length
    return { lengths, stitches: of('stitch'), jumps: of('jump'), trims: of('trim') }
  })
  const all = each.flatMap((b) => b.lengths)
  const points = blocks.flatMap((b) => b.rows.filter((r) => r.command === 'stitch'))
  const span = (axis: 'x' | 'y') => Math.max(...points.map((p) => p[axis])) - Math.min(...points.map((p) => p[axis]))
  return {
    each,
    ...{ width: span('x'), height: span('y') },
    changes: blocks.filter((b, i) => i > 0 && b.colour !== blocks[i - 1]!.colour).length,
    longest: all.length > 0 ? Math.max(...all) : null,
    short: all.filter((l) => l < 0.5).length,
    long: all.filter((l) => l > 12).length,
  }
}
/** Lists that name every stitch's colour are read another way. */
const someUnnamed = (blocks: Blocks): boolean => blocks.some((b) => b.rows.slice(1).some((r) => r.command === 'stitch'))

describe('measuring any stitch list', () => {
  it('gives what its rows say', () => {
    fc.assert(
      fc.property(lists, (blocks) => {
        fc.pre(someUnnamed(blocks))
        const stats = designStats(readStitchCsv(csv(blocks)))
        const twin = counted(blocks)
        expect(stats.blocks.map((b) => [b.stitches, b.jumps, b.trims])).toEqual(
          twin.each.map((b) => [b.stitches, b.jumps, b.trims]),
        )
        stats.blocks.forEach((b, i) =>
          expect(b.lengthMm).toBeCloseTo(
            twin.each[i]!.lengths.reduce((sum, l) => sum + l, 0),
            6,
          ),
        )
        expect([stats.width, stats.height]).toEqual([expect.closeTo(twin.width, 6), expect.closeTo(twin.height, 6)])
        expect([stats.colourChanges, stats.long]).toEqual([twin.changes, twin.long])
        if (twin.longest === null) expect(stats.longest).toBeNull()
        else expect(stats.longest).toBeCloseTo(twin.longest, 6)
      }),
    )
  })

  it('has no cell lighter than nothing, and its 95th hundredth between its least and its most', () => {
    fc.assert(
      fc.property(lists, (blocks) => {
        fc.pre(someUnnamed(blocks))
        const { grid, load95, meanLoad, stitchCount } = designStats(readStitchCsv(csv(blocks)))
        const loads = grid!.load.filter((l) => l >= 0)
        expect(loads.reduce((sum, l) => sum + l, 0) / 25).toBeCloseTo(stitchCount, 6)
        expect(meanLoad).toBeCloseTo((stitchCount * 25) / loads.length, 6)
        // At most one in twenty, and one more for the place between two, lies above it.
        expect(loads.filter((l) => l > load95 + 1e-9).length).toBeLessThanOrEqual(loads.length * 0.05 + 1)
        expect(load95).toBeLessThanOrEqual(Math.max(...loads))
      }),
    )
  })

  it('in a group is the sum of its parts, whichever way they lie', () => {
    fc.assert(
      fc.property(
        lists,
        lists,
        fc.constantFrom('below' as const, 'beside' as const),
        fc.nat({ max: 30 }),
        (a, b, way, gap) => {
          fc.pre(someUnnamed(a) && someUnnamed(b))
          const [one, other] = [readStitchCsv(csv(a)), readStitchCsv(csv(b))]
          const group = groupDesigns(layGroup([one, other], way, gap))
          const [w, h] = [group.width, group.height]
          expect(w).toBeCloseTo(way === 'below' ? Math.max(one.width, other.width) : one.width + gap + other.width, 6)
          expect(h).toBeCloseTo(
            way === 'below' ? one.height + gap + other.height : Math.max(one.height, other.height),
            6,
          )
          expect(designStats(group).stitchCount).toBe(designStats(one).stitchCount + designStats(other).stitchCount)
        },
      ),
    )
  })
})

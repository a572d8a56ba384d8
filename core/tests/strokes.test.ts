import fc from 'fast-check'
import type { Point } from '../src'
import { areaOf, isInside, union } from '../src/plane/polygons'
import { dashed } from '../src/design/svg/dashes'
import { flatten } from '../src/design/svg/flatten'
import { clockwise, strokePieces, type StrokeShape } from '../src/design/svg/strokeArea'

const round: StrokeShape = { width: 4, cap: 'round', join: 'round', miterLimit: 4 }
const TOLERANCE = 0.004
const stroked = (points: Point[], shape: StrokeShape, closed = false): Point[][] =>
  union(strokePieces({ points, closed }, shape, TOLERANCE).map(clockwise))

function distance(p: Point, line: readonly Point[]): number {
  return Math.min(
    ...line.slice(1).map((b, i) => {
      const a = line[i]!
      const [dx, dy] = [b.x - a.x, b.y - a.y]
      const t = Math.max(0, Math.min(1, ((p.x - a.x) * dx + (p.y - a.y) * dy) / (dx * dx + dy * dy || 1)))
      return Math.hypot(p.x - a.x - t * dx, p.y - a.y - t * dy)
    }),
  )
}
const at = fc.record({ x: fc.integer({ min: -20, max: 20 }), y: fc.integer({ min: -20, max: 20 }) })

describe('what a stroke paints', () => {
  it('with round ends and corners is all within half its width of the line, open or closed', () => {
    fc.assert(
      fc.property(
        fc.array(at, { minLength: 2, maxLength: 7 }),
        fc.array(at, { minLength: 20, maxLength: 20 }),
        fc.boolean(),
        (line, samples, closed) => {
          fc.pre(new Set(line.map((p) => `${p.x},${p.y}`)).size > 1)
          const area = stroked(line, round, closed)
          const whole = closed ? [...line, line[0]!] : line
          for (const sample of samples) {
            const p = { x: sample.x + 0.37, y: sample.y + 0.19 }
            const far = distance(p, whole)
            if (Math.abs(far - 2) > 0.02) expect(isInside(area, p)).toBe(far < 2)
          }
        },
      ),
      { numRuns: 200 },
    )
  })

  it('along a circle is a ring', () => {
    const [circle] = flatten('M10 0A10 10 0 0 1 -10 0A10 10 0 0 1 10 0Z', TOLERANCE, 1, true)
    const area = stroked(circle!.points, { ...round, width: 3 }, true)
    expect(areaOf(area)).toBeCloseTo(Math.PI * (11.5 ** 2 - 8.5 ** 2), 0)
    expect([isInside(area, { x: 0, y: 0 }), isInside(area, { x: 10, y: 0.1 })]).toEqual([false, true])
  })

  it('ends and joins as it is told', () => {
    const line = [
      { x: 0, y: 0 },
      { x: 20, y: 0 },
    ]
    const ends = (cap: StrokeShape['cap']) => areaOf(stroked(line, { ...round, cap }))
    expect(ends('butt')).toBeCloseTo(80, 6)
    expect(ends('square')).toBeCloseTo(96, 6)
    expect(ends('round')).toBeCloseTo(80 + Math.PI * 4, 1)
    // A right angle of arms 20 long and 4 wide: they share a square of 2, and the outer corner is a square, a
    // triangle or a quarter of a circle of 2.
    const corner = [
      { x: 0, y: 20 },
      { x: 0, y: 0 },
      { x: 20, y: 0 },
    ]
    const joins = (join: StrokeShape['join'], miterLimit = 4) =>
      areaOf(stroked(corner, { ...round, cap: 'butt', join, miterLimit }))
    expect(joins('miter')).toBeCloseTo(160 - 4 + 4, 6)
    expect(joins('miter', 1)).toBeCloseTo(160 - 4 + 2, 6)
    expect(joins('bevel')).toBeCloseTo(160 - 4 + 2, 6)
    expect(joins('round')).toBeCloseTo(160 - 4 + Math.PI, 1)
  })

  it('of a line without length is its ends, if they reach beyond it', () => {
    const dot = [
      { x: 3, y: 3 },
      { x: 3, y: 3 },
    ]
    expect(areaOf(stroked(dot, round))).toBeCloseTo(Math.PI * 4, 1)
    expect(areaOf(stroked(dot, { ...round, cap: 'square' }))).toBeCloseTo(16, 6)
    expect(stroked(dot, { ...round, cap: 'butt' })).toEqual([])
  })
})

describe('dashes', () => {
  const line = {
    points: [
      { x: 0, y: 0 },
      { x: 30, y: 0 },
      { x: 30, y: 20 },
    ],
    closed: false,
  }
  const lengths = (pattern: number[], offset = 0) =>
    dashed(line, pattern, offset).map(({ points }) =>
      points.slice(1).reduce((sum, p, i) => sum + Math.hypot(p.x - points[i]!.x, p.y - points[i]!.y), 0),
    )

  it('run along the line and round its corners', () => {
    // 50 along: 8 on and 4 off gives 0-8, 12-20, 24-32 round the corner, 36-44, 48-50.
    expect(lengths([8, 4])).toEqual([8, 8, 8, 8, 2])
    expect(lengths([8, 4], 6)).toEqual([2, 8, 8, 8, 8])
  })

  it('repeat an odd pattern the other way about, and leave a pattern of nothing whole', () => {
    // 5 on 3 off 2 on, then 5 off 3 on 2 off.
    expect(lengths([5, 3, 2]).slice(0, 4)).toEqual([5, 2, 3, 5])
    expect(lengths([0, 0])).toEqual([50])
    expect(lengths([-1, 2])).toEqual([50])
  })
})

describe('curves as straight pieces', () => {
  it('keep within the tolerance of the curve', () => {
    const exact = (t: number): Point => {
      const u = 1 - t
      return { x: 3 * u * t * t * 40 + t ** 3 * 40, y: 3 * u * u * t * 40 + 3 * u * t * t * 40 }
    }
    for (const stroke of [false, true]) {
      const [run] = flatten('M0 0C0 40 40 40 40 0', 0.01, 1, stroke)
      for (let i = 0; i <= 500; i++) expect(distance(exact(i / 500), run!.points)).toBeLessThan(0.0101)
    }
  })

  it('turn little from piece to piece where they are stroked', () => {
    const [run] = flatten('M0 0C0 1 1 1 1 0', 0.05, 1, true)
    const turns = run!.points.slice(2).map((c, i) => {
      const [a, b] = [run!.points[i]!, run!.points[i + 1]!]
      const [from, to] = [Math.atan2(b.y - a.y, b.x - a.x), Math.atan2(c.y - b.y, c.x - b.x)]
      return Math.abs(((to - from + 3 * Math.PI) % (2 * Math.PI)) - Math.PI)
    })
    expect(Math.max(...turns)).toBeLessThan((15 * Math.PI) / 180)
  })

  it('follow every command, small and large letters alike', () => {
    const ends = (d: string) => flatten(d, 0.1, 1).map((r) => r.points.at(-1)!)
    expect(ends('M1 1L5 1H9V4l-2 2h-1v1')).toEqual([{ x: 6, y: 7 }])
    expect(ends('M0 0q5 5 10 0t10 0')).toEqual([{ x: 20, y: 0 }])
    expect(ends('M0 0c0 5 5 5 5 0s5-5 5 0')).toEqual([{ x: 10, y: 0 }])
    expect(ends('M0 0h5v5zm10 10h1')).toEqual([
      { x: 5, y: 5 },
      { x: 11, y: 10 },
    ])
    // Drawing on after a close begins where the closed run began.
    expect(ends('M2 2h5v5zh3')).toEqual([
      { x: 7, y: 7 },
      { x: 5, y: 2 },
    ])
  })
})

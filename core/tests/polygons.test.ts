import fc from 'fast-check'
import type { Point } from '../src'
import {
  areaOf,
  filledArea,
  grown,
  insidePolygons,
  intersection,
  isInside,
  signedArea,
  union,
} from '../src/plane/polygons'

const rect = (x: number, y: number, w: number, h: number): Point[] => [
  { x, y },
  { x: x + w, y },
  { x: x + w, y: y + h },
  { x, y: y + h },
]
const number = fc.integer({ min: -40, max: 40 })
const side = fc.integer({ min: 1, max: 40 })
const someRect = fc.record({ x: number, y: number, w: side, h: side })
const someRing = fc.array(fc.record({ x: number, y: number }), { minLength: 3, maxLength: 12 })

/** Winding number of a ring about a point, by summed angles. */
function winding(ring: Point[], { x, y }: Point): number {
  let sum = 0
  ring.forEach((a, i) => {
    const b = ring[(i + 1) % ring.length]!
    const [ax, ay, bx, by] = [a.x - x, a.y - y, b.x - x, b.y - y]
    sum += Math.atan2(ax * by - ay * bx, ax * bx + ay * by)
  })
  return Math.round(sum / (2 * Math.PI))
}

describe('areas', () => {
  it('unite and meet as rectangles do', () => {
    fc.assert(
      fc.property(someRect, someRect, (a, b) => {
        const wide = Math.max(0, Math.min(a.x + a.w, b.x + b.w) - Math.max(a.x, b.x))
        const high = Math.max(0, Math.min(a.y + a.h, b.y + b.h) - Math.max(a.y, b.y))
        const [one, other] = [rect(a.x, a.y, a.w, a.h), rect(b.x, b.y, b.w, b.h)]
        expect(areaOf(intersection([one], [other]))).toBeCloseTo(wide * high, 6)
        expect(areaOf(union([[one], [other]]))).toBeCloseTo(a.w * a.h + b.w * b.h - wide * high, 6)
      }),
    )
  })

  it('are filled under either rule as the winding number says', () => {
    fc.assert(
      fc.property(someRing, fc.record({ x: number, y: number }), (ring, at) => {
        const p = { x: at.x + 0.137, y: at.y + 0.271 }
        const turns = winding(ring, p)
        expect(isInside(filledArea([ring], 'nonzero'), p)).toBe(turns !== 0)
        expect(isInside(filledArea([ring], 'evenodd'), p)).toBe(turns % 2 !== 0)
      }),
      { numRuns: 300 },
    )
  })

  it('of a plain shape are the shape itself, clockwise', () => {
    const back = rect(0, 0, 10, 5).reverse()
    expect(signedArea(back)).toBe(-50)
    expect(filledArea([back], 'evenodd')).toEqual([rect(0, 0, 10, 5)])
    // A star crosses itself and is no plain shape, though it turns one way only.
    const star = [0, 2, 4, 1, 3].map((i) => ({
      x: 10 * Math.sin((i * 2 * Math.PI) / 5),
      y: -10 * Math.cos((i * 2 * Math.PI) / 5),
    }))
    expect(isInside(filledArea([star], 'nonzero'), { x: 0, y: 0 })).toBe(true)
    expect(isInside(filledArea([star], 'evenodd'), { x: 0, y: 0 })).toBe(false)
    expect(filledArea([[{ x: 1, y: 1 }]], 'nonzero')).toEqual([])
  })

  it('unite the same whether few or many', () => {
    // A chain of 300 squares, each half over the next: 5 high, 300 steps of 2.5 and the last half.
    const chain = Array.from({ length: 300 }, (_, i) => [rect(i * 2.5, 0, 5, 5)])
    expect(areaOf(union(chain))).toBeCloseTo((299 * 2.5 + 5) * 5, 4)
    expect(union(chain)).toHaveLength(1)
  })

  it('grow by the same all round, with corners a quarter of a circle', () => {
    fc.assert(
      fc.property(side, side, fc.integer({ min: 1, max: 15 }), (w, h, by) => {
        const area = areaOf(grown([rect(0, 0, w, h)], by))
        const exact = w * h + 2 * by * (w + h) + Math.PI * by * by
        // Circles are many-sided and lie a little within.
        expect(area).toBeLessThan(exact + 1e-3)
        expect(area).toBeGreaterThan(exact - 0.02 * by * by - 0.02)
      }),
    )
  })

  it('are sampled along a level where they are', () => {
    fc.assert(
      fc.property(someRing, number, (ring, level) => {
        const area = filledArea([ring], 'evenodd')
        const y = level + 0.31
        const seen = [...insidePolygons(area, y, -40.25, 0.5)]
        const expected = Array.from({ length: 162 }, (_, i) => -40.25 + i * 0.5).filter((x) => isInside(area, { x, y }))
        expect(seen.map((x) => x.toFixed(3))).toEqual(expected.map((x) => x.toFixed(3)))
      }),
    )
  })
})

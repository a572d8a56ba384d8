import fc from 'fast-check'
import { rectangle } from '../src'
import { applyPose, inversePose } from '../src/plane'
import { clipConvex, drawnArea, type HalfPlane, wideBox } from '../src/plane/halfPlane'
import { intersectTangents } from '../src/plane/intersectTangents'
import { gapBetween, insetOf, insidePolygon } from '../src/plane/polygonDistance'

const number = fc.double({ min: -200, max: 200, noNaN: true })
const pose = fc.record({ x: number, y: number, rotation: fc.double({ min: -180, max: 180, noNaN: true }) })

describe('poses', () => {
  it('turn clockwise as drawn, y down', () => {
    expect(applyPose({ x: 10, y: 0, rotation: 90 }, { x: 1, y: 0 })).toEqual({
      x: expect.closeTo(10, 12),
      y: expect.closeTo(1, 12),
    })
  })

  it('are undone by their inverse', () => {
    fc.assert(
      fc.property(pose, fc.record({ x: number, y: number }), (p, point) => {
        const back = applyPose(inversePose(p), applyPose(p, point))
        return Math.hypot(back.x - point.x, back.y - point.y) < 1e-9
      }),
    )
  })
})

describe('distances between outlines', () => {
  const square = rectangle(100, 100)

  it.each([
    ['apart to the side', rectangle(20, 20, { x: 80, y: 0 }), 20],
    ['apart at the corner', rectangle(20, 20, { x: 63, y: 64 }), 5],
    ['touching', rectangle(20, 20, { x: 60, y: 0 }), 0],
    ['crossing', rectangle(20, 20, { x: 50, y: 0 }), 0],
    ['one in the other', rectangle(20, 20), 0],
  ])('%s', (_, other, gap) => {
    expect(gapBetween(square, other)).toBeCloseTo(gap, 9)
    expect(gapBetween(other, square)).toBeCloseTo(gap, 9)
  })

  it.each([
    ['20 mm inside on its nearest side', rectangle(20, 20, { x: 20, y: 5 }), 20],
    ['10 mm over one edge', rectangle(20, 20, { x: 50, y: 0 }), -10],
    ['over a corner, by the diagonal', rectangle(20, 20, { x: 43, y: 44 }), -5],
    ['wholly outside, by its farthest point', rectangle(20, 20, { x: 100, y: 0 }), -60],
  ])('an inset: %s', (_, inner, inset) => {
    expect(insetOf(inner, square)).toBeCloseTo(inset, 9)
  })

  it('knows a dent: a point in the bay of a U is not inside it', () => {
    const u = [
      { x: 0, y: 0 },
      { x: 10, y: 0 },
      { x: 10, y: 30 },
      { x: 20, y: 30 },
      { x: 20, y: 0 },
      { x: 30, y: 0 },
      { x: 30, y: 40 },
      { x: 0, y: 40 },
    ]
    expect([insidePolygon({ x: 15, y: 10 }, u), insidePolygon({ x: 5, y: 10 }, u)]).toEqual([false, true])
  })
})

describe('half-planes', () => {
  const round = (count: number, distance: (angle: number) => number): HalfPlane[] =>
    Array.from({ length: count }, (_, i) => {
      const angle = (2 * Math.PI * i) / count
      return { nx: Math.cos(angle), ny: Math.sin(angle), d: distance(angle) }
    })

  it('cut a square in half, and a square away', () => {
    const square = wideBox(10)
    expect(drawnArea(square)).toBe(400)
    expect(drawnArea(clipConvex(square, { nx: 1, ny: 0, d: 0 }))).toBe(200)
    expect(clipConvex(square, { nx: 1, ny: 0, d: -11 })).toEqual([])
  })

  it('that touch a circle enclose little more than the circle, counter-clockwise as drawn', () => {
    const polygon = intersectTangents(round(360, () => 50))
    expect(polygon).toHaveLength(360)
    expect(drawnArea(polygon)).toBeCloseTo(360 * 2500 * Math.tan(Math.PI / 360), 6)
  })

  it('in one pass are the same as cut one after another', () => {
    const shift = fc.record({ x: fc.integer({ min: -30, max: 30 }), y: fc.integer({ min: -30, max: 30 }) })
    fc.assert(
      fc.property(fc.array(shift, { minLength: 1, maxLength: 5 }), fc.integer({ min: 10, max: 60 }), (centres, r) => {
        // Circles of radius r about several centres: what they share, by their tangents.
        const planes = round(72, (angle) =>
          Math.min(...centres.map((c) => r + c.x * Math.cos(angle) + c.y * Math.sin(angle))),
        )
        const twin = planes.reduce(clipConvex, wideBox(500))
        const area = twin.length >= 3 ? drawnArea(twin) : 0
        const fast = intersectTangents(planes)
        return Math.abs((fast.length >= 3 ? drawnArea(fast) : 0) - area) < 1e-6 * Math.max(1, area)
      }),
    )
  })
})

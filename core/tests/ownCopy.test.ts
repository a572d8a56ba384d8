import { writeMessage } from '@thimble/language'
import fc from 'fast-check'
import { changeOutline, type DesignOutline, sizedHull } from '../src/design'
import { placeInHoop, rankHoops, scaleToFit } from '../src/hooping'
import { type Point, rectangle } from '../src/plane'

const badge: DesignOutline = {
  ...{ width: 60, height: 20, hull: rectangle(60, 20), load: 50, smallestLetterMm: 6 },
  sketch: [{ areas: [[-30, -10, 30, -10, 30, 10]], lines: [[0, 0, 30, 10]] }],
}
const near = (points: readonly Point[]) =>
  points.map(({ x, y }) => [Math.round(x * 1e6) / 1e6, Math.round(y * 1e6) / 1e6])

describe('a piece’s own copy of a design', () => {
  it('turned a quarter clockwise, what lay at the right lies at the foot', () => {
    const turned = changeOutline(badge, { scale: 1, rotate: 90, mirror: 'none' }, false)
    expect([turned.width, turned.height]).toEqual([expect.closeTo(20, 9), expect.closeTo(60, 9)])
    // (30, 10) goes to (-10, 30): y grows toward the worker.
    expect(turned.sketch![0]!.lines[0]!.slice(2)).toEqual([expect.closeTo(-10, 9), expect.closeTo(30, 9)])
  })

  it('scaled by a tenth, its letters grow with it and its stitches lie farther apart by the square', () => {
    const larger = changeOutline(badge, { scale: 1.1, rotate: 0, mirror: 'none' }, false)
    expect([larger.width, larger.smallestLetterMm, larger.load]).toEqual([
      expect.closeTo(66, 9),
      expect.closeTo(6.6, 9),
      expect.closeTo(50 / 1.21, 9),
    ])
    expect(changeOutline(badge, { scale: 1.1, rotate: 0, mirror: 'none' }, true).load).toBe(50)
  })

  it('mirrored twice it is as it was, and its box stays about its middle whatever is done', () => {
    const change = fc.record({
      scale: fc.double({ min: 0.8, max: 1.2, noNaN: true }),
      rotate: fc.integer({ min: -180, max: 180 }),
      mirror: fc.constantFrom('none' as const, 'left-right' as const, 'top-bottom' as const),
    })
    fc.assert(
      fc.property(change, (c) => {
        const { hull, width, height } = changeOutline(badge, c, false)
        expect(Math.max(...hull.map((p) => p.x))).toBeCloseTo(width / 2, 6)
        expect(Math.min(...hull.map((p) => p.y))).toBeCloseTo(-height / 2, 6)
      }),
    )
    const mirror = { scale: 1, rotate: 0, mirror: 'left-right' } as const
    expect(near(changeOutline(changeOutline(badge, mirror, false), mirror, false).hull)).toEqual(near(badge.hull))
  })
})

describe('a design known by its size alone', () => {
  it('as an oval lies on its ellipse and fills its box', () => {
    const oval = sizedHull(90, 60, 'oval')
    for (const { x, y } of oval) expect((x / 45) ** 2 + (y / 30) ** 2).toBeCloseTo(1, 9)
    expect([Math.max(...oval.map((p) => p.x)), Math.max(...oval.map((p) => p.y))]).toEqual([45, 30])
  })

  it('goes into a round field as a round where it does not as a rectangle', () => {
    const field = { shape: 'oval', width: 100, height: 100 } as const
    const fits = (shape: 'rectangle' | 'oval') =>
      placeInHoop({ hull: sizedHull(90, 90, shape), field, pose: { x: 0, y: 0, rotation: 0 } }).fits
    expect([fits('rectangle'), fits('oval')]).toEqual([false, true])
  })

  it('is told that it is the field’s round corners that refuse it, and not its size', () => {
    const hoop = (cornerRadius: number, width = 100) => ({
      ...{ id: 'h', name: 'H', outside: { width: 140, height: 140 } },
      field: { shape: 'rect' as const, width, height: 100, cornerRadius },
    })
    const says = (corner: number, width?: number) =>
      rankHoops({ hull: rectangle(98, 98), hoops: [hoop(corner, width)] })[0]!
        .reasons.map((r) => writeMessage(r.said))
        .join(' ')
    expect(says(40)).toMatch(/corners reach .* into the field’s round corners. Otherwise it would fit/)
    expect(says(40, 90)).toMatch(/reaches 4 mm past the sewing field|reaches .* past the sewing field/)
  })
})

describe('as large as a hoop takes it', () => {
  it('is limited by the tighter side, and by the margin', () => {
    const field = { shape: 'rect', width: 130, height: 180, cornerRadius: 0 } as const
    expect(scaleToFit({ hull: rectangle(80, 60), field })).toBeCloseTo(130 / 80, 3)
    expect(scaleToFit({ hull: rectangle(80, 60), field, margin: 5 })).toBeCloseTo(120 / 80, 3)
    // A quarter round its 80 lie along the 180 of the field, and its 60 along the 130.
    expect(scaleToFit({ hull: rectangle(80, 60), field, rotations: [0, 90] })).toBeCloseTo(130 / 60, 3)
  })

  it('goes in at that scale and not at one a hundredth larger', () => {
    const side = fc.integer({ min: 10, max: 300 })
    fc.assert(
      fc.property(side, side, fc.constantFrom('rectangle' as const, 'oval' as const), (w, h, shape) => {
        const field = { shape: 'oval', width: 160, height: 120 } as const
        const hull = sizedHull(w, h, shape)
        const scale = scaleToFit({ hull, field })
        const fits = (s: number): boolean =>
          placeInHoop({
            hull: hull.map((p) => ({ x: p.x * s, y: p.y * s })),
            ...{ field, pose: { x: 0, y: 0, rotation: 0 } },
          }).fits
        expect([fits(scale), fits(scale * 1.01)]).toEqual([true, false])
      }),
      { numRuns: 40 },
    )
  })
})

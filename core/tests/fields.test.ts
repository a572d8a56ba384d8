import fc from 'fast-check'
import type { HoopField } from '../src'
import { shrunkenField } from '../src/hooping/fields/shrunkenField'

const fields: HoopField[] = [
  { shape: 'rect', width: 180, height: 130, cornerRadius: 25 },
  { shape: 'rect', width: 90, height: 200, cornerRadius: 0 },
  { shape: 'oval', width: 200, height: 110 },
  { shape: 'oval', width: 80, height: 150 },
  {
    shape: 'polygon',
    points: [
      { x: -80, y: 70 },
      { x: 70, y: 60 },
      { x: 90, y: -50 },
      { x: -90, y: -60 },
    ],
  },
]
const cases = fields.flatMap((field) =>
  [0, 6, 20].map((margin) => [`${field.shape} less ${margin}`, field, margin] as const),
)
const point = fc.record({
  x: fc.double({ min: -130, max: 130, noNaN: true }),
  y: fc.double({ min: -130, max: 130, noNaN: true }),
})

describe('a sewing field less its margin', () => {
  it('keeps a rounded corner parallel: radius 25 less 10 leaves 15', () => {
    const field = shrunkenField({ shape: 'rect', width: 180, height: 130, cornerRadius: 25 }, 10)
    // The corner's centre stays at (65, 40); the farthest point of the diagonal lies 15 from it.
    const far = 15 / Math.SQRT2
    expect(field.signedDistance(65 + far, 40 + far)).toBeCloseTo(0, 9)
    expect(field.signedDistance(80, 55)).toBeCloseTo(15 - Math.hypot(15, 15), 9)
  })

  it('measures an oval along its axes, inside and outside', () => {
    const field = shrunkenField({ shape: 'oval', width: 200, height: 100 }, 0)
    expect(field.signedDistance(0, 0)).toBeCloseTo(50, 9)
    expect(field.signedDistance(0, 60)).toBeCloseTo(-10, 9)
    expect(field.signedDistance(110, 0)).toBeCloseTo(-10, 9)
    expect(field.signedDistance(95, 0)).toBeCloseTo(5, 9)
  })

  it('ends an oval in a corner where the margin passes its tightest curve', () => {
    // b2/a = 25: at a margin of 40 the two parallel branches meet on the long axis.
    const field = shrunkenField({ shape: 'oval', width: 200, height: 100 }, 40)
    const sin2 = ((40 * 100) / 50) ** 2 / (100 ** 2 - 50 ** 2) - 50 ** 2 / (100 ** 2 - 50 ** 2)
    const tip = Math.sqrt(1 - sin2) * (100 - 25)
    expect(field.row(0)!.to).toBeCloseTo(tip, 6)
    expect(field.signedDistance(tip + 3, 0)).toBeCloseTo(-3, 6)
  })

  it.each([
    [
      'a dent',
      [
        { x: 0, y: 0 },
        { x: 100, y: 0 },
        { x: 50, y: 10 },
        { x: 50, y: 80 },
      ],
    ],
    [
      'no area',
      [
        { x: 0, y: 0 },
        { x: 50, y: 0 },
        { x: 100, y: 0 },
      ],
    ],
  ])('refuses a polygon with %s', (_, points) => {
    expect(() => shrunkenField({ shape: 'polygon', points }, 0)).toThrow(expect.objectContaining({ code: 'bad-field' }))
  })

  it.each(cases)('%s: rows and columns end where the distance is nothing', (_, field, margin) => {
    const shape = shrunkenField(field, margin)
    fc.assert(
      fc.property(point, ({ x, y }) => {
        const row = shape.row(y)
        const column = shape.column(x)
        const onEdge = (px: number, py: number): boolean => Math.abs(shape.signedDistance(px, py)) < 1e-5
        const rowHolds = !row || row.to - row.from < 1e-3 || (onEdge(row.from, y) && onEdge(row.to, y))
        const columnHolds =
          !column || column.to - column.from < 1e-3 || (onEdge(x, column.from) && onEdge(x, column.to))
        return rowHolds && columnHolds
      }),
      { numRuns: 150 },
    )
  })

  it.each(cases)(
    '%s: the supporting line at an outside point touches the field where it is nearest',
    (_, field, margin) => {
      const shape = shrunkenField(field, margin)
      fc.assert(
        fc.property(point, ({ x, y }) => {
          const out = -shape.signedDistance(x, y)
          if (out < 0.01) return true
          const { nx, ny, d } = shape.support(x, y)
          const beyond = nx * x + ny * y - d
          const foot = shape.signedDistance(x - nx * out, y - ny * out)
          return Math.abs(Math.hypot(nx, ny) - 1) < 1e-9 && Math.abs(beyond - out) < 1e-5 && Math.abs(foot) < 1e-5
        }),
        { numRuns: 150 },
      )
    },
  )

  it.each(cases)('%s: the cheap bound never promises more than there is', (_, field, margin) => {
    const shape = shrunkenField(field, margin)
    if (!shape.roomAtLeast) return
    fc.assert(fc.property(point, ({ x, y }) => shape.roomAtLeast!(x, y) <= shape.signedDistance(x, y) + 1e-9))
  })
})

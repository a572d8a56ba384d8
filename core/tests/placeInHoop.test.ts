import fc from 'fast-check'
import { type HoopField, placeInHoop, type Point, type Pose, rectangle } from '../src'
import { applyPose } from '../src/plane'

/** Independent twin: a point is inside the shrunken field when no edge point of the full field is nearer than the margin. */
function edgeOf(field: HoopField, parts = 3000): Point[] {
  if (field.shape === 'oval')
    return Array.from({ length: parts }, (_, i) => ({
      x: (field.width / 2) * Math.cos((2 * Math.PI * i) / parts),
      y: (field.height / 2) * Math.sin((2 * Math.PI * i) / parts),
    }))
  if (field.shape === 'polygon')
    return field.points.flatMap((a, i) => {
      const b = field.points[(i + 1) % field.points.length]!
      return Array.from({ length: 800 }, (_, j) => ({
        x: a.x + ((b.x - a.x) * j) / 800,
        y: a.y + ((b.y - a.y) * j) / 800,
      }))
    })
  const [w, h, r] = [field.width / 2, field.height / 2, field.cornerRadius]
  const corner = (cx: number, cy: number, from: number): Point[] =>
    Array.from({ length: 400 }, (_, i) => ({
      x: cx + r * Math.cos(from + (i / 399) * (Math.PI / 2)),
      y: cy + r * Math.sin(from + (i / 399) * (Math.PI / 2)),
    }))
  const arcs = [
    corner(w - r, h - r, 0),
    corner(r - w, h - r, Math.PI / 2),
    corner(r - w, r - h, Math.PI),
    corner(w - r, r - h, 1.5 * Math.PI),
  ]
  return arcs.flatMap((arc, i) => {
    const [a, b] = [arc.at(-1)!, arcs[(i + 1) % 4]![0]!]
    return [
      ...arc,
      ...Array.from({ length: 1000 }, (_, j) => ({
        x: a.x + ((b.x - a.x) * j) / 1000,
        y: a.y + ((b.y - a.y) * j) / 1000,
      })),
    ]
  })
}
const inside = (p: Point, edge: Point[]): boolean =>
  edge.reduce((odd, a, i) => {
    const b = edge[(i + 1) % edge.length]!
    return a.y > p.y !== b.y > p.y && p.x < ((b.x - a.x) * (p.y - a.y)) / (b.y - a.y) + a.x ? !odd : odd
  }, false)
const toSegment = (p: Point, a: Point, b: Point): number => {
  const [dx, dy] = [b.x - a.x, b.y - a.y]
  const t = Math.min(1, Math.max(0, ((p.x - a.x) * dx + (p.y - a.y) * dy) / (dx * dx + dy * dy || 1)))
  return Math.hypot(p.x - a.x - t * dx, p.y - a.y - t * dy)
}
const depth = (p: Point, edge: Point[]): number =>
  (inside(p, edge) ? 1 : -1) * Math.min(...edge.map((a, i) => toSegment(p, a, edge[(i + 1) % edge.length]!)))

const fields: HoopField[] = [
  { shape: 'rect', width: 180, height: 130, cornerRadius: 0 },
  { shape: 'rect', width: 180, height: 130, cornerRadius: 30 },
  { shape: 'oval', width: 200, height: 110 },
  { shape: 'oval', width: 90, height: 150 },
  {
    shape: 'polygon',
    points: [
      { x: -90, y: -60 },
      { x: 90, y: -50 },
      { x: 70, y: 60 },
      { x: -80, y: 70 },
    ],
  },
]
const hull = fc.array(fc.record({ x: fc.integer({ min: -45, max: 45 }), y: fc.integer({ min: -30, max: 30 }) }), {
  minLength: 3,
  maxLength: 10,
})
const pose = fc.record({
  x: fc.integer({ min: -40, max: 40 }),
  y: fc.integer({ min: -30, max: 30 }),
  rotation: fc.integer({ min: -180, max: 180 }),
})
const margin = fc.constantFrom(0, 4, 12)
/** The reach of these is cut at the last corner of its outline, which puts a new one before the first. */
const lastCornerCut: Point[] = [
  { x: -22, y: 0 },
  { x: 0, y: 0 },
  { x: -23, y: 11 },
]
const at = (h: Point[], p: Pose): Point[] => h.map((q) => applyPose(p, q))

describe('placeInHoop', () => {
  it('centres 84 x 62 in a 100 square with 8 and 19 to spare', () => {
    const fit = placeInHoop({
      hull: rectangle(84, 62),
      field: { shape: 'rect', width: 100, height: 100, cornerRadius: 0 },
      pose: { x: 0, y: 0, rotation: 0 },
    })
    expect(fit).toMatchObject({ fits: true, clearance: 8, slack: { left: 8, right: 8, up: 19, down: 19 } })
    // The corner at hypot(42, 31), 36.43 degrees up, meets x = 50 after turning 19.73 degrees.
    const corner = Math.hypot(42, 31)
    const expected = ((Math.atan2(31, 42) - Math.acos(50 / corner)) * 180) / Math.PI
    expect(fit.skewTolerance).toBeCloseTo(expected, 4)
    expect(fit.skewToleranceNudged).toBeCloseTo(expected, 4)
  })

  it('lets a touching design fit, and refuses one that is a hair over', () => {
    const field: HoopField = { shape: 'rect', width: 100, height: 100, cornerRadius: 0 }
    const tight = placeInHoop({ hull: rectangle(100, 100), field, pose: { x: 0, y: 0, rotation: 0 } })
    expect(tight).toMatchObject({ fits: true, reach: [] })
    expect(tight.skewTolerance).toBeLessThan(1e-4)
    expect(placeInHoop({ hull: rectangle(100.01, 60), field, pose: { x: 0, y: 0, rotation: 0 } })).toMatchObject({
      fits: false,
      skewTolerance: 0,
      skewToleranceNudged: 0,
      slack: { left: 0, right: 0, up: 0, down: 0 },
    })
  })

  it('keeps a round field round: a point on its rim may turn for ever', () => {
    const fit = placeInHoop({
      hull: rectangle(60, 80),
      field: { shape: 'oval', width: 100, height: 100 },
      pose: { x: 0, y: 0, rotation: 0 },
    })
    expect(fit.fits).toBe(true)
    expect(fit.skewTolerance).toBe(45)
  })

  it('says why nothing can be placed', () => {
    const q = { hull: rectangle(10, 10), field: fields[0]!, pose: { x: 0, y: 0, rotation: 0 } }
    const code = (over: object): string => {
      try {
        placeInHoop({ ...q, ...over })
        return 'none'
      } catch (e) {
        return (e as { code: string }).code
      }
    }
    expect([
      code({ margin: 65 }),
      code({ hull: [] }),
      code({ field: { shape: 'oval', width: 0, height: 3 } }),
      code({ margin: -1 }),
      code({ field: { shape: 'oval', width: 200, height: 60 }, margin: 30 }),
    ]).toEqual(['no-field', 'degenerate', 'bad-field', 'bad-margin', 'no-field'])
  })

  it.each(fields.map((field) => [`${field.shape} ${fields.indexOf(field)}`, field] as const))(
    'measures clearance like a brute-force twin: %s',
    (_, field) => {
      const edge = edgeOf(field)
      fc.assert(
        fc.property(hull, pose, margin, (h, p, m) => {
          const fit = placeInHoop({ hull: h, field, pose: p, margin: m })
          const twin = Math.min(...at(h, p).map((q) => depth(q, edge))) - m
          // Outside a shrunken field's corner the nearest point is the corner itself, which the twin does not know.
          return twin < -0.05
            ? fit.clearance < 0.05 && fit.clearance <= twin + 0.01
            : Math.abs(fit.clearance - twin) < 0.01
        }),
        { numRuns: 60 },
      )
    },
  )

  it.each(fields.map((field) => [`${field.shape} ${fields.indexOf(field)}`, field] as const))(
    'moves to the end of its slack and reach, and no farther: %s',
    (_, field) => {
      const fits = (h: Point[], p: Pose, m: number): number =>
        placeInHoop({ hull: h, field, pose: p, margin: m }).clearance
      fc.assert(
        fc.property(hull, pose, margin, (h, p, m) => {
          const fit = placeInHoop({ hull: h, field, pose: p, margin: m })
          for (const c of fit.reach.filter((_, i) => i % 9 === 0)) if (fits(h, { ...p, ...c }, m) < -0.01) return false
          const middle = fit.reach.reduce(
            (s, c) => ({ x: s.x + c.x / fit.reach.length, y: s.y + c.y / fit.reach.length }),
            { x: 0, y: 0 },
          )
          for (const c of fit.reach.filter((_, i) => i % 9 === 4)) {
            const far = Math.hypot(c.x - middle.x, c.y - middle.y)
            if (far < 1) continue
            const out = (far + 0.03) / far
            if (
              fits(h, { ...p, x: middle.x + (c.x - middle.x) * out, y: middle.y + (c.y - middle.y) * out }, m) > 0.001
            )
              return false
          }
          if (!fit.fits) return true
          const { left, right, up, down } = fit.slack
          return [
            [-left, 0],
            [right, 0],
            [0, -up],
            [0, down],
          ].every(([dx, dy]) => {
            const [ux, uy] = [Math.sign(dx!) || 0, Math.sign(dy!) || 0]
            return (
              fits(h, { ...p, x: p.x + dx!, y: p.y + dy! }, m) > -1e-3 &&
              (ux === 0 && uy === 0
                ? true
                : fits(h, { ...p, x: p.x + dx! + ux * 0.02, y: p.y + dy! + uy * 0.02 }, m) < 1e-3)
            )
          })
        }),
        { numRuns: 15, examples: [[lastCornerCut, { x: 0, y: 0, rotation: -7 }, 0]] },
      )
    },
  )

  it.each(fields.map((field) => [`${field.shape} ${fields.indexOf(field)}`, field] as const))(
    'turns as far as a scan of turns says: %s',
    (_, field) => {
      fc.assert(
        fc.property(hull, pose, (h, p) => {
          const fit = placeInHoop({ hull: h, field, pose: p })
          if (!fit.fits) return fit.skewTolerance === 0
          const clear = (r: number): number =>
            placeInHoop({ hull: h, field, pose: { ...p, rotation: p.rotation + r } }).clearance
          for (let r = 0; r < fit.skewTolerance - 0.01; r += 7) if (clear(r) < -1e-4 || clear(-r) < -1e-4) return false
          const just = fit.skewTolerance + 0.02
          return (
            fit.skewToleranceNudged >= fit.skewTolerance - 1e-3 &&
            (fit.skewTolerance >= 45 || Math.min(clear(just), clear(-just)) < 1e-4)
          )
        }),
        { numRuns: 12 },
      )
    },
  )

  it('finds the nudged turn where the reach runs empty', () => {
    for (const field of fields) {
      const h = [
        { x: -80, y: -20 },
        { x: 60, y: -35 },
        { x: 75, y: 22 },
        { x: -50, y: 40 },
      ].map((q) => ({ x: q.x * 0.62, y: q.y * 0.9 }))
      const fit = placeInHoop({ hull: h, field, pose: { x: 0, y: 0, rotation: 10 } })
      const empty = (r: number): boolean =>
        placeInHoop({ hull: h, field, pose: { x: 0, y: 0, rotation: 10 + r } }).reach.length === 0
      const d = fit.skewToleranceNudged
      for (let r = 1; r < d - 0.05; r += 6) expect(empty(r) || empty(-r)).toBe(false)
      if (fit.reach.length > 0 && d < 45) expect(empty(d + 0.05) || empty(-d - 0.05)).toBe(true)
    }
  })
})

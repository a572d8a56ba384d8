import fc from 'fast-check'
import { convexHull, type Point, rigidFit } from '../src'
import { applyPose } from '../src/plane'

const coordinate = fc.integer({ min: -300, max: 300 })
const points = fc.array(fc.record({ x: coordinate, y: coordinate }), { minLength: 3, maxLength: 40 })
const turn = (a: Point, b: Point, c: Point): number => (b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x)

describe('convexHull', () => {
  it('runs counter-clockwise as drawn and drops what lies on its edges', () => {
    const hull = convexHull([
      { x: 0, y: 0 },
      { x: 2, y: 0 },
      { x: 1, y: 0 },
      { x: 2, y: 2 },
      { x: 0, y: 2 },
      { x: 1, y: 1 },
      { x: 0, y: 2 },
    ])
    const start = hull.findIndex((p) => p.x === 0 && p.y === 0)
    expect([...hull.slice(start), ...hull.slice(0, start)]).toEqual([
      { x: 0, y: 0 },
      { x: 0, y: 2 },
      { x: 2, y: 2 },
      { x: 2, y: 0 },
    ])
  })

  it('keeps one point as one, a line as its ends, nothing as nothing', () => {
    expect(convexHull([])).toEqual([])
    expect(
      convexHull([
        { x: 1, y: 1 },
        { x: 1, y: 1 },
      ]),
    ).toEqual([{ x: 1, y: 1 }])
    expect(
      convexHull([
        { x: 0.1, y: 0.3 },
        { x: 0.2, y: 0.6 },
        { x: 0.3, y: 0.9 },
      ]),
    ).toHaveLength(2)
  })

  it('turns left at every corner on paper and holds every point', () => {
    fc.assert(
      fc.property(points, (cloud) => {
        const hull = convexHull(cloud)
        if (hull.length < 3) return true
        const ring = hull.map((p, i) => [p, hull[(i + 1) % hull.length]!, hull[(i + 2) % hull.length]!] as const)
        return (
          ring.every(([a, b, c]) => turn(a, b, c) < 0) && ring.every(([a, b]) => cloud.every((p) => turn(a, b, p) <= 0))
        )
      }),
    )
  })
})

describe('rigidFit', () => {
  it('finds a quarter turn clockwise with its move', () => {
    const fit = rigidFit([
      { from: { x: 0, y: 0 }, to: { x: 10, y: 5 } },
      { from: { x: 100, y: 0 }, to: { x: 10, y: 105 } },
    ])
    expect(fit.pose.rotation).toBeCloseTo(90, 9)
    expect(fit.pose.x).toBeCloseTo(10, 9)
    expect(fit.rms).toBeCloseTo(0, 9)
    expect(fit.stretch).toEqual({ along: expect.closeTo(0, 9), across: 0 })
  })

  it('reports a knit pulled 2 % along and 1 % across, and the residual of it', () => {
    const dots = [
      { x: -50, y: 0 },
      { x: 50, y: 0 },
      { x: 0, y: -40 },
      { x: 0, y: 40 },
    ]
    const fit = rigidFit(dots.map((from) => ({ from, to: { x: from.x * 1.02, y: from.y * 1.01 } })))
    expect(fit.stretch.along).toBeCloseTo(0.02, 9)
    expect(fit.stretch.across).toBeCloseTo(0.01, 9)
    expect(fit.rms).toBeCloseTo(Math.sqrt((2 * 1 + 2 * 0.16) / 4), 9)
  })

  it.each([
    ['one pair', [{ from: { x: 0, y: 0 }, to: { x: 1, y: 1 } }]],
    [
      'marks on one spot',
      [
        { from: { x: 2, y: 2 }, to: { x: 0, y: 0 } },
        { from: { x: 2, y: 2 }, to: { x: 5, y: 0 } },
      ],
    ],
    [
      'a mark that is no number',
      [
        { from: { x: 0, y: 0 }, to: { x: Number.NaN, y: 0 } },
        { from: { x: 1, y: 0 }, to: { x: 1, y: 0 } },
      ],
    ],
  ])('refuses %s', (_, pairs) => {
    expect(() => rigidFit(pairs)).toThrow(expect.objectContaining({ code: 'degenerate' }))
  })

  it('gives back any turn and move, and no turn nearby fits noisy marks better', () => {
    const offset = fc.double({ min: -200, max: 200, noNaN: true })
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.record({ x: coordinate, y: coordinate }), {
          minLength: 2,
          maxLength: 6,
          selector: (p) => `${p.x},${p.y}`,
        }),
        fc.record({ x: offset, y: offset, rotation: fc.double({ min: -179, max: 180, noNaN: true }) }),
        fc.array(fc.double({ min: -1, max: 1, noNaN: true }), { minLength: 12, maxLength: 12 }),
        (from, pose, noise) => {
          const clean = rigidFit(from.map((p) => ({ from: p, to: applyPose(pose, p) })))
          const away = Math.abs(((clean.pose.rotation - pose.rotation + 540) % 360) - 180)
          const noisy = from.map((p, i) => ({
            from: p,
            to: { x: applyPose(pose, p).x + noise[2 * i]!, y: applyPose(pose, p).y + noise[2 * i + 1]! },
          }))
          const fit = rigidFit(noisy)
          const cost = (rotation: number): number => {
            const moved = noisy.map(({ from: f, to }) => ({ at: applyPose({ x: 0, y: 0, rotation }, f), to }))
            const dx = moved.reduce((s, m) => s + m.to.x - m.at.x, 0) / moved.length
            const dy = moved.reduce((s, m) => s + m.to.y - m.at.y, 0) / moved.length
            return moved.reduce((s, m) => s + (m.at.x + dx - m.to.x) ** 2 + (m.at.y + dy - m.to.y) ** 2, 0)
          }
          const best = cost(fit.pose.rotation)
          return away < 1e-6 && clean.rms < 1e-6 && [-0.5, 0.5].every((d) => cost(fit.pose.rotation + d) >= best - 1e-9)
        },
      ),
      { numRuns: 300 },
    )
  })
})

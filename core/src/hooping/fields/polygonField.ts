import { type Message, message } from '../../messages/message'
import { CoreError } from '../../errors'
import { clipConvex, drawnArea, type HalfPlane, wideBox } from '../../plane/halfPlane'
import { type Point, requireFinite } from '../../plane/point'
import type { ConvexField, Span } from './convexField'
import { nearestOn } from '../../plane/nearestOn'

/** A convex polygon, either way round, its edges moved in by the margin; null when nothing is left. */
export function polygonField(points: readonly Point[], margin: number): ConvexField | null {
  const bounds = edgesOf(points).map((e) => ({ ...e, d: e.d - margin }))
  const size = 4 * Math.max(1, ...points.map((p) => Math.max(Math.abs(p.x), Math.abs(p.y))))
  const corners = bounds.reduce(clipConvex, wideBox(size))
  if (corners.length < 3 || drawnArea(corners) < 1e-9) return null

  const nearest = (x: number, y: number): Point => nearestOn(corners, x, y)
  return {
    signedDistance(x, y) {
      let inside = Infinity
      for (const e of bounds) {
        const room = e.d - e.nx * x - e.ny * y
        if (room < inside) inside = room
      }
      if (inside >= 0) return inside
      const q = nearest(x, y)
      return -Math.hypot(x - q.x, y - q.y)
    },
    support(x, y) {
      const q = nearest(x, y)
      const far = Math.hypot(x - q.x, y - q.y)
      if (far < 1e-12) return tightest(bounds, x, y)
      const [nx, ny] = [(x - q.x) / far, (y - q.y) / far]
      return { nx, ny, d: nx * q.x + ny * q.y }
    },
    bounds,
    row: (y) => span(bounds.map((e) => ({ along: e.nx, d: e.d - e.ny * y }))),
    column: (x) => span(bounds.map((e) => ({ along: e.ny, d: e.d - e.nx * x }))),
  }
}

function edgesOf(points: readonly Point[]): HalfPlane[] {
  const bad = (why: Message): CoreError =>
    new CoreError('bad-field', message('problem.the-fields-outline', { why }), 'field.points')
  requireFinite(points, 'field.points')
  const area = drawnArea(points)
  if (points.length < 3 || Math.abs(area) < 1e-9) throw bad(message('problem.needs-three-corners-that-are'))
  const ring = area > 0 ? points : [...points].reverse()
  const edges: HalfPlane[] = []
  ring.forEach((p, i) => {
    const q = ring[(i + 1) % ring.length]!
    const far = Math.hypot(q.x - p.x, q.y - p.y)
    if (far < 1e-12) return
    const [nx, ny] = [-(q.y - p.y) / far, (q.x - p.x) / far]
    edges.push({ nx, ny, d: nx * p.x + ny * p.y })
  })
  const dented = ring.some((p) => edges.some((e) => e.nx * p.x + e.ny * p.y > e.d + 1e-6))
  if (dented) throw bad(message('problem.has-a-dent-only-fields'))
  return edges
}

function tightest(bounds: readonly HalfPlane[], x: number, y: number): HalfPlane {
  const room = (e: HalfPlane): number => e.d - e.nx * x - e.ny * y
  return bounds.reduce((best, e) => (room(e) < room(best) ? e : best))
}

function span(limits: { along: number; d: number }[]): Span | null {
  let [from, to] = [-Infinity, Infinity]
  for (const { along, d } of limits) {
    if (along > 1e-12) to = Math.min(to, d / along)
    else if (along < -1e-12) from = Math.max(from, d / along)
    else if (d < -1e-6) return null
  }
  return from <= to + 1e-6 ? { from, to } : null
}

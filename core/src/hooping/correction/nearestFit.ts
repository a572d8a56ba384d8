import { clipConvex } from '../../plane/halfPlane'
import type { Point } from '../../plane/point'
import type { ConvexField } from '../fields/convexField'
import { cutAt, outerReach, worstAt } from '../reach'
import type { TurnedHull } from '../turnedHull'

const TOUCH = 5e-7
const EASE = 2e-7
const MOST_CUTS = 400

/**
 * The centre nearest to `from` at which the hull fits; null where none does. The polygon of candidate centres is cut
 * behind the point that offends at its nearest corner or edge, until that one fits.
 */
export function nearestFit(field: ConvexField, hull: TurnedHull, from: Point): Point | null {
  if (worstAt(field, hull, from.x, from.y).clearance >= -TOUCH) return from
  let polygon = outerReach(field, hull, EASE)
  for (let cuts = 0; cuts < MOST_CUTS && polygon.length > 0; cuts++) {
    const centre = nearestIn(polygon, from)
    const { clearance, at } = worstAt(field, hull, centre.x, centre.y)
    if (clearance >= -TOUCH) return centre
    polygon = clipConvex(polygon, cutAt(field, hull, centre, at, EASE))
  }
  return null
}

/** The point of a convex polygon (counter-clockwise as drawn) nearest to another. */
function nearestIn(polygon: readonly Point[], from: Point): Point {
  let best = polygon[0]!
  let least = Infinity
  let inside = polygon.length > 2
  for (let i = 0; i < polygon.length; i++) {
    const [a, b] = [polygon[i]!, polygon[(i + 1) % polygon.length]!]
    const [dx, dy] = [b.x - a.x, b.y - a.y]
    if (dy * (from.x - a.x) - dx * (from.y - a.y) < 0) inside = false
    const size = dx * dx + dy * dy
    const t = size === 0 ? 0 : Math.min(1, Math.max(0, ((from.x - a.x) * dx + (from.y - a.y) * dy) / size))
    const q = { x: a.x + t * dx, y: a.y + t * dy }
    const gap = Math.hypot(from.x - q.x, from.y - q.y)
    if (gap < least) [best, least] = [q, gap]
  }
  return inside ? from : best
}

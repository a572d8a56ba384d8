import { clipConvex, drawnArea, type HalfPlane, wideBox } from '../plane/halfPlane'
import { intersectTangents } from '../plane/intersectTangents'
import type { Point } from '../plane/point'
import type { ConvexField } from './fields/convexField'
import { hullReach, reachWalker, type TurnedHull } from './turnedHull'

type Worst = { clearance: number; at: number }

/** Deepest point of the hull outside the field when its origin lies at (x, y). */
export function worstAt(field: ConvexField, hull: TurnedHull, x: number, y: number): Worst {
  let clearance = Infinity
  let at = 0
  for (let i = 0; i < hull.count; i++) {
    const px = hull.xs[i]! + x
    const py = hull.ys[i]! + y
    if (field.roomAtLeast && field.roomAtLeast(px, py) >= clearance) continue
    const s = field.signedDistance(px, py)
    if (s < clearance) {
      clearance = s
      at = i
    }
  }
  return { clearance, at }
}

/** The half-plane of centres that keep the whole hull behind the field's half-plane. */
function centresBehind(plane: HalfPlane, hull: TurnedHull, ease: number): HalfPlane {
  return { nx: plane.nx, ny: plane.ny, d: plane.d - hullReach(hull, plane.nx, plane.ny) + ease }
}

/** Centres allowed by the field's few bounding half-planes alone: holds every centre that fits. */
export function outerReach(field: ConvexField, hull: TurnedHull, ease = 0): Point[] {
  return field.bounds.map((plane) => centresBehind(plane, hull, ease)).reduce(clipConvex, wideBox(1e5))
}

export function cutAt(field: ConvexField, hull: TurnedHull, centre: Point, at: number, ease = 0): HalfPlane {
  return centresBehind(field.support(centre.x + hull.xs[at]!, centre.y + hull.ys[at]!), hull, ease)
}

const GENTLE_TURN = 0.3
const NEAR_ENOUGH: Worst = { clearance: 0, at: 0 }
const MOST_CUTS = 4000

/**
 * The set of centres that fit at this turn, as a convex polygon, counter-clockwise as drawn, within 0.01 mm.
 *
 * Cutting planes: starting from the field's half-planes, every corner that does not fit is cut off along the
 * tangent of the field at the offending hull point. On gentle curves a corner 0.003 mm outside is near enough;
 * at true corners the cuts go on to 1e-8 mm, since there a small miss means a long tip.
 */
export function reachOf(field: ConvexField, hull: TurnedHull): Point[] {
  let polygon = field.tangents ? curvedReach(field.tangents, field, hull) : outerReach(field, hull)
  let i = 0
  for (let cuts = 0; i < polygon.length && cuts < MOST_CUTS; ) {
    const corner = polygon[i]!
    const turn = turnAt(polygon, i)
    const trusted = field.tangents !== undefined && turn <= GENTLE_TURN
    const { clearance, at } = trusted ? NEAR_ENOUGH : worstAt(field, hull, corner.x, corner.y)
    if (clearance >= (turn <= GENTLE_TURN ? -0.003 : -1e-8)) {
      i++
      continue
    }
    const before = polygon.length
    polygon = clipConvex(polygon, cutAt(field, hull, corner, at))
    cuts++
    // A cut that takes one corner puts two in its place; one that takes more, or the last, shifts the rest, so begin
    // again.
    i = polygon.length > before && i < before - 1 ? Math.max(0, i - 1) : 0
  }
  if (polygon.length < 3 || drawnArea(polygon) < 1e-9) return []
  return polygon
}

function curvedReach(tangents: readonly HalfPlane[], field: ConvexField, hull: TurnedHull): Point[] {
  const along = reachWalker(hull)
  const round = intersectTangents(tangents.map(({ nx, ny, d }) => ({ nx, ny, d: d - along(nx, ny) })))
  return field.bounds.map((plane) => centresBehind(plane, hull, 0)).reduce(clipConvex, round)
}

/** How sharply the outline turns at corner i, in radians. */
function turnAt(polygon: Point[], i: number): number {
  const [a, b, c] = [polygon.at(i - 1)!, polygon[i]!, polygon[(i + 1) % polygon.length]!]
  const [ux, uy, vx, vy] = [b.x - a.x, b.y - a.y, c.x - b.x, c.y - b.y]
  return Math.abs(Math.atan2(ux * vy - uy * vx, ux * vx + uy * vy))
}

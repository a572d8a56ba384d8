import { clipConvex } from '../plane/halfPlane'
import type { Point } from '../plane/point'
import type { ConvexField } from './fields/convexField'
import { cutAt, outerReach, worstAt } from './reach'
import type { TurnedHull } from './turnedHull'

const TOUCH = 1e-6
const MOST_CUTS = 80
/** Room in mm above which the cheap bound is good enough to step by. */
const CLEARLY_IN = 0.05

/**
 * Some centre at which the hull fits, with its clearance there (a lower bound of the best); null when none does.
 * The polygon of candidate centres is cut at its middle, behind the point that offends most, until the middle fits
 * or nothing is left.
 */
export function roomyCentre(field: ConvexField, hull: TurnedHull): { centre: Point; clearance: number } | null {
  let polygon = outerReach(field, hull, TOUCH)
  for (let cuts = 0; cuts < MOST_CUTS && polygon.length > 0; cuts++) {
    const centre = middleOf(polygon)
    const cheap = cheapRoom(field, hull, centre)
    if (cheap > CLEARLY_IN) return { centre, clearance: cheap }
    const { clearance, at } = worstAt(field, hull, centre.x, centre.y)
    if (clearance >= -TOUCH) return { centre, clearance }
    polygon = clipConvex(polygon, cutAt(field, hull, centre, at, TOUCH))
  }
  return null
}

/** The least of the cheap lower bounds, where the field has one. */
function cheapRoom(field: ConvexField, hull: TurnedHull, { x, y }: Point): number {
  if (!field.roomAtLeast) return -1
  let least = Infinity
  for (let i = 0; i < hull.count; i++) {
    const room = field.roomAtLeast(hull.xs[i]! + x, hull.ys[i]! + y)
    if (room < least) least = room
  }
  return least
}

function middleOf(polygon: readonly Point[]): Point {
  let [x, y] = [0, 0]
  for (const p of polygon) {
    x += p.x
    y += p.y
  }
  return { x: x / polygon.length, y: y / polygon.length }
}

import { degrees, type Point, type Pose, radians } from '../../plane/point'
import type { ConvexField } from '../fields/convexField'
import { worstAt } from '../reach'
import { turnHull } from '../turnedHull'

const TOUCH = 5e-7
/** The finest step of the search, in radians: 0.005 degrees. */
const LEAST_STEP = radians(0.005)

/**
 * The least turn in degrees, clockwise positive, about the design's origin that brings it into the field where it is;
 * null where none does. No point moves more than its distance from the origin per radian, so a step of what is missing
 * over the farthest is always safe.
 */
export function leastTurn(field: ConvexField, hull: readonly Point[], { x, y, rotation }: Pose): number | null {
  const radius = Math.max(...hull.map((p) => Math.hypot(p.x, p.y)), 1e-9)
  const room = (angle: number): number => worstAt(field, turnHull(hull, rotation + degrees(angle)), x, y).clearance
  const found = [1, -1].flatMap((way) => {
    const angle = firstIn((a) => room(way * a), radius)
    return angle === null ? [] : [way * degrees(angle)]
  })
  if (found.length === 0) return null
  return found.reduce((least, one) => (Math.abs(one) < Math.abs(least) ? one : least))
}

function firstIn(room: (angle: number) => number, radius: number): number | null {
  let angle = 0
  let here = room(0)
  if (here >= -TOUCH) return 0
  while (angle < Math.PI) {
    const next = Math.min(Math.PI, angle + Math.max(LEAST_STEP, -here / radius))
    const there = room(next)
    if (there >= -TOUCH) return halve(room, angle, next)
    angle = next
    here = there
  }
  return null
}

function halve(room: (angle: number) => number, out: number, inside: number): number {
  let [low, high] = [out, inside]
  while (high - low > 1e-9) {
    const middle = (low + high) / 2
    if (room(middle) >= -TOUCH) high = middle
    else low = middle
  }
  return high
}

import { boxOf } from '../plane/box'
import { degrees, type Point, radians } from '../plane/point'
import type { ConvexField } from './fields/convexField'
import { firstExit } from './firstExit'
import { worstAt } from './reach'
import { roomyCentre } from './roomyCentre'
import { type TurnedHull, turnHull } from './turnedHull'

const MOST = radians(45)

/** The largest d up to 45 degrees such that every turn within +-d of this one fits at this centre. */
export function skewAtCentre(field: ConvexField, hull: TurnedHull, x: number, y: number): number {
  const room = field.signedDistance(x, y)
  const riskiest = worstAt(field, hull, x, y).at
  let best = exitOf(field, hull, riskiest, x, y, MOST)
  for (let i = 0; i < hull.count; i++) {
    const px = hull.xs[i]!
    const py = hull.ys[i]!
    const square = px * px + py * py
    if (square <= room * room && room > 0) continue
    const near = field.signedDistance(px + x, py + y)
    if (near > 0 && near * near >= best * best * square) continue
    best = exitOf(field, hull, i, x, y, best)
  }
  return degrees(best)
}

/** How far one hull point may turn about the centre, both ways, before it leaves the field. */
function exitOf(field: ConvexField, hull: TurnedHull, i: number, x: number, y: number, limit: number): number {
  const px = hull.xs[i]!
  const py = hull.ys[i]!
  const radius = Math.sqrt(px * px + py * py)
  let best = limit
  for (const way of [1, -1]) {
    const room = (angle: number): number => {
      const sin = way * Math.sin(angle)
      const cos = Math.cos(angle)
      const qx = px * cos - py * sin + x
      const qy = px * sin + py * cos + y
      const cheap = field.roomAtLeast ? field.roomAtLeast(qx, qy) : -1
      return cheap > 1 ? cheap : field.signedDistance(qx, qy)
    }
    best = Math.min(best, firstExit(room, radius, best))
  }
  return best
}

/** The same when the design may be moved for each turn: as long as some centre fits. */
export function skewNudged(field: ConvexField, hull: readonly Point[], rotation: number): number {
  const box = boxOf(hull)
  const [mx, my] = [(box.left + box.right) / 2, (box.top + box.bottom) / 2]
  const centred = hull.map((p) => ({ x: p.x - mx, y: p.y - my }))
  const radius = Math.max(...centred.map((p) => Math.hypot(p.x, p.y)))
  if (!roomyCentre(field, turnHull(centred, rotation))) return 0
  let best = MOST
  for (const way of [1, -1]) {
    const room = (angle: number): number =>
      roomyCentre(field, turnHull(centred, rotation + degrees(way * angle)))?.clearance ?? -1
    best = Math.min(best, firstExit(room, radius, best))
  }
  return degrees(best)
}

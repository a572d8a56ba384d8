import type { HalfPlane } from './halfPlane'
import type { Point } from './point'

/**
 * The intersection of half-planes whose normals run once round in order of angle, in one pass over a deque of edges
 * (the ordered half-plane intersection); [] when it is empty or has no area. Normals closer than a half turn apart.
 */
export function intersectTangents(planes: readonly HalfPlane[]): Point[] {
  const count = planes.length
  const edges = new Int32Array(count)
  const corners: Point[] = new Array<Point>(count)
  let [first, last] = [0, -1]
  const out = (plane: HalfPlane, p: Point): boolean => plane.nx * p.x + plane.ny * p.y > plane.d
  for (let i = 0; i < count; i++) {
    const plane = planes[i]!
    while (last > first && out(plane, corners[last]!)) last--
    while (last > first && out(plane, corners[first + 1]!)) first++
    edges[++last] = i
    if (last === first) continue
    const corner = meet(planes[edges[last - 1]!]!, plane)
    if (!corner) return []
    corners[last] = corner
  }
  while (last - first > 2 && out(planes[edges[first]!]!, corners[last]!)) last--
  while (last - first > 2 && out(planes[edges[last]!]!, corners[first + 1]!)) first++
  const closing = last - first >= 2 ? meet(planes[edges[last]!]!, planes[edges[first]!]!) : null
  if (!closing) return []
  const polygon = [closing, ...corners.slice(first + 1, last + 1)]
  const middle = {
    x: polygon.reduce((s, p) => s + p.x, 0) / polygon.length,
    y: polygon.reduce((s, p) => s + p.y, 0) / polygon.length,
  }
  return planes.some((plane) => out(plane, middle)) ? [] : polygon.reverse()
}

/** Where two edges cross when the second turns onward from the first by less than a half turn; null otherwise. */
function meet(a: HalfPlane, b: HalfPlane): Point | null {
  const turn = a.nx * b.ny - a.ny * b.nx
  if (turn < 1e-12) return null
  return { x: (a.d * b.ny - b.d * a.ny) / turn, y: (a.nx * b.d - b.nx * a.d) / turn }
}

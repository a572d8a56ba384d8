import { type Point, requireFinite } from './point'

/** True when the walk a -> b -> c does not turn the way the chain wants, within the grain of the numbers. */
function isFlatOrWrong(a: Point, b: Point, c: Point): boolean {
  const ux = b.x - a.x
  const uy = b.y - a.y
  const vx = c.x - b.x
  const vy = c.y - b.y
  return uy * vx - ux * vy <= 1e-12 * Math.sqrt((ux * ux + uy * uy) * (vx * vx + vy * vy))
}

function chain(points: readonly Point[]): Point[] {
  const kept: Point[] = []
  for (const p of points) {
    while (kept.length >= 2 && isFlatOrWrong(kept[kept.length - 2]!, kept[kept.length - 1]!, p)) kept.pop()
    kept.push(p)
  }
  kept.pop()
  return kept
}

/**
 * The convex hull, counter-clockwise as drawn (y down), without collinear or repeated points.
 * One distinct point gives that point, points on one line give its two ends, no points give none.
 * Andrew's monotone chain, O(n log n).
 *
 * @param points millimetres, any order
 * @throws CoreError('bad-point') for a coordinate that is not finite
 * @example convexHull([{x:0,y:0},{x:2,y:0},{x:1,y:0},{x:0,y:2}]) // (0,0) (0,2) (2,0)
 */
export function convexHull(points: Point[]): Point[] {
  requireFinite(points, 'points')
  const sorted = points.map(({ x, y }) => ({ x, y })).sort((a, b) => a.x - b.x || a.y - b.y)
  const distinct = sorted.filter((p, i) => i === 0 || p.x !== sorted[i - 1]!.x || p.y !== sorted[i - 1]!.y)
  if (distinct.length < 3) return distinct
  const lower = chain(distinct)
  const upper = chain(distinct.reverse())
  return [...lower, ...upper]
}

import { nearestOn } from './nearestOn'
import type { Point } from './point'

/**
 * From the nearest point of one convex outline to the nearest of another that lies apart from it; of outlines that meet
 * one of the vectors between their edges, which says nothing.
 *
 * @example gapVector([{ x: 0, y: 0 }, { x: 1, y: 0 }, { x: 1, y: 1 }], [{ x: 3, y: 0 }, { x: 4, y: 0 }, { x: 4, y: 1 }]) // { x: 2, y: 0 }
 */
export function gapVector(from: readonly Point[], to: readonly Point[]): Point {
  let best = { x: Infinity, y: Infinity }
  const keep = (x: number, y: number): void => {
    if (Math.hypot(x, y) < Math.hypot(best.x, best.y)) best = { x, y }
  }
  for (const p of from) {
    const near = nearestOn(to, p.x, p.y)
    keep(near.x - p.x, near.y - p.y)
  }
  for (const p of to) {
    const near = nearestOn(from, p.x, p.y)
    keep(p.x - near.x, p.y - near.y)
  }
  return best
}

import { radians, type Point } from '../plane/point'

/** A hull turned by some angle, as flat arrays: the inner loops of fitting run over these. */
export type TurnedHull = { xs: Float64Array; ys: Float64Array; count: number }

export function turnHull(hull: readonly Point[], rotation: number): TurnedHull {
  const [sin, cos] = [Math.sin(radians(rotation)), Math.cos(radians(rotation))]
  const count = hull.length
  const [xs, ys] = [new Float64Array(count), new Float64Array(count)]
  for (let i = 0; i < count; i++) {
    const p = hull[i]!
    xs[i] = p.x * cos - p.y * sin
    ys[i] = p.x * sin + p.y * cos
  }
  return { xs, ys, count }
}

/**
 * hullReach for directions that turn little from one call to the next: the farthest corner of a convex outline is
 * found by walking from the last one.
 */
export function reachWalker(hull: TurnedHull): (nx: number, ny: number) => number {
  const { xs, ys, count } = hull
  let here = 0
  return (nx, ny) => {
    let best = nx * xs[here]! + ny * ys[here]!
    for (const way of [1, count - 1]) {
      for (let steps = 0; steps < count; steps++) {
        const next = (here + way) % count
        const along = nx * xs[next]! + ny * ys[next]!
        if (along < best || next === here) break
        here = next
        best = along
      }
    }
    return best
  }
}

/** How far the hull reaches along the direction (nx, ny). */
export function hullReach(hull: TurnedHull, nx: number, ny: number): number {
  let most = -Infinity
  for (let i = 0; i < hull.count; i++) {
    const along = nx * hull.xs[i]! + ny * hull.ys[i]!
    if (along > most) most = along
  }
  return most
}

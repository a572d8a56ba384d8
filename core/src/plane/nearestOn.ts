import type { Point } from './point'

/** The point of a closed outline that is nearest to (x, y). */
export function nearestOn(corners: readonly Point[], x: number, y: number): Point {
  let best = corners[0]!
  let least = Infinity
  corners.forEach((a, i) => {
    const b = corners[(i + 1) % corners.length]!
    const [dx, dy] = [b.x - a.x, b.y - a.y]
    const size = dx * dx + dy * dy
    const t = size === 0 ? 0 : Math.min(1, Math.max(0, ((x - a.x) * dx + (y - a.y) * dy) / size))
    const q = { x: a.x + t * dx, y: a.y + t * dy }
    const gap = Math.hypot(x - q.x, y - q.y)
    if (gap < least) [best, least] = [q, gap]
  })
  return best
}

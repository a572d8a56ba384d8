import type { Point } from './point'

/** All points with nx * x + ny * y <= d; (nx, ny) has length 1 and points outward. */
export type HalfPlane = { nx: number; ny: number; d: number }

/** Cuts a convex polygon by a half-plane (Sutherland-Hodgman); empty when nothing is left. */
export function clipConvex(polygon: readonly Point[], plane: HalfPlane): Point[] {
  const kept: Point[] = []
  const count = polygon.length
  let before = polygon[count - 1]
  let beforeOut = before ? plane.nx * before.x + plane.ny * before.y - plane.d : 0
  for (const here of polygon) {
    const out = plane.nx * here.x + plane.ny * here.y - plane.d
    if (before && out > 0 !== beforeOut > 0) {
      const t = beforeOut / (beforeOut - out)
      kept.push({ x: before.x + t * (here.x - before.x), y: before.y + t * (here.y - before.y) })
    }
    if (out <= 0) kept.push(here)
    before = here
    beforeOut = out
  }
  return kept
}

/** The box |x|, |y| <= size, as a polygon counter-clockwise as drawn: where every cutting begins. */
export function wideBox(size: number): Point[] {
  return [
    { x: -size, y: -size },
    { x: -size, y: size },
    { x: size, y: size },
    { x: size, y: -size },
  ]
}

/** Signed area, positive for a polygon that runs counter-clockwise as drawn (y down). */
export function drawnArea(polygon: readonly Point[]): number {
  let twice = 0
  polygon.forEach((a, i) => {
    const b = polygon[(i + 1) % polygon.length]!
    twice += a.y * b.x - a.x * b.y
  })
  return twice / 2
}

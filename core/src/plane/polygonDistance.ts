import { boxOf } from './box'
import type { Point } from './point'

function squareToSegment(px: number, py: number, a: Point, b: Point): number {
  const dx = b.x - a.x
  const dy = b.y - a.y
  const size = dx * dx + dy * dy
  const along = size === 0 ? 0 : ((px - a.x) * dx + (py - a.y) * dy) / size
  const t = along < 0 ? 0 : along > 1 ? 1 : along
  const ex = px - a.x - t * dx
  const ey = py - a.y - t * dy
  return ex * ex + ey * ey
}

const side = (a: Point, b: Point, p: Point): number => (b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x)

const cross = (a: Point, b: Point, c: Point, d: Point): boolean =>
  side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0

/** Shortest distance between the edges of two outlines; the inner loop of clearances, so without allocations. */
function edgeGap(first: readonly Point[], second: readonly Point[]): number {
  let least = Infinity
  for (let i = 0; i < first.length; i++) {
    const a = first[i]!
    const b = first[(i + 1) % first.length]!
    for (let j = 0; j < second.length; j++) {
      const c = second[j]!
      const d = second[(j + 1) % second.length]!
      if (cross(a, b, c, d)) return 0
      const gap = Math.min(squareToSegment(a.x, a.y, c, d), squareToSegment(c.x, c.y, a, b))
      if (gap < least) least = gap
    }
  }
  return Math.sqrt(least)
}

/** Even-odd test; a point on the edge may count either way. */
export function insidePolygon(p: Point, polygon: readonly Point[]): boolean {
  let inside = false
  for (let i = 0; i < polygon.length; i++) {
    const a = polygon[i]!
    const b = polygon[(i + 1) % polygon.length]!
    if (a.y > p.y !== b.y > p.y && p.x < ((b.x - a.x) * (p.y - a.y)) / (b.y - a.y) + a.x) inside = !inside
  }
  return inside
}

/** Shortest distance between two outlines in mm; 0 when they touch, cross or one holds the other. */
export function gapBetween(a: readonly Point[], b: readonly Point[]): number {
  if (insidePolygon(a[0]!, b) || insidePolygon(b[0]!, a)) return 0
  return edgeGap(a, b)
}

/** How far `inner` stays inside `outer` in mm; negative by its farthest overhang when it does not. */
export function insetOf(inner: readonly Point[], outer: readonly Point[]): number {
  let most = 0
  for (const p of inner) {
    if (insidePolygon(p, outer)) continue
    let least = Infinity
    outer.forEach((a, i) => (least = Math.min(least, squareToSegment(p.x, p.y, a, outer[(i + 1) % outer.length]!))))
    most = Math.max(most, least)
  }
  return most > 0 ? -Math.sqrt(most) : edgeGap(inner, outer)
}

/** Whether two outlines come apart at a glance: their boxes do not touch. */
export function boxesApart(a: readonly Point[], b: readonly Point[]): boolean {
  const [s, t] = [boxOf(a), boxOf(b)]
  return s.right < t.left || t.right < s.left || s.bottom < t.top || t.bottom < s.top
}

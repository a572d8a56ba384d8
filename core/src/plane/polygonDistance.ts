import type { Point } from './point'

type Segment = { a: Point; b: Point }

const segmentsOf = (polygon: readonly Point[]): Segment[] =>
  polygon.map((a, i) => ({ a, b: polygon[(i + 1) % polygon.length]! }))

const side = (s: Segment, p: Point): number => (s.b.x - s.a.x) * (p.y - s.a.y) - (s.b.y - s.a.y) * (p.x - s.a.x)

function pointToSegment(p: Point, { a, b }: Segment): number {
  const [dx, dy] = [b.x - a.x, b.y - a.y]
  const size = dx * dx + dy * dy
  const t = size === 0 ? 0 : Math.min(1, Math.max(0, ((p.x - a.x) * dx + (p.y - a.y) * dy) / size))
  return Math.hypot(p.x - a.x - t * dx, p.y - a.y - t * dy)
}

const cross = (s: Segment, t: Segment): boolean => side(s, t.a) * side(s, t.b) < 0 && side(t, s.a) * side(t, s.b) < 0

function segmentGap(s: Segment, t: Segment): number {
  if (cross(s, t)) return 0
  return Math.min(pointToSegment(s.a, t), pointToSegment(s.b, t), pointToSegment(t.a, s), pointToSegment(t.b, s))
}

function edgeGap(a: readonly Point[], b: readonly Point[]): number {
  const others = segmentsOf(b)
  return Math.min(...segmentsOf(a).flatMap((s) => others.map((t) => segmentGap(s, t))))
}

/** Even-odd test; a point on the edge may count either way. */
export function insidePolygon(p: Point, polygon: readonly Point[]): boolean {
  return segmentsOf(polygon).reduce((inside, { a, b }) => {
    const spans = a.y > p.y !== b.y > p.y
    return spans && p.x < ((b.x - a.x) * (p.y - a.y)) / (b.y - a.y) + a.x ? !inside : inside
  }, false)
}

/** Shortest distance between two outlines in mm; 0 when they touch, cross or one holds the other. */
export function gapBetween(a: readonly Point[], b: readonly Point[]): number {
  if (insidePolygon(a[0]!, b) || insidePolygon(b[0]!, a)) return 0
  return edgeGap(a, b)
}

/** How far `inner` stays inside `outer` in mm; negative by its farthest overhang when it does not. */
export function insetOf(inner: readonly Point[], outer: readonly Point[]): number {
  const edges = segmentsOf(outer)
  const overhang = (p: Point): number =>
    insidePolygon(p, outer) ? 0 : Math.min(...edges.map((e) => pointToSegment(p, e)))
  const most = Math.max(...inner.map(overhang))
  return most > 0 ? -most : edgeGap(inner, outer)
}

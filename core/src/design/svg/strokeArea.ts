import type { Point } from '../../plane/point'
import { signedArea } from '../../plane/polygons'
import type { Polyline } from './flatten'

export type StrokeShape = {
  width: number
  cap: 'butt' | 'round' | 'square'
  join: 'miter' | 'round' | 'bevel'
  miterLimit: number
}

const add = (p: Point, q: Point, k = 1): Point => ({ x: p.x + q.x * k, y: p.y + q.y * k })

/** The same outline wound clockwise, so that pieces laid over each other never take each other away. */
export function clockwise(polygon: Point[]): Point[] {
  return signedArea(polygon) < 0 ? polygon.reverse() : polygon
}

function disc(centre: Point, radius: number, tolerance: number): Point[] {
  const n = Math.max(12, Math.ceil(Math.PI / Math.acos(Math.max(0, 1 - Math.min(1, tolerance / radius)))))
  const angle = (i: number): number => (2 * Math.PI * i) / n
  return Array.from({ length: n }, (_, i) => ({
    x: centre.x + radius * Math.cos(angle(i)),
    y: centre.y + radius * Math.sin(angle(i)),
  }))
}

const FLAT = 1e-9
/** Below this turn (cosine of about 15 degrees) a corner is a piece of a curve, and its outer side is simply joined. */
const SMOOTH_COS = 0.966

/**
 * What a stroke paints: one rectangle a piece, with joins and caps; their union is the painted area (SVG 1.1,
 * section 11.4).
 *
 * @param tolerance how far a round join or cap may be from a circle
 */
export function strokePieces(run: Polyline, shape: StrokeShape, tolerance: number): Point[][] {
  const half = shape.width / 2
  const points = run.points.filter(
    (p, i) => i === 0 || Math.hypot(p.x - run.points[i - 1]!.x, p.y - run.points[i - 1]!.y) > FLAT,
  )
  const first = points[0]!
  const last = points.at(-1)!
  if (run.closed && points.length > 1 && Math.hypot(first.x - last.x, first.y - last.y) <= FLAT) points.pop()
  if (points.length < 2) return dot(first, half, shape, tolerance)
  const ring = run.closed ? [...points, first] : points
  const ways = ring.slice(1).map((p, i) => {
    const length = Math.hypot(p.x - ring[i]!.x, p.y - ring[i]!.y)
    return { x: (p.x - ring[i]!.x) / length, y: (p.y - ring[i]!.y) / length }
  })
  const pieces = ways.map((way, i) => bar(ring[i]!, ring[i + 1]!, way, half))
  const corners = run.closed ? ways.length : ways.length - 1
  for (let i = 0; i < corners; i++)
    pieces.push(...joined(ring[i + 1]!, ways[i]!, ways[(i + 1) % ways.length]!, half, shape, tolerance))
  if (!run.closed) {
    const back = { x: -ways[0]!.x, y: -ways[0]!.y }
    pieces.push(
      ...capped(first, back, half, shape, tolerance),
      ...capped(points.at(-1)!, ways.at(-1)!, half, shape, tolerance),
    )
  }
  return pieces
}

function bar(a: Point, b: Point, way: Point, half: number): Point[] {
  const side = { x: -way.y * half, y: way.x * half }
  return [add(a, side), add(b, side), add(b, side, -1), add(a, side, -1)]
}

function dot(p: Point, half: number, { cap }: StrokeShape, tolerance: number): Point[][] {
  if (cap === 'round') return [disc(p, half, tolerance)]
  return cap === 'square' ? [bar(add(p, { x: -half, y: 0 }), add(p, { x: half, y: 0 }), { x: 1, y: 0 }, half)] : []
}

function capped(p: Point, way: Point, half: number, { cap }: StrokeShape, tolerance: number): Point[][] {
  if (cap === 'round') return [disc(p, half, tolerance)]
  return cap === 'square' ? [bar(p, add(p, way, half), way, half)] : []
}

function joined(p: Point, from: Point, to: Point, half: number, shape: StrokeShape, tolerance: number): Point[][] {
  const turn = from.x * to.y - from.y * to.x
  const along = from.x * to.x + from.y * to.y
  if (Math.abs(turn) < FLAT && along > 0) return []
  if (shape.join === 'round' && along < SMOOTH_COS) return [disc(p, half, tolerance)]
  const outer = turn > 0 ? -1 : 1
  const a = add(p, { x: -from.y, y: from.x }, half * outer)
  const b = add(p, { x: -to.y, y: to.x }, half * outer)
  // Miter length over width is 1 / sin(half the angle between the two pieces) = 1 / cos(half the turn).
  const cosHalf = Math.sqrt(Math.max(0, (1 + along) / 2))
  const pointed = shape.join === 'miter' && cosHalf > 0 && 1 / cosHalf <= shape.miterLimit
  if (!pointed && along < SMOOTH_COS) return [[p, a, b]]
  const tip = { x: (a.x + b.x) / 2 - p.x, y: (a.y + b.y) / 2 - p.y }
  const reach = half / cosHalf / (Math.hypot(tip.x, tip.y) || 1)
  return [[p, a, add(p, tip, reach), b]]
}

import type { Point } from '../../plane/point'
import { alongLine, signedArea } from '../../plane/polygons'
import type { Polyline } from './flatten'

export type StrokeShape = {
  width: number
  cap: 'butt' | 'round' | 'square'
  join: 'miter' | 'round' | 'bevel'
  miterLimit: number
}

const add = (p: Point, q: Point, k = 1): Point => ({ x: p.x + q.x * k, y: p.y + q.y * k })

/** The areas wound so that outer outlines run clockwise: pieces laid over each other never take each other away. */
export function clockwise(area: Point[][]): Point[][] {
  const sum = area.reduce((all, polygon) => all + signedArea(polygon), 0)
  return sum < 0 ? area.map((polygon) => polygon.reverse()) : area
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
/** Below this turn (cosine of about 15 degrees) a corner is a piece of a curve. */
const SMOOTH_COS = 0.966

/**
 * What a stroke paints, as areas whose union it is (SVG 1.1, section 11.4): the ribbon of each stretch without a sharp
 * corner, and the joins and caps.
 *
 * @param tolerance how far a round join or cap may be from a circle
 */
export function strokePieces(run: Polyline, shape: StrokeShape, tolerance: number): Point[][][] {
  const half = shape.width / 2
  const points = run.points.filter(
    (p, i) => i === 0 || Math.hypot(p.x - run.points[i - 1]!.x, p.y - run.points[i - 1]!.y) > FLAT,
  )
  const first = points[0]!
  const last = points.at(-1)!
  if (run.closed && points.length > 1 && Math.hypot(first.x - last.x, first.y - last.y) <= FLAT) points.pop()
  if (points.length < 2) return dot(first, half, shape, tolerance).map((piece) => [piece])
  const ring = run.closed ? [...points, first] : points
  const ways = ring.slice(1).map((p, i) => {
    const length = Math.hypot(p.x - ring[i]!.x, p.y - ring[i]!.y)
    return { x: (p.x - ring[i]!.x) / length, y: (p.y - ring[i]!.y) / length }
  })
  const pieces: Point[][] = []
  const sharp: number[] = []
  const corners = run.closed ? ways.length : ways.length - 1
  for (let i = 0; i < corners; i++) {
    const [from, to] = [ways[i]!, ways[(i + 1) % ways.length]!]
    if (isSmooth(from, to)) continue
    sharp.push(i + 1)
    pieces.push(...joined(ring[i + 1]!, from, to, half, shape, tolerance))
  }
  if (!run.closed) {
    const back = { x: -ways[0]!.x, y: -ways[0]!.y }
    pieces.push(...capped(first, back, half, shape, tolerance), ...capped(last, ways.at(-1)!, half, shape, tolerance))
  }
  return [...stretches(points, run.closed, sharp).flatMap((s) => ribbon(s, half)), ...pieces.map((piece) => [piece])]
}

type Stretch = { points: Point[]; closed: boolean }

/** The run cut at its sharp corners, given by the index of their point; a closed run begins at the first of them. */
function stretches(points: Point[], closed: boolean, sharp: readonly number[]): Stretch[] {
  if (sharp.length === 0) return [{ points, closed }]
  const from = closed ? sharp[0]! % points.length : 0
  const line = closed ? [...points.slice(from), ...points.slice(0, from), points[from]!] : points
  const cuts = closed ? sharp.map((i) => i - sharp[0]!) : [0, ...sharp]
  return cuts.map((cut, i) => ({ points: line.slice(cut, (cuts[i + 1] ?? line.length - 1) + 1), closed: false }))
}

/** The ribbon of a stretch; one straight piece is its rectangle. */
function ribbon({ points, closed }: Stretch, half: number): Point[][][] {
  if (closed || points.length > 2) return alongLine(points, half, closed)
  const [a, b] = [points[0]!, points[1]!]
  const length = Math.hypot(b.x - a.x, b.y - a.y)
  return [[bar(a, b, { x: (b.x - a.x) / length, y: (b.y - a.y) / length }, half)]]
}

const isSmooth = (from: Point, to: Point): boolean => from.x * to.x + from.y * to.y >= SMOOTH_COS

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
  if (shape.join === 'round') return [disc(p, half, tolerance)]
  const turn = from.x * to.y - from.y * to.x
  const along = from.x * to.x + from.y * to.y
  const outer = turn > 0 ? -1 : 1
  const a = add(p, { x: -from.y, y: from.x }, half * outer)
  const b = add(p, { x: -to.y, y: to.x }, half * outer)
  // Miter length over width is 1 / sin(half the angle between the two pieces) = 1 / cos(half the turn).
  const cosHalf = Math.sqrt(Math.max(0, (1 + along) / 2))
  if (shape.join !== 'miter' || cosHalf <= FLAT || 1 / cosHalf > shape.miterLimit) return [[p, a, b]]
  const tip = { x: (a.x + b.x) / 2 - p.x, y: (a.y + b.y) / 2 - p.y }
  const reach = half / cosHalf / (Math.hypot(tip.x, tip.y) || 1)
  return [[p, a, add(p, tip, reach), b]]
}

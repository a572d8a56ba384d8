import { boxOf, type Box } from '../../plane/box'
import type { Point } from '../../plane/point'
import { insidePolygon } from '../../plane/polygonDistance'
import type { Ring, SeenCloth } from './ringPlace'

/** An edge by its ends, the upper one first, with the limits of the ring it must not come under. */
type Edge = { x1: number; y1: number; x2: number; y2: number; ring: Box }
/** A thing in the way: its edges, and the moves at which all of it lies in the ring's opening, where that counts. */
type Obstacle = { edges: Edge[]; but: Box | null }
type Interval = [from: number, to: number]

/** How far off a thing in the way the place found stays, in mm, so that it is not on it by a rounding. */
const INSIDE = 0.02
/** Rows of moves are looked at this far apart, and wherever a corner comes to the ring's edge; then finely about the best. */
const [COARSE, FINE] = [4, 0.25]
const GRAIN = 1e-7

/**
 * Of the moves of a design in its reach, the nearest to none at which the ring lies wholly on cloth, `beyond` mm of it
 * outside, and over nothing that refuses it. Null where there is none.
 *
 * The ring stays and the cloth moves with the design. Row by row of moves, each edge of the cloth or of something in the way
 * takes out the moves that bring it under the ring; the nearest of what is left is found exactly along the row. There is a
 * row at each move that brings a corner to the ring's edge, where free places begin and end.
 *
 * @param reach moves that keep the design in its field, a convex polygon; (0, 0) is where it lies now
 */
export function nearestPlaceForRing(
  reach: readonly Point[],
  ring: Ring,
  cloth: SeenCloth,
  beyond: number,
): Point | null {
  if (reach.length < 3) return null
  const outside = boxOf(ring.outside)
  const around = boxOf(reach)
  if (tooLarge(outside, boxOf(cloth.outline))) return null
  const obstacles = obstaclesOf(ring, outside, cloth, beyond, around)
  const good = (move: Point): boolean => onCloth(outside, cloth, move)
  const coarse = nearestInRows(rowsOf(obstacles, around), { reach, obstacles, good })
  if (!coarse) return null
  const fine: number[] = []
  for (let y = coarse.y - COARSE; y <= coarse.y + COARSE; y += FINE)
    if (y > around.top && y < around.bottom) fine.push(y)
  const finer = nearestInRows(fine, { reach, obstacles, good })
  return finer && far(finer) < far(coarse) ? finer : coarse
}

const far = ({ x, y }: Point): number => Math.hypot(x, y)

type Search = { reach: readonly Point[]; obstacles: readonly Obstacle[]; good: (move: Point) => boolean }

function nearestInRows(rows: readonly number[], { reach, obstacles, good }: Search): Point | null {
  let best: Point | null = null
  for (const y of rows) {
    if (best && Math.abs(y) >= far(best)) continue
    const row = rowSpan(reach, y)
    if (!row) continue
    for (const x of nearestFree(row, takenAt(obstacles, y))) {
      const move = { x, y }
      if ((!best || far(move) < far(best)) && good(move)) best = move
    }
  }
  return best
}

const tooLarge = (ring: Box, cloth: Box): boolean =>
  ring.right - ring.left > cloth.right - cloth.left || ring.bottom - ring.top > cloth.bottom - cloth.top

/** The ring's middle has cloth under it; with no edge under the ring, all of it has. */
const onCloth = ({ left, right, top, bottom }: Box, { outline }: SeenCloth, move: Point): boolean =>
  insidePolygon({ x: (left + right) / 2 - move.x, y: (top + bottom) / 2 - move.y }, outline)

const grown = ({ left, right, top, bottom }: Box, by: number): Box => ({
  ...{ left: left - by, right: right + by, top: top - by, bottom: bottom + by },
})

function obstaclesOf(
  ring: Ring,
  outside: Box,
  { outline, level, zones }: SeenCloth,
  beyond: number,
  around: Box,
): Obstacle[] {
  const wide = grown(outside, beyond)
  const edges = edgesOf(outline, (i) => (level[i] ? wide : outside))
  const strict = grown(outside, INSIDE)
  const inTheWay = zones.flatMap((zone): Obstacle[] => {
    if (zone.ring !== 'refused' && zone.ring !== 'opening') return []
    const but = zone.ring === 'opening' ? null : within(boxOf(ring.opening), boxOf(zone.outline))
    return [{ edges: edgesOf(zone.outline, () => strict), but }]
  })
  return [{ edges, but: null }, ...inTheWay]
    .map((one) => ({ ...one, edges: one.edges.filter((edge) => mayMeet(edge, around)) }))
    .filter((one) => one.edges.length > 0)
}

function edgesOf(outline: readonly Point[], ringAt: (i: number) => Box): Edge[] {
  return outline.map((a, i) => {
    const b = outline[(i + 1) % outline.length]!
    const [upper, lower] = a.y <= b.y ? [a, b] : [b, a]
    return { x1: upper.x, y1: upper.y, x2: lower.x, y2: lower.y, ring: ringAt(i) }
  })
}

/** Whether some move of the reach can bring the edge under the ring. */
function mayMeet({ x1, x2, y1, y2, ring }: Edge, around: Box): boolean {
  return (
    Math.min(x1, x2) + around.left < ring.right &&
    Math.max(x1, x2) + around.right > ring.left &&
    y1 + around.top < ring.bottom &&
    y2 + around.bottom > ring.top
  )
}

/** The moves that keep a box within the opening's box. */
function within(opening: Box, box: Box): Box | null {
  const moves = {
    ...{ left: opening.left - box.left + INSIDE, right: opening.right - box.right - INSIDE },
    ...{ top: opening.top - box.top + INSIDE, bottom: opening.bottom - box.bottom - INSIDE },
  }
  return moves.left < moves.right && moves.top < moves.bottom ? moves : null
}

/** The rows to look at, the nearest first. */
function rowsOf(obstacles: readonly Obstacle[], { top, bottom }: Box): number[] {
  const rows = [top, bottom, 0]
  for (let y = Math.ceil(top / COARSE) * COARSE; y <= bottom; y += COARSE) rows.push(y)
  for (const { edges, but } of obstacles) {
    for (const { y1, y2, ring } of edges) rows.push(ring.top - y1, ring.bottom - y1, ring.top - y2, ring.bottom - y2)
    if (but) rows.push(but.top, but.bottom)
  }
  const near = rows.filter((y) => y >= top && y <= bottom).sort((p, q) => p - q)
  const apart = near.filter((y, i) => i === 0 || y - near[i - 1]! > 0.005)
  return apart.sort((p, q) => Math.abs(p) - Math.abs(q))
}

/** A convex polygon's stretch along the row at y. */
function rowSpan(polygon: readonly Point[], y: number): Interval | null {
  let [from, to] = [Infinity, -Infinity]
  const reachTo = (x: number): void => {
    if (x < from) from = x
    if (x > to) to = x
  }
  for (let i = 0; i < polygon.length; i++) {
    const [a, b] = [polygon[i]!, polygon[(i + 1) % polygon.length]!]
    if ((a.y > y + GRAIN && b.y > y + GRAIN) || (a.y < y - GRAIN && b.y < y - GRAIN)) continue
    if (Math.abs(b.y - a.y) < GRAIN) {
      reachTo(a.x)
      reachTo(b.x)
    } else reachTo(a.x + Math.min(1, Math.max(0, (y - a.y) / (b.y - a.y))) * (b.x - a.x))
  }
  return from <= to ? [from, to] : null
}

/** The moves along a row that bring an edge under the ring. */
function takenAt(obstacles: readonly Obstacle[], y: number): Interval[] {
  const taken: Interval[] = []
  for (const { edges, but } of obstacles) {
    const hole = but && y >= but.top && y <= but.bottom ? but : null
    for (const edge of edges) {
      const moves = takenBy(edge, y)
      if (!moves) continue
      if (!hole) taken.push(moves)
      else {
        if (moves[0] < hole.left) taken.push([moves[0], Math.min(moves[1], hole.left)])
        if (moves[1] > hole.right) taken.push([Math.max(moves[0], hole.right), moves[1]])
      }
    }
  }
  return taken
}

/** The part of the edge between the ring's upper and lower limit, as moves that bring it between left and right. */
function takenBy({ x1, y1, x2, y2, ring }: Edge, y: number): Interval | null {
  const [top, bottom] = [ring.top - y, ring.bottom - y]
  if (y1 >= bottom - GRAIN || y2 <= top + GRAIN) return null
  const slope = y2 - y1 < GRAIN ? 0 : (x2 - x1) / (y2 - y1)
  const from = y1 >= top ? x1 : x1 + (top - y1) * slope
  const to = y2 <= bottom ? x2 : x1 + (bottom - y1) * slope
  return [ring.left - Math.max(from, to), ring.right - Math.min(from, to)]
}

/** The nearest free moves to none along a row, to either side. */
function nearestFree([from, to]: Interval, taken: readonly Interval[]): number[] {
  const start = Math.min(to, Math.max(from, 0))
  const left = walk(start, 0, taken)
  if (left === start) return [start]
  const right = walk(start, 1, taken)
  return [...(left >= from ? [left] : []), ...(right <= to ? [right] : [])]
}

/** From a move to the next one that nothing takes: leftward or rightward. */
function walk(start: number, way: 0 | 1, taken: readonly Interval[]): number {
  let x = start
  for (let i = 0; i < taken.length; i++) {
    const moves = taken[i]!
    if (x > moves[0] + GRAIN && x < moves[1] - GRAIN) {
      x = moves[way]
      i = -1
    }
  }
  return x
}

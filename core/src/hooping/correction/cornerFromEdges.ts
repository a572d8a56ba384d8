import { type Message, message } from '../../messages/message'
import { CoreError } from '../../errors'
import { degrees, type Point, requireFinite } from '../../plane/point'

/** `corner` in the hoop frame; `turn`: the direction of edge a; `square`: how far the corner is from a right angle. */
export type FoundCorner = { corner: Point; turn: number; square: number }

/** Lines nearer to each other than this many degrees cross nowhere that could be trusted. */
const ALIKE = 5

/**
 * A corner of the cloth from two points along each of its two edges: where their lines cross, the direction of edge a
 * from its first point to its second (clockwise from +x, in (-180, 180]), and how many degrees the corner is from
 * square. Rule: core.md section 4.
 *
 * @param edges points in the hoop frame, mm
 * @throws CoreError('degenerate') for two points on one spot, lines within 5 degrees of each other, or numbers that are
 *   not finite
 * @example a along y = 10 to the right, b along x = 20: corner (20, 10), turn 0, square 0
 */
export function cornerFromEdges({ a, b }: { a: [Point, Point]; b: [Point, Point] }): FoundCorner {
  try {
    requireFinite([...a, ...b], 'edges')
  } catch {
    throw degenerate(message('problem.a-point-along-an-edge'))
  }
  const [u, v] = [along(a), along(b)]
  const [lengthU, lengthV] = [Math.hypot(u.x, u.y), Math.hypot(v.x, v.y)]
  if (lengthU < 1e-9 || lengthV < 1e-9) throw degenerate(message('problem.two-points-of-an-edge'))
  const cross = u.x * v.y - u.y * v.x
  const between = degrees(Math.asin(Math.min(1, Math.abs(cross) / (lengthU * lengthV))))
  if (between <= ALIKE) throw degenerate(message('problem.the-two-edges-run-nearly'))
  const t = ((b[0].x - a[0].x) * v.y - (b[0].y - a[0].y) * v.x) / cross
  const turn = degrees(Math.atan2(u.y, u.x))
  return {
    corner: { x: a[0].x + t * u.x, y: a[0].y + t * u.y },
    turn: turn === -180 ? 180 : turn,
    square: 90 - between,
  }
}

const along = ([p, q]: [Point, Point]): Point => ({ x: q.x - p.x, y: q.y - p.y })
const degenerate = (says: Message): CoreError => new CoreError('degenerate', says, 'edges')

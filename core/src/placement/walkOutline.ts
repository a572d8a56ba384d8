import { type Message, message } from '../messages/message'
import { CoreError } from '../errors'
import { radians, type Point } from '../plane/point'

/** One edge of an outline as it is walked clockwise from the upper left; `turn` follows it, in degrees clockwise. */
export type OutlineEdge = { length: number; turn: number | null }

/**
 * An outline from the lengths of its edges, clockwise, the first one along the top. Three edges need no turns; four
 * without turns have their first and third edge level; with more, a turn not given is a right angle. What the tape
 * leaves open (up to 3 mm, or 1 % of the way round) is shared out along the edges.
 *
 * @param edges lengths in mm
 * @returns the corners in order, the first at (0, 0)
 * @throws CoreError 'bad-edge', 'open-outline', 'crossed-outline'; `path` names the edge
 * @example 300, 400, 300, 400 without turns: a rectangle, its corners (0,0) (300,0) (300,400) (0,400)
 */
export function walkOutline(edges: readonly OutlineEdge[]): Point[] {
  if (edges.length < 3) throw new CoreError('bad-edge', message('problem.an-outline-needs-at-least'), 'edges')
  edges.forEach(({ length }, i) => {
    if (!(length > 0 && Number.isFinite(length)))
      throw new CoreError('bad-edge', message('problem.edge-must-be-above-zero', { i: i + 1 }), `measures.edge${i + 1}`)
  })
  const free = edges.every((e) => e.turn === null)
  const corners = edges.length === 3 ? triangle(edges) : edges.length === 4 && free ? levelSided(edges) : walked(edges)
  requireSimple(corners)
  return corners
}

const at = (x: number, y: number): Point => ({ x, y })

function triangle([top, right, left]: readonly OutlineEdge[]): Point[] {
  const [a, b, c] = [top!.length, right!.length, left!.length]
  const x = (a * a + c * c - b * b) / (2 * a)
  const high = c * c - x * x
  if (high <= 1e-9) throw notClosing(message('problem.the-three-edges-do-not'))
  return [at(0, 0), at(a, 0), at(x, Math.sqrt(high))]
}

/** Four edges, the upper and the lower level: how they lean follows from their lengths. */
function levelSided([top, right, bottom, left]: readonly OutlineEdge[]): Point[] {
  const [a, b, c, d] = [top!.length, right!.length, bottom!.length, left!.length]
  const more = c - a
  if (Math.abs(more) < 1e-6) {
    if (Math.abs(b - d) > Math.max(3, 0.01 * (b + d))) throw notClosing(message('problem.upper-and-lower-edge-are'))
    return [at(0, 0), at(a, 0), at(c, (b + d) / 2), at(0, (b + d) / 2)]
  }
  const s = (b * b - d * d - more * more) / (2 * more)
  const high = d * d - s * s
  if (high <= 1e-9) throw notClosing(message('problem.four-edges-of-these-lengths'))
  return [at(0, 0), at(a, 0), at(s + c, Math.sqrt(high)), at(s, Math.sqrt(high))]
}

function walked(edges: readonly OutlineEdge[]): Point[] {
  const path: Point[] = [at(0, 0)]
  let heading = 0
  for (const { length, turn } of edges) {
    const from = path[path.length - 1]!
    path.push(at(from.x + length * Math.cos(radians(heading)), from.y + length * Math.sin(radians(heading))))
    heading += turn ?? 90
  }
  const end = path.pop()!
  const open = Math.hypot(end.x, end.y)
  const round = edges.reduce((sum, e) => sum + e.length, 0)
  if (open > Math.max(3, 0.01 * round))
    throw notClosing(message('problem.the-edges-do-not-meet', { round: Math.round(open) }))
  let gone = 0
  return path.map((p, i) => {
    const share = gone / round
    gone += edges[i]!.length
    return at(p.x - end.x * share, p.y - end.y * share)
  })
}

const notClosing = (says: Message): CoreError => new CoreError('open-outline', says, 'edges')

function requireSimple(corners: readonly Point[]): void {
  const n = corners.length
  const side = (a: Point, b: Point, p: Point): number => (b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x)
  for (let i = 0; i < n; i++) {
    for (let j = i + 2; j < n; j++) {
      if (i === 0 && j === n - 1) continue
      const [a, b, c, d] = [corners[i]!, corners[i + 1]!, corners[j]!, corners[(j + 1) % n]!]
      if (side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0)
        throw new CoreError(
          'crossed-outline',
          message('problem.edge-crosses-edge-check-the', { i: i + 1, j: j + 1 }),
          'edges',
        )
    }
  }
}

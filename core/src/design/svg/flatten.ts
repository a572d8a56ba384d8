import svgpath from 'svgpath'
import type { Point } from '../../plane/point'
import { MOST_MM } from '../design'

/** One run of a path without a lift, as straight pieces; `closed` when the path says so. */
export type Polyline = { points: Point[]; closed: boolean }

type Read = InstanceType<typeof svgpath> & { err?: string }
type Cubic = [Point, Point, Point, Point]

const MOST_POINTS = 2_000_000

/** Pieces for a curve to stay within `tolerance` of it: from the bound on its second derivative. */
function pieces([a, b, c, d]: Cubic, tolerance: number): number {
  const bend = Math.max(
    Math.hypot(a.x - 2 * b.x + c.x, a.y - 2 * b.y + c.y),
    Math.hypot(b.x - 2 * c.x + d.x, b.y - 2 * c.y + d.y),
  )
  return Math.min(500, Math.max(1, Math.ceil(Math.sqrt((0.75 * bend) / tolerance))))
}

function cubicAt([a, b, c, d]: Cubic, t: number): Point {
  const u = 1 - t
  const [p, q, r, s] = [u * u * u, 3 * u * u * t, 3 * u * t * t, t * t * t]
  return { x: p * a.x + q * b.x + r * c.x + s * d.x, y: p * a.y + q * b.y + r * c.y + s * d.y }
}

/** How far a stroked curve may turn from one piece to the next: its edges lie on the normals. */
const MOST_TURN = Math.PI / 18
/** The same for the first and last piece, which joins and caps go by. */
const MOST_TURN_AT_END = Math.PI / 360
const MOST_HALVINGS = 14

const halfway = (p: Point, q: Point): Point => ({ x: (p.x + q.x) / 2, y: (p.y + q.y) / 2 })

function halves([a, b, c, d]: Cubic): [Cubic, Cubic] {
  const [ab, bc, cd] = [halfway(a, b), halfway(b, c), halfway(c, d)]
  const [abc, bcd] = [halfway(ab, bc), halfway(bc, cd)]
  const middle = halfway(abc, bcd)
  return [
    [a, ab, abc, middle],
    [middle, bcd, cd, d],
  ]
}

/** An upper bound on how far the curve turns, radians: the turns of its control polygon. */
function turning(curve: Cubic): number {
  const legs = curve.slice(1).map((p, i) => ({ x: p.x - curve[i]!.x, y: p.y - curve[i]!.y }))
  const long = legs.filter(({ x, y }) => x !== 0 || y !== 0)
  return long.slice(1).reduce((sum, { x, y }, i) => {
    const from = long[i]!
    return sum + Math.abs(Math.atan2(from.x * y - from.y * x, from.x * x + from.y * y))
  }, 0)
}

class Pen {
  readonly runs: Polyline[] = []
  readonly #mm: number
  #at: Point = { x: 0, y: 0 }
  #start: Point = { x: 0, y: 0 }
  #count = 0

  constructor(
    private readonly tolerance: number,
    largest: number,
    private readonly stroked: boolean,
  ) {
    this.#mm = largest
  }

  moveTo(p: Point): void {
    this.#at = this.#start = p
    this.runs.push({ points: [this.#kept(p)], closed: false })
  }

  lineTo(p: Point): void {
    // Drawing on after a close begins again where the closed run began.
    if (this.runs.at(-1)!.closed) this.moveTo(this.#start)
    this.runs.at(-1)!.points.push(this.#kept(p))
    this.#at = p
  }

  curveTo(b: Point, c: Point, d: Point): void {
    const curve: Cubic = [this.#at, b, c, d]
    ;[b, c].forEach((p) => this.#kept(p))
    if (this.stroked) return this.#halve(curve, MOST_HALVINGS, true, true)
    const n = pieces(curve, this.tolerance)
    for (let i = 1; i < n; i++) this.lineTo(cubicAt(curve, i / n))
    this.lineTo(d)
  }

  #halve(curve: Cubic, left: number, first: boolean, last: boolean): void {
    const most = first || last ? MOST_TURN_AT_END : MOST_TURN
    if (left === 0 || (pieces(curve, this.tolerance) === 1 && turning(curve) <= most)) return this.lineTo(curve[3])
    const [one, other] = halves(curve)
    this.#halve(one, left - 1, first, false)
    this.#halve(other, left - 1, false, last)
  }

  close(): void {
    const run = this.runs.at(-1)
    if (run) run.closed = true
    this.#at = this.#start
  }

  get at(): Point {
    return this.#at
  }

  /** @throws Error for a point that cannot be on any drawing */
  #kept(p: Point): Point {
    if (!(Math.abs(p.x) <= this.#mm && Math.abs(p.y) <= this.#mm))
      throw new Error(`a point lies farther out than ${MOST_MM} mm`)
    if (++this.#count > MOST_POINTS) throw new Error('it has too many points')
    return p
  }
}

/**
 * Path data as straight runs, curves and arcs followed to within `tolerance` user units.
 *
 * @param mmPerUnit size of a user unit, for the limit on where a point may lie
 * @param stroked follows its directions as well, so that what a stroke adds at its sides and ends lies true
 * @throws Error saying what is wrong with the path
 */
export function flatten(d: string, tolerance: number, mmPerUnit: number, stroked = false): Polyline[] {
  // A last command that nothing follows draws nothing, and is passed over as browsers do.
  const path = svgpath(d.replace(/[MLHVCSQTA][\s,]*$/i, ''))
    .abs()
    .unshort()
    .unarc() as Read
  if (path.err) throw new Error(`its path data breaks off at character ${/pos (\d+)/.exec(path.err)?.[1] ?? '1'}`)
  const pen = new Pen(tolerance, (2 * MOST_MM) / mmPerUnit, stroked)
  path.iterate((segment) => {
    const n = segment.slice(1) as number[]
    const at = (i: number): Point => ({ x: n[i]!, y: n[i + 1]! })
    if (segment[0] === 'M') pen.moveTo(at(0))
    else if (segment[0] === 'L') pen.lineTo(at(0))
    else if (segment[0] === 'H') pen.lineTo({ x: n[0]!, y: pen.at.y })
    else if (segment[0] === 'V') pen.lineTo({ x: pen.at.x, y: n[0]! })
    else if (segment[0] === 'C') pen.curveTo(at(0), at(2), at(4))
    else if (segment[0] === 'Q') {
      const [a, q, d] = [pen.at, at(0), at(2)]
      const toward = (p: Point): Point => ({ x: p.x + (2 / 3) * (q.x - p.x), y: p.y + (2 / 3) * (q.y - p.y) })
      pen.curveTo(toward(a), toward(d), d)
    } else pen.close()
  })
  return pen.runs
}

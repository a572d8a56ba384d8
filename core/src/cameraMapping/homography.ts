import { type Message, message } from '../messages/message'
import { Matrix, SVD, solve } from 'ml-matrix'
import { CoreError } from '../errors'
import { type Point, requireFinite } from '../plane/point'
import type { PointPair } from '../plane/rigidFit'

/** A view of a plane from aslant, row by row: (x, y) goes to (ax + by + c, dx + ey + f) over (gx + hy + i). */
export type Homography = readonly [number, number, number, number, number, number, number, number, number]

/** Moves and scales points about their middle, so that the linear start is well conditioned. */
type Frame = { x: number; y: number; scale: number }

const STEPS = 30
/** Under this share of the largest, a singular value counts as none. */
const NOTHING = 1e-9

const degenerate = (says: Message): CoreError => new CoreError('degenerate', says, 'pairs')

/**
 * The view that carries every `from` onto its `to` with the least sum of squared distances: a normalised linear start,
 * then Gauss-Newton on the distances themselves. Rule: core.md section 4.
 *
 * @param pairs 4 or more, such as places in a picture (pixels) and where they are in the hoop (millimetres)
 * @throws CoreError('degenerate') for fewer than 4 pairs, numbers that are not finite, or pairs that leave more than one
 *   view open (three corners of four in one line)
 * @example the corners of a unit square onto (0,0) (2,0) (2,2) (0,2): (0.5, 0.5) goes to (1, 1)
 */
export function homographyFrom(pairs: PointPair[]): Homography {
  if (pairs.length < 4) throw degenerate(message('problem.at-least-four-points-are'))
  try {
    requireFinite([...pairs.map((p) => p.from), ...pairs.map((p) => p.to)], 'pairs')
  } catch {
    throw degenerate(message('problem.a-point-has-a-coordinate'))
  }
  const [source, target] = [frameOf(pairs.map((p) => p.from)), frameOf(pairs.map((p) => p.to))]
  const near = pairs.map(({ from, to }) => ({ from: intoFrame(source, from), to: intoFrame(target, to) }))
  const refined = refine(linearStart(near), near)
  requireOneSide(refined, near)
  return outOfFrames(refined, source, target)
}

/**
 * Where a view puts a point.
 *
 * @throws CoreError('degenerate') for a point on the view's horizon, which it puts nowhere
 */
export function applyHomography([a, b, c, d, e, f, g, h, i]: Homography, { x, y }: Point): Point {
  const depth = g * x + h * y + i
  if (!(Math.abs(depth) > 1e-12)) throw new CoreError('degenerate', message('problem.that-point-lies-on-the'), 'p')
  return { x: (a * x + b * y + c) / depth, y: (d * x + e * y + f) / depth }
}

function frameOf(points: Point[]): Frame {
  const x = points.reduce((sum, p) => sum + p.x, 0) / points.length
  const y = points.reduce((sum, p) => sum + p.y, 0) / points.length
  const far = points.reduce((sum, p) => sum + Math.hypot(p.x - x, p.y - y), 0) / points.length
  if (!(far > 0)) throw degenerate(message('problem.the-points-are-all-in'))
  return { x, y, scale: Math.SQRT2 / far }
}

const intoFrame = ({ x, y, scale }: Frame, p: Point): Point => ({ x: (p.x - x) * scale, y: (p.y - y) * scale })

/** The direct linear transform: the view is what the equations leave open. */
function linearStart(pairs: PointPair[]): Homography {
  const rows = pairs.flatMap(({ from: { x, y }, to }) => [
    [x, y, 1, 0, 0, 0, -to.x * x, -to.x * y, -to.x],
    [0, 0, 0, x, y, 1, -to.y * x, -to.y * y, -to.y],
  ])
  while (rows.length < 9) rows.push(new Array<number>(9).fill(0))
  const { diagonal, rightSingularVectors } = new SVD(new Matrix(rows), { autoTranspose: true })
  if (diagonal[7]! < NOTHING * diagonal[0]!) throw degenerate(message('problem.these-points-dont-settle-the'))
  const view = rightSingularVectors.getColumn(8) as unknown as Homography
  const [a, b, c, d, e, f, g, h, i] = view
  const volume = a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g)
  if (Math.abs(volume) < NOTHING) throw degenerate(message('problem.three-of-these-points-are'))
  return view
}

/** Gauss-Newton on the distances, the view's size held: nine numbers, eight of them free. */
function refine(start: Homography, pairs: PointPair[]): Homography {
  let view = start
  let best = squaresOf(view, pairs)
  for (let step = 0; step < STEPS; step++) {
    const { normal, slope } = equationsAt(view, pairs)
    const change = solve(normal, slope).to1DArray()
    const next = unit(view.map((value, k) => value - change[k]!) as unknown as Homography)
    const squares = squaresOf(next, pairs)
    if (!(squares < best)) break
    const settled = best - squares <= 1e-16 * best
    view = next
    best = squares
    if (settled) break
  }
  return view
}

function equationsAt(view: Homography, pairs: PointPair[]): { normal: Matrix; slope: Matrix } {
  const normal = Matrix.zeros(9, 9)
  const slope = Matrix.zeros(9, 1)
  for (const { from, to } of pairs) {
    const { x, y } = from
    const depth = view[6] * x + view[7] * y + view[8]
    const at = applyHomography(view, from)
    const rows = [
      { off: at.x - to.x, by: [x, y, 1, 0, 0, 0, -at.x * x, -at.x * y, -at.x] },
      { off: at.y - to.y, by: [0, 0, 0, x, y, 1, -at.y * x, -at.y * y, -at.y] },
    ]
    for (const { off, by } of rows)
      by.forEach((p, j) => {
        slope.set(j, 0, slope.get(j, 0) + (p / depth) * off)
        by.forEach((q, k) => normal.set(j, k, normal.get(j, k) + (p * q) / (depth * depth)))
      })
  }
  // Along the view itself nothing changes but its size, which is held.
  for (let j = 0; j < 9; j++) for (let k = 0; k < 9; k++) normal.set(j, k, normal.get(j, k) + view[j]! * view[k]!)
  return { normal, slope }
}

function squaresOf(view: Homography, pairs: PointPair[]): number {
  return pairs.reduce((sum, { from, to }) => {
    const at = applyHomography(view, from)
    return sum + (at.x - to.x) ** 2 + (at.y - to.y) ** 2
  }, 0)
}

function unit(view: Homography): Homography {
  const size = Math.hypot(...view)
  return view.map((value) => value / size) as unknown as Homography
}

/** A view in which some places lie behind the horizon is none of this plane. */
function requireOneSide(view: Homography, pairs: PointPair[]): void {
  const depths = pairs.map(({ from }) => view[6] * from.x + view[7] * from.y + view[8])
  if (depths.some((depth) => depth * depths[0]! <= 0)) throw degenerate(message('problem.no-camera-can-see-the'))
}

function outOfFrames(view: Homography, source: Frame, target: Frame): Homography {
  const into = new Matrix([
    [source.scale, 0, -source.x * source.scale],
    [0, source.scale, -source.y * source.scale],
    [0, 0, 1],
  ])
  const out = new Matrix([
    [1 / target.scale, 0, target.x],
    [0, 1 / target.scale, target.y],
    [0, 0, 1],
  ])
  const middle = new Matrix([view.slice(0, 3), view.slice(3, 6), view.slice(6, 9)])
  return unit(out.mmul(middle).mmul(into).to1DArray() as unknown as Homography)
}

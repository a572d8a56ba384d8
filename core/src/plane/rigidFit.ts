import { type Message, message } from '../messages/message'
import { CoreError } from '../errors'
import { degrees, type Point, type Pose, requireFinite, rotatePoint, applyPose } from './point'

export type PointPair = { from: Point; to: Point }
type Stretch = { along: number; across: number }
export type RigidFit = { pose: Pose; rms: number; stretch: Stretch }

const mean = (values: number[]): number => values.reduce((sum, v) => sum + v, 0) / values.length
const centroid = (points: Point[]): Point => ({ x: mean(points.map((p) => p.x)), y: mean(points.map((p) => p.y)) })
const spread = (points: Point[], c: Point): number => Math.max(...points.map((p) => Math.hypot(p.x - c.x, p.y - c.y)))

/**
 * Least-squares turn and move, without scale, that carries every `from` onto its `to`.
 *
 * `pose.rotation` is in (-180, 180] degrees; `rms` is the root of the mean squared residual in mm; `stretch` is
 * measured over planned distance minus 1, `along` the longest planned pair and `across` the longest within 30
 * degrees of perpendicular to it (0 when there is none). Rule: core.md section 4 (planar Procrustes).
 *
 * @throws CoreError('degenerate') for fewer than 2 pairs, coinciding points, numbers that are not finite, or
 *   pairs that fix no rotation
 * @example two dots 100 mm apart, planned level, found 3 degrees clockwise: pose.rotation is 3
 */
export function rigidFit(pairs: PointPair[]): RigidFit {
  const [from, to] = [pairs.map((p) => p.from), pairs.map((p) => p.to)]
  if (pairs.length < 2) throw degenerate(message('problem.at-least-two-marks-are'))
  try {
    requireFinite([...from, ...to], 'pairs')
  } catch {
    throw degenerate(message('problem.a-mark-has-a-coordinate'))
  }
  const [cf, ct] = [centroid(from), centroid(to)]
  const [sf, st] = [spread(from, cf), spread(to, ct)]
  if (sf < 1e-9 || st < 1e-9) throw degenerate(message('problem.the-marks-are-in-one'))

  let [dot, cross, size] = [0, 0, 0]
  for (const { from: f, to: t } of pairs) {
    const [fx, fy, tx, ty] = [f.x - cf.x, f.y - cf.y, t.x - ct.x, t.y - ct.y]
    dot += fx * tx + fy * ty
    cross += fx * ty - fy * tx
    size += Math.hypot(fx, fy) * Math.hypot(tx, ty)
  }
  if (Math.hypot(dot, cross) <= 1e-12 * size) throw degenerate(message('problem.the-marks-give-no-direction'))

  const turned = degrees(Math.atan2(cross, dot))
  const rotation = turned === -180 ? 180 : turned
  const centre = rotatePoint(cf, rotation)
  const pose = { x: ct.x - centre.x, y: ct.y - centre.y, rotation }
  const squares = pairs.map(({ from: f, to: t }) => {
    const at = applyPose(pose, f)
    return (at.x - t.x) ** 2 + (at.y - t.y) ** 2
  })
  return { pose, rms: Math.sqrt(mean(squares)), stretch: stretchOf(pairs) }
}

const degenerate = (says: Message): CoreError => new CoreError('degenerate', says, 'pairs')

type Span = { dx: number; dy: number; planned: number; measured: number }

function stretchOf(pairs: PointPair[]): Stretch {
  const spans: Span[] = []
  for (let i = 0; i < pairs.length; i++) {
    for (let j = i + 1; j < pairs.length; j++) {
      const [a, b] = [pairs[i]!, pairs[j]!]
      const [dx, dy] = [b.from.x - a.from.x, b.from.y - a.from.y]
      const measured = Math.hypot(b.to.x - a.to.x, b.to.y - a.to.y)
      spans.push({ dx, dy, planned: Math.hypot(dx, dy), measured })
    }
  }
  const along = longest(spans)
  if (!along) return { along: 0, across: 0 }
  const limit = Math.sin(Math.PI / 6) + 1e-9
  const crossing = spans.filter((s) => Math.abs(s.dx * along.dx + s.dy * along.dy) <= limit * s.planned * along.planned)
  const across = longest(crossing)
  return { along: along.measured / along.planned - 1, across: across ? across.measured / across.planned - 1 : 0 }
}

/** The longest span as planned, the first of equals; spans of no length do not count. */
function longest(spans: Span[]): Span | null {
  let best: Span | null = null
  for (const s of spans) if (s.planned > (best ? best.planned + 1e-9 : 1e-9)) best = s
  return best
}

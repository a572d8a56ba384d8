import { message } from '../messages/message'
import { CoreError } from '../errors'
import { ENOUGH } from '../outcomes/enough'
import { meanOf, studentInterval } from './studentInterval'

/** Where a piece came out from where it was meant: mm right and down, degrees clockwise where that was measured. */
export type LandingSample = { dx: number; dy: number; rotation?: number }

type Range = [low: number, high: number]

/**
 * How landings lie about the target. `interval`: in which the true mean lies, with 95 % confidence; null where too few
 * say. `r50`, `r95`: how far from the target half of them and 19 of 20 lie, in mm.
 */
export type BiasReport = {
  n: number
  enough: boolean
  mean: { dx: number; dy: number; rotation: number }
  interval: { dx: Range | null; dy: Range | null; rotation: Range | null }
  r50: number
  r95: number
  worthCorrecting: { dx: boolean; dy: boolean }
}

/** Less than this, in mm, no tape would find again. */
const WORTH_MM = 1

/**
 * Whether landings drift, and how far they scatter: means with their 95 % intervals (Student's t), and the radii that
 * hold 50 % and 95 % of them. An axis is worth correcting when its interval excludes 0 and its mean is over 1 mm; under
 * five landings nothing is. Rotation is that of the landings that have it; of none it is 0 and without an interval.
 *
 * Source: core.md section 10.
 *
 * @throws CoreError('bad-landing') for a number that is none, with its place
 * @example placementBias([{ dx: 0, dy: 2 }, { dx: 0, dy: 3 }, { dx: 0, dy: 2 }, { dx: 0, dy: 3 }, { dx: 0, dy: 2.5 }]).worthCorrecting // { dx: false, dy: true }
 */
export function placementBias(samples: readonly LandingSample[]): BiasReport {
  samples.forEach(({ dx, dy, rotation = 0 }, i) => {
    if (!Number.isFinite(dx + dy + rotation))
      throw new CoreError('bad-landing', message('problem.give-a-landing-in-millimetres'), String(i))
  })
  const n = samples.length
  const enough = n >= ENOUGH
  const [dx, dy] = [samples.map((s) => s.dx), samples.map((s) => s.dy)]
  const rotation = samples.flatMap((s) => (s.rotation === undefined ? [] : [s.rotation]))
  const far = samples.map((s) => Math.hypot(s.dx, s.dy)).sort((a, b) => a - b)
  const interval = { dx: studentInterval(dx), dy: studentInterval(dy), rotation: studentInterval(rotation) }
  const mean = { dx: meanOf(dx), dy: meanOf(dy), rotation: meanOf(rotation) }
  const worth = (axis: 'dx' | 'dy'): boolean => {
    const range = interval[axis]
    return enough && range !== null && (range[0] > 0 || range[1] < 0) && Math.abs(mean[axis]) > WORTH_MM
  }
  return {
    ...{ n, enough, mean, interval },
    r50: percentile(far, 0.5),
    r95: percentile(far, 0.95),
    worthCorrecting: { dx: worth('dx'), dy: worth('dy') },
  }
}

/** Of sorted values, between two of them in proportion; of none 0. */
function percentile(sorted: readonly number[], share: number): number {
  const place = (sorted.length - 1) * share
  const below = sorted[Math.floor(place)] ?? 0
  const above = sorted[Math.ceil(place)] ?? below
  return below + (above - below) * (place - Math.floor(place))
}

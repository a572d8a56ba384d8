/// <reference path="./jstat.d.ts" />
import jstat from 'jstat'
import { ENOUGH } from '../outcomes/enough'
import { meanOf } from './studentInterval'

/** `slope` over one unit of `at`, with its 95 % interval; `grows` 1 or -1 where that excludes 0, else 0. */
type Trend = { n: number; slope: number; interval: [low: number, high: number]; grows: -1 | 0 | 1 }

/**
 * Whether a number grows or falls over time: the straight line through the points by least squares, its slope with the
 * 95 % interval of Student's t. Null under five points, or where all lie at one time.
 *
 * @example trendOf([0, 1, 2, 3, 4].map((at) => ({ at, value: 10 - at }))) // slope -1, grows -1
 */
export function trendOf(points: readonly { at: number; value: number }[]): Trend | null {
  const n = points.length
  if (n < ENOUGH) return null
  const [at, value] = [meanOf(points.map((p) => p.at)), meanOf(points.map((p) => p.value))]
  const wide = points.reduce((sum, p) => sum + (p.at - at) ** 2, 0)
  if (!(wide > 0)) return null
  const slope = points.reduce((sum, p) => sum + (p.at - at) * (p.value - value), 0) / wide
  const rest = points.reduce((sum, p) => sum + (p.value - value - slope * (p.at - at)) ** 2, 0)
  const half = jstat.studentt.inv(0.975, n - 2) * Math.sqrt(rest / (n - 2) / wide)
  const interval: Trend['interval'] = [slope - half, slope + half]
  return { n, slope, interval, grows: interval[0] > 0 ? 1 : interval[1] < 0 ? -1 : 0 }
}

import { message } from '../messages/message'
/// <reference path="./jstat.d.ts" />
import jstat from 'jstat'
import { CoreError } from '../errors'

/** Between two weighings of one thread: metres the forecasts came to, and metres that were gone. */
export type Weighed = { reckoned: number; gone: number }

/** `interval`: in which the true factor lies, with 95 % confidence; null from one weighing alone. */
type ShopFactor = { factor: number; interval: [low: number, high: number] | null; weighings: number }

const CONFIDENCE = 0.95

/**
 * How much more thread than the forecast a shop's machines take: what was gone over what was worked out, all weighings
 * together, so that a long one counts for more than a short one; with the interval of such a ratio (Student's t on the
 * residuals, one degree of freedom less than weighings).
 *
 * Source: core.md section 9 (`shopFactor`); the interval is that of a ratio estimator.
 *
 * @returns null while nothing was weighed
 * @throws CoreError('bad-weight') for metres below nothing, or nothing worked out
 * @example shopFactor([{ reckoned: 100, gone: 110 }, { reckoned: 300, gone: 330 }]) // { factor: 1.1, interval: [1.1, 1.1], weighings: 2 }
 */
export function shopFactor(weighed: readonly Weighed[]): ShopFactor | null {
  if (weighed.length === 0) return null
  weighed.forEach(({ reckoned, gone }, i) => {
    if (!(reckoned > 0 && gone >= 0 && Number.isFinite(reckoned + gone)))
      throw new CoreError('bad-weight', message('problem.thread-cant-grow-between-two'), String(i))
  })
  const n = weighed.length
  const reckoned = weighed.reduce((sum, w) => sum + w.reckoned, 0)
  const factor = weighed.reduce((sum, w) => sum + w.gone, 0) / reckoned
  if (n === 1) return { factor, interval: null, weighings: n }
  const squares = weighed.reduce((sum, w) => sum + (w.gone - factor * w.reckoned) ** 2, 0)
  const error = Math.sqrt((n * squares) / (n - 1)) / reckoned
  const half = jstat.studentt.inv((1 + CONFIDENCE) / 2, n - 1) * error
  return { factor, interval: [factor - half, factor + half], weighings: n }
}

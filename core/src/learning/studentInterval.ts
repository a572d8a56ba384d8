/// <reference path="./jstat.d.ts" />
import jstat from 'jstat'

const CONFIDENCE = 0.95

export const meanOf = (values: readonly number[]): number =>
  values.reduce((sum, one) => sum + one, 0) / Math.max(1, values.length)

/**
 * Where the true mean lies, with 95 % confidence, by Student's t of one degree of freedom less than values; null for
 * fewer than two, which say nothing of how far they scatter.
 *
 * @example studentInterval([1, 2, 3]) // [-0.484, 4.484]
 */
export function studentInterval(values: readonly number[]): [low: number, high: number] | null {
  const n = values.length
  if (n < 2) return null
  const mean = meanOf(values)
  const variance = values.reduce((sum, one) => sum + (one - mean) ** 2, 0) / (n - 1)
  const half = jstat.studentt.inv((1 + CONFIDENCE) / 2, n - 1) * Math.sqrt(variance / n)
  return [mean - half, mean + half]
}

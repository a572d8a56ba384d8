import { message } from '../messages/message'
import { CoreError } from '../errors'
import { degrees } from '../plane/point'

/** One level across the item: where its left and right edges lie, `x` to the right, all in mm. */
export type Level = { y: number; left: number; right: number }

/** The line x = xAt0 + y * tan(-leanDeg); `spread` is how far apart the levels' middles lie sideways. */
export type CentreLine = { xAt0: number; leanDeg: number; spread: number }

/**
 * The centre line of a garment from two or more levels: least squares through the levels' middles.
 *
 * `left` and `right` are coordinates across the item (equal where only a middle is known, such as a neck label);
 * `leanDeg` is the line's turn from straight down, clockwise positive, so a line whose foot lies to the left leans
 * positive; `spread` is the largest middle minus the smallest, in mm. Warn above 1 degree or 5 mm.
 * Rule: craft.md section 2.
 *
 * @throws CoreError('degenerate') for fewer than two levels, all at one height, or numbers that are not finite
 * @example neck middle at 0, hem 500 lower with its middle at -10: leanDeg 1.146, spread 10
 */
export function fitCentreLine(levels: Level[]): CentreLine {
  if (!levels.every(({ y, left, right }) => [y, left, right].every(Number.isFinite)))
    throw new CoreError('degenerate', message('problem.a-level-has-a-number'), 'levels')
  if (levels.length < 2) throw tooFew()
  const middles = levels.map(({ left, right }) => (left + right) / 2)
  const mean = (values: number[]): number => values.reduce((sum, v) => sum + v, 0) / values.length
  const [y0, x0] = [mean(levels.map((l) => l.y)), mean(middles)]
  let [along, square] = [0, 0]
  levels.forEach(({ y }, i) => {
    along += (y - y0) * (middles[i]! - x0)
    square += (y - y0) ** 2
  })
  const size = Math.max(...levels.map((l) => Math.abs(l.y - y0)))
  if (!(size > 1e-9)) throw tooFew()
  const slope = along / square
  const lean = -degrees(Math.atan(slope))
  return {
    xAt0: x0 - slope * y0,
    leanDeg: lean === 0 ? 0 : lean,
    spread: Math.max(...middles) - Math.min(...middles),
  }
}

const tooFew = (): CoreError =>
  new CoreError('degenerate', message('problem.two-levels-at-different-heights'), 'levels')

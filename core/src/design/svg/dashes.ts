import type { Point } from '../../plane/point'
import type { Polyline } from './flatten'

const MOST_DASHES = 20_000

/** The dashes of a run: pattern and offset in the run's own units; a pattern of nothing leaves the run whole. */
export function dashed(run: Polyline, pattern: readonly number[], offset: number): Polyline[] {
  const whole = pattern.reduce((sum, d) => sum + d, 0)
  if (pattern.some((d) => d < 0) || !(whole > 0)) return [run]
  const dashes = pattern.length % 2 === 1 ? [...pattern, ...pattern] : [...pattern]
  const length = dashes.reduce((sum, d) => sum + d, 0)
  let left = ((offset % length) + length) % length
  let at = 0
  while (left >= dashes[at]!) left -= dashes[at++ % dashes.length]!
  let toGo = dashes[at]! - left
  const points = run.closed ? [...run.points, run.points[0]!] : run.points
  const result: Polyline[] = []
  let current: Point[] = at % 2 === 0 ? [points[0]!] : []
  const turn = (p: Point): void => {
    if (at % 2 === 0) result.push({ points: [...current, p], closed: false })
    at = (at + 1) % dashes.length
    toGo = dashes[at]!
    current = at % 2 === 0 ? [p] : []
  }
  for (let i = 1; i < points.length; i++) {
    const [a, b] = [points[i - 1]!, points[i]!]
    const size = Math.hypot(b.x - a.x, b.y - a.y)
    let done = 0
    while (size - done > toGo) {
      if (result.length > MOST_DASHES) return [run]
      done += toGo
      turn({ x: a.x + ((b.x - a.x) * done) / size, y: a.y + ((b.y - a.y) * done) / size })
    }
    toGo -= size - done
    if (at % 2 === 0) current.push(b)
  }
  if (at % 2 === 0 && current.length > 1) result.push({ points: current, closed: false })
  return result
}

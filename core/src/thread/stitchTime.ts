import { message } from '../messages/message'
import { CoreError } from '../errors'

/** All in seconds. */
export type StitchTime = {
  seconds: number
  parts: { stitching: number; changes: number; trims: number; hooping: number }
}

type TimeQuery = {
  stitches: number
  changes: number
  trims: number
  speedSpm: number
  changeSeconds: number
  hoopingMinutes: number
}

/** What of its speed a machine reaches with starts, stops and corners. */
const REACHED = 0.85
const TRIM_SECONDS = 6

/**
 * How long a piece takes: stitches at 85 % of the speed, changes of colour, 6 s a trim, and the hooping.
 *
 * Source: core.md section 9, craft.md section 8.
 *
 * @throws CoreError('bad-time') with the path of what is not a number from zero up, or a speed of nothing
 * @example stitchTime({ stitches: 8500, changes: 2, trims: 5, speedSpm: 1000, changeSeconds: 60, hoopingMinutes: 4 }).seconds
 * // 600 + 120 + 30 + 240 = 990
 */
export function stitchTime(q: TimeQuery): StitchTime {
  for (const [path, value] of Object.entries(q))
    if (!(value >= 0 && Number.isFinite(value)))
      throw new CoreError('bad-time', message('problem.stitches-changes-trims-and-times'), path)
  if (q.speedSpm === 0) throw new CoreError('bad-time', message('problem.the-speed-is-above-zero'), 'speedSpm')
  const parts = {
    stitching: (q.stitches / (q.speedSpm * REACHED)) * 60,
    changes: q.changes * q.changeSeconds,
    trims: q.trims * TRIM_SECONDS,
    hooping: q.hoopingMinutes * 60,
  }
  return { seconds: parts.stitching + parts.changes + parts.trims + parts.hooping, parts }
}

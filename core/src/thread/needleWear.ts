/** A needle by how long it has sewn and what it has struck: good, to be changed soon, or now. */
type NeedleWear = 'good' | 'soon' | 'now'

const CHANGE_AFTER_MINUTES = 8 * 60
const SOON_BEFORE_MINUTES = 60

/**
 * Whether a needle is to be changed: after about eight hours of stitching, and after any strike.
 *
 * Source: craft.md section 6.
 *
 * @param needle.minutes it has stitched
 * @param needle.strikes on ring, zip or seam
 * @example needleWear({ minutes: 430, strikes: 0 }) // 'soon'
 */
export function needleWear({ minutes, strikes }: { minutes: number; strikes: number }): NeedleWear {
  if (strikes > 0 || minutes >= CHANGE_AFTER_MINUTES) return 'now'
  return minutes >= CHANGE_AFTER_MINUTES - SOON_BEFORE_MINUTES ? 'soon' : 'good'
}

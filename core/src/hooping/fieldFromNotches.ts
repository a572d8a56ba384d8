import { message } from '../messages/message'
import { CoreError } from '../errors'
import type { Point } from '../plane/point'

/** How far the needle came from where the notches cross: to the worker's left and right, away from him and toward him. */
type NotchDistances = { left: number; right: number; away: number; toward: number }

/**
 * A field's size and where the notches cross in it, from four distances measured once on hoop paper: the machine goes to its
 * corners, or stitches a box, and each side is measured from the notch line.
 *
 * @param distances mm
 * @returns `notchOffset`: the crossing as seen from the field's centre, right and toward the worker positive
 * @throws CoreError('bad-field') for a distance that is not a number, or a field under 10 mm
 * @example { left: 52, right: 48, away: 60, toward: 40 }: a field of 100 x 100, the notches 2 right and 10 toward the worker
 */
export function fieldFromNotches({ left, right, away, toward }: NotchDistances): {
  width: number
  height: number
  notchOffset: Point
} {
  const [width, height] = [left + right, away + toward]
  if (!(width >= 10 && height >= 10) || !Number.isFinite(width + height))
    throw new CoreError('bad-field', message('problem.the-field-must-be-at'), 'distances')
  return { width, height, notchOffset: { x: (left - right) / 2, y: (away - toward) / 2 } }
}

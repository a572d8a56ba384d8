import { CoreError } from '../errors'
import { boxOf } from '../plane/box'
import type { Point } from '../plane/point'
import { shrunkenField } from './fields/shrunkenField'

/** A side of the least sewing field a hoop has. */
const LEAST_MM = 10

/**
 * Whether corners in millimetres, either way round, make a sewing field: no dent, not in one line, 10 mm each way.
 *
 * @example isFieldOutline([{ x: 0, y: 0 }, { x: 90, y: 0 }, { x: 45, y: 80 }]) // true
 */
export function isFieldOutline(points: Point[]): boolean {
  try {
    shrunkenField({ shape: 'polygon', points }, 0)
  } catch (error) {
    if (error instanceof CoreError) return false
    throw error
  }
  const { left, right, top, bottom } = boxOf(points)
  return right - left >= LEAST_MM && bottom - top >= LEAST_MM
}

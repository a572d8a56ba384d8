import type { Point } from '../plane/point'
import { shrunkenField } from './fields/shrunkenField'
import type { HoopField } from './hoopField'

/**
 * How far a point lies inside a field, in mm; negative outside. For many points of one field.
 *
 * @throws CoreError('bad-field') as placeInHoop
 * @example roomInField({ shape: 'rect', width: 100, height: 100, cornerRadius: 0 })({ x: 30, y: 0 }) // 20
 */
export function roomInField(field: HoopField): (p: Point) => number {
  const room = shrunkenField(field, 0)
  return ({ x, y }) => room.signedDistance(x, y)
}

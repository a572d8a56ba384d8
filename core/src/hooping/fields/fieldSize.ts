import { boxOf, type Box, rectangle } from '../../plane/box'
import { drawnArea } from '../../plane/halfPlane'
import type { Point } from '../../plane/point'
import type { HoopField } from '../hoopField'

/** The field's corners, an oval's those of its box. */
export const fieldCorners = (field: HoopField): Point[] =>
  field.shape === 'polygon' ? field.points : rectangle(field.width, field.height)

export const fieldBox = (field: HoopField): Box => boxOf(fieldCorners(field))

/** Where a machine puts a design before it is moved: the middle of the field's box. */
export function fieldMiddle(field: HoopField): Point {
  const box = fieldBox(field)
  return { x: (box.left + box.right) / 2, y: (box.top + box.bottom) / 2 }
}

/** mm2. */
export function fieldArea(field: HoopField): number {
  if (field.shape === 'polygon') return Math.abs(drawnArea(field.points))
  if (field.shape === 'oval') return (Math.PI * field.width * field.height) / 4
  return field.width * field.height - (4 - Math.PI) * field.cornerRadius ** 2
}

import type { HoopField } from '@thimble/core/hooping'
import { formatLength, type LengthStyle } from '@thimble/core/lengths'

export function fieldSize(field: HoopField, style: LengthStyle): string {
  if (field.shape === 'polygon') return `Field of ${field.points.length} corners`
  const size = `${formatLength(field.width, style)} × ${formatLength(field.height, style)}`
  return field.shape === 'oval' ? `Oval field ${size}` : `Field ${size}`
}

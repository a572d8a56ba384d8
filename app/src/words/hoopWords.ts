import { things as t } from '@thimble/language/en/things'
import type { HoopField } from '@thimble/core/hooping'
import { formatLength, type LengthStyle } from '@thimble/core/lengths'

export function fieldSize(field: HoopField, style: LengthStyle): string {
  if (field.shape === 'polygon') return t('field-of-corners', { points: field.points.length })
  const size = `${formatLength(field.width, style)} × ${formatLength(field.height, style)}`
  return field.shape === 'oval' ? t('oval-field', { size }) : t('field', { size })
}

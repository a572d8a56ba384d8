import { asked as t } from '@thimble/language/en/asked'
import { lengthUnits } from '@thimble/core/lengths'
import { z } from './sentences'

/** A length as it was typed, and the unit that was meant when none was named: kept even when it cannot be read. */
export const TypedLength = z.strictObject({
  text: z.string().max(60, t('keep-it-under-60-characters')),
  unit: z.enum(lengthUnits),
})
export type TypedLength = z.infer<typeof TypedLength>

/** Nothing typed yet. */
export const NoLength = TypedLength.default({ text: '', unit: 'mm' })

import { asked as t } from '@thimble/language/en/asked'
import { isFieldOutline } from '@thimble/core/hooping'
import { z } from './sentences'
import { Id, StoredDocument, Millimetres, Name, Note, Point } from './stored'

/** A side of a sewing field. */
const FieldSide = z.number().min(10, t('a-field-is-at-least')).max(2000, t('a-field-is-at-most'))
const InField = z.number().min(-2000).max(2000)

export const HoopField = z.discriminatedUnion('shape', [
  z.strictObject({
    shape: z.literal('rect'),
    width: FieldSide,
    height: FieldSide,
    cornerRadius: z.number().min(0).max(500),
  }),
  z.strictObject({ shape: z.literal('oval'), width: FieldSide, height: FieldSide }),
  z.strictObject({
    shape: z.literal('polygon'),
    points: z
      .array(z.strictObject({ x: InField, y: InField }))
      .min(3)
      .max(64)
      .refine(isFieldOutline, t('a-fields-outline-has-no')),
  }),
])
export const Size = z.strictObject({ width: Millimetres, height: Millimetres })

/** How a ring closes; one with magnets clamps. */
const closings = ['screw', 'lever', 'frame'] as const

export const Hoop = StoredDocument.extend({
  name: Name,
  field: HoopField,
  outside: Size,
  /** Where the notches cross, from the field's centre; null: in it. */
  notchOffset: Point.nullable().default(null),
  closes: z.enum(closings).default('screw'),
  /** Held by magnets and not by an inner ring. */
  clamp: z.boolean().default(false),
  maxThicknessMm: z.number().positive(t('it-must-be-above-zero')).max(50).nullable().default(null),
  /** Machines that take it; none named: all do. */
  machines: z.array(Id).max(50).default([]),
  note: Note.default(''),
})
export type Hoop = z.infer<typeof Hoop>

import { supplyKinds, threadFibres, threadWeights } from '@thimble/core/recipe'
import { z } from 'zod'
import { Colour, Kept, Millimetres, Name, Note, Point } from './stored'

export const HoopField = z.discriminatedUnion('shape', [
  z.strictObject({
    shape: z.literal('rect'),
    width: Millimetres,
    height: Millimetres,
    cornerRadius: z.number().min(0).max(500),
  }),
  z.strictObject({ shape: z.literal('oval'), width: Millimetres, height: Millimetres }),
  z.strictObject({ shape: z.literal('polygon'), points: z.array(Point).min(3).max(64) }),
])
export const Size = z.strictObject({ width: Millimetres, height: Millimetres })

export const Hoop = Kept.extend({
  name: Name,
  field: HoopField,
  outside: Size,
  notchOffset: Point.nullable().default(null),
  clamp: z.boolean().default(false),
  maxThicknessMm: z.number().positive('It has to be more than zero.').max(50).nullable().default(null),
  note: Note.default(''),
})
export type Hoop = z.infer<typeof Hoop>

/** A backing or topping on the shelf: the widest piece it gives, and how much is left. */
export const Supply = Kept.extend({
  name: Name,
  kind: z.enum(supplyKinds),
  colour: Colour.default('#ffffff'),
  widthMm: Millimetres,
  leftMm: z.number().min(0, 'It cannot be less than nothing.').max(200_000),
  lowMm: z.number().min(0).max(200_000).default(0),
  note: Note.default(''),
})
export type Supply = z.infer<typeof Supply>

/** Thread on the shelf. */
export const Thread = Kept.extend({
  name: Name,
  colour: Colour,
  weight: z.literal(threadWeights).default(40),
  fibre: z.enum(threadFibres).default('polyester'),
  leftM: z.number().min(0, 'It cannot be less than nothing.').max(50_000).nullable().default(null),
  note: Note.default(''),
})
export type Thread = z.infer<typeof Thread>

import { z } from 'zod'
import { Colour, Kept, Millimetres, Name, Note } from './stored'

const Corner = z.object({ x: z.number(), y: z.number() })

export const HoopFieldSchema = z.discriminatedUnion('shape', [
  z.object({
    shape: z.literal('rect'),
    width: Millimetres,
    height: Millimetres,
    cornerRadius: z.number().min(0).max(500),
  }),
  z.object({ shape: z.literal('oval'), width: Millimetres, height: Millimetres }),
  z.object({ shape: z.literal('polygon'), points: z.array(Corner).min(3).max(64) }),
])

export const Hoop = Kept.extend({
  name: Name,
  field: HoopFieldSchema,
  outside: z.object({ width: Millimetres, height: Millimetres }),
  notchOffset: Corner.nullable().default(null),
  clamp: z.boolean().default(false),
  maxThicknessMm: z.number().positive('It has to be more than zero.').max(50).nullable().default(null),
  note: Note.default(''),
})
export type Hoop = z.infer<typeof Hoop>

export const supplyKinds = [
  'tear-away-light',
  'tear-away-medium',
  'tear-away-fusible',
  'tear-away-sticky',
  'part-soluble',
  'part-soluble-fusible',
  'part-soluble-sticky',
  'wash-away',
  'wash-away-sticky',
  'cut-away-mesh',
  'cut-away-mesh-fusible',
  'cut-away-medium',
  'cut-away-heavy',
  'interfacing-fusible',
  'wash-away-film',
  'heat-away-film',
  'permanent-film',
  'cover-soft-fusible',
] as const

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
  weight: z.union([z.literal(12), z.literal(30), z.literal(40), z.literal(60)]).default(40),
  fibre: z.enum(['polyester', 'rayon', 'matte-polyester', 'metallic']).default('polyester'),
  leftM: z.number().min(0, 'It cannot be less than nothing.').max(50_000).nullable().default(null),
  note: Note.default(''),
})
export type Thread = z.infer<typeof Thread>

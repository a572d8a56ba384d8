import { asked as t } from '@thimble/language/en/asked'
import { lineAxes } from '@thimble/core/placement'
import { z } from './sentences'
import { StoredDocument, Millimetres, Name } from './stored'

const Edge = z.strictObject({
  length: Millimetres,
  /** The corner after it, in degrees clockwise; null: as the lengths have it, or a right angle. */
  turn: z
    .number()
    .min(-179, t('a-corner-turns-less-than'))
    .max(179, t('a-corner-turns-less-than'))
    .nullable()
    .default(null),
})
const Line = z.strictObject({
  name: z.string().trim().min(1, t('give-the-line-a-name')).max(60),
  axis: z.enum(lineAxes),
  at: z.number().min(0, t('it-cant-be-less-than')).max(5000),
})
const Strip = z.strictObject({ edge: z.int().min(1).max(24), depth: Millimetres })

/** An item of the worker's own: its outline by edge lengths, lines to measure from, strips kept free. */
export const CustomItem = z.strictObject({
  name: Name,
  edges: z.array(Edge).min(3, t('an-outline-needs-at-least')).max(24, t('the-most-is-24-edges')),
  lines: z.array(Line).max(12).default([]),
  strips: z.array(Strip).max(24).default([]),
})
export type CustomItem = z.infer<typeof CustomItem>

/** A custom item saved for the next time. */
export const SavedItem = StoredDocument.extend(CustomItem.shape)
export type SavedItem = z.infer<typeof SavedItem>

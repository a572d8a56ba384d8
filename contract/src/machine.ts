import { asked as t } from '@thimble/language/en/asked'
import { needlePoints, needleSizes } from '@thimble/core/recipe'
import { Size } from './hoop'
import { z } from './sentences'
import { Id, Instant, StoredDocument, Left, Millimetres, Name, Note } from './stored'

const beds = ['flat', 'free-arm'] as const
const turnings = ['any', 'quarter'] as const

/** A machine of the shop: what it sews, what can be dialled at it, and the room its throat has. */
export const Machine = StoredDocument.extend({
  name: Name,
  bed: z.enum(beds).default('flat'),
  needles: z.int().min(1, t('it-has-at-least-one')).max(30, t('the-most-is-30-needles')).default(1),
  /** The largest field it sews in one hooping. */
  field: Size,
  usualSpm: z.int().min(50, t('the-slowest-is-50')).max(3000, t('the-fastest-is-3000')).default(600),
  mostSpm: z.int().min(50, t('the-slowest-is-50')).max(3000, t('the-fastest-is-3000')).default(800),
  /** From one colour to the next, in seconds. */
  changeSeconds: z.number().min(0).max(900, t('thats-over-15-minutes-check')).default(75),
  /** The smallest turn in degrees and the smallest move in mm that can be dialled. */
  angleStep: z.number().positive(t('it-must-be-above-zero')).max(90).default(1),
  moveStep: z.number().positive(t('it-must-be-above-zero')).max(10).default(0.5),
  /** Whether it turns a design by any angle, or by quarters only. */
  turns: z.enum(turnings).default('any'),
  throatDepth: Millimetres.default(180),
  throatHeight: Millimetres.default(90),
  onBench: z.boolean().default(true),
  /** The needle in it, since when, and what it was taken from; null: not known. */
  needle: z
    .strictObject({
      ...{ size: z.enum(needleSizes), point: z.enum(needlePoints), coated: z.boolean(), since: Instant },
      from: Id.nullable().default(null),
    })
    .nullable()
    .default(null),
  /** The bobbin in it as it went in. */
  bobbin: z
    .strictObject({ woundM: z.number().positive().max(2000), since: Instant, from: Id.nullable().default(null) })
    .nullable()
    .default(null),
  /** Minutes that needle has sewn and what it has struck, as the ledger has it. */
  needleMinutes: Left.default(0),
  needleStrikes: Left.default(0),
  /** Metres on the bobbin in it, as the ledger has it; null: not known. */
  bobbinM: Left.nullable().default(null),
  note: Note.default(''),
})
export type Machine = z.infer<typeof Machine>

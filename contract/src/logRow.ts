import { clothFamilies, layerKinds } from '@thimble/core/recipe'
import { faultIds, verdicts } from '@thimble/core/records'
import { z } from './sentences'
import { Holding } from './piece/stack'
import { Id, Instant } from './stored'

/** One finished piece as the log lists it: ids and numbers. Landing in mm: right and down are positive. */
export const LogRow = z.strictObject({
  pieceId: Id,
  name: z.string(),
  customer: z.string(),
  finishedAt: Instant,
  cloth: z.enum(clothFamilies),
  /** What lay above and below the cloth, from the top; null: no stack was noted. */
  layers: z.array(z.enum(layerKinds)).nullable(),
  holding: Holding.nullable(),
  verdict: z.enum(verdicts).nullable(),
  dx: z.number().nullable(),
  dy: z.number().nullable(),
  faults: z.array(z.enum(faultIds)),
  note: z.string(),
})
export type LogRow = z.infer<typeof LogRow>

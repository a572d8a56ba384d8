import { z } from 'zod'
import { faultIds, holdingIds } from './piece'

/** One finished piece as the log lists it. Landing in mm: right and down are positive. */
export const LogRow = z.object({
  pieceId: z.string(),
  name: z.string(),
  customer: z.string(),
  finishedAt: z.string(),
  cloth: z.string(),
  stack: z.string(),
  holding: z.enum(holdingIds).nullable(),
  verdict: z.enum(['good', 'passable', 'spoiled']).nullable(),
  dx: z.number().nullable(),
  dy: z.number().nullable(),
  faults: z.array(z.enum(faultIds)),
  note: z.string(),
})
export type LogRow = z.infer<typeof LogRow>

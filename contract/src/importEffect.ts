import { z } from './sentences'

/**
 * What a shop file would do, by list: how many are new, would be written over, are older than what they would write
 * over, and are the same.
 */
export const ImportEffect = z.record(
  z.string(),
  z.strictObject({ added: z.int(), changed: z.int(), older: z.int(), same: z.int() }),
)
export type ImportEffect = z.infer<typeof ImportEffect>

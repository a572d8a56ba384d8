import { z } from './sentences'

/**
 * What a shop file would do, by list: how many are new, would be overwritten, are older than what they would write
 * over, are the same, and, where it takes the shop's place, are not in it and would be removed.
 */
export const ImportEffect = z.record(
  z.string(),
  z.strictObject({ added: z.int(), changed: z.int(), older: z.int(), same: z.int(), removed: z.int() }),
)
export type ImportEffect = z.infer<typeof ImportEffect>

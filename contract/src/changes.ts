import { z } from './sentences'
import { Id } from './stored'

/** What changes: a document of a collection, or the shop’s settings under the id “shop”. */
export const ChangedThing = z.strictObject({
  collection: z.string(),
  id: Id,
  revision: z.int(),
  /** As it is now; null where it was removed. */
  doc: z.record(z.string(), z.unknown()).nullable(),
  /** Changes made by someone who had not seen the one before: what they had seen, and the revision that came of it. */
  concurrentWrites: z.array(z.tuple([z.int(), z.int()])).nullable(),
})
export type ChangedThing = z.infer<typeof ChangedThing>

/** A page of what has changed, each thing once, in the order of the last changes. */
export const Changes = z.strictObject({
  /** This start of the program; to be given back with `next`. */
  start: z.string(),
  /** What was asked for is not of this shop’s history (a backup was put back): begin again at 0. */
  anew: z.boolean(),
  changes: z.array(ChangedThing),
  /** Up to where this page reaches: what to ask for next. */
  next: z.int(),
  /** The last revision of the shop as this was asked; there is more where `next` is not there yet. */
  last: z.int(),
})
export type Changes = z.infer<typeof Changes>

/** Something that was removed, and can be brought back. */
export const RemovedThing = z.strictObject({
  collection: z.string(),
  id: Id,
  name: z.string(),
  removedAt: z.string(),
})
export type RemovedThing = z.infer<typeof RemovedThing>

/** What lies beside the collections because it cannot be read, with why. */
export const SetAside = z.strictObject({ collection: z.string(), id: z.string(), doc: z.string(), reason: z.string() })
export type SetAside = z.infer<typeof SetAside>

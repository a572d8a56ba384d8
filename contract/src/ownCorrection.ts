import { z } from './sentences'
import { Id, Instant, StoredDocument, Name } from './stored'

/** What landings are looked at by. */
export const driftOwners = ['hoop', 'machine', 'holding', 'item'] as const
export type DriftOwner = (typeof driftOwners)[number]

/** What they are told in: as the piece lies face up before one, or as the hoop does. */
export const driftFrames = ['item', 'hoop'] as const
export type DriftFrame = (typeof driftFrames)[number]

const Far = z.number().min(-50).max(50)
/** Pieces it was learned from, and how far off they landed in the mean: right and down are positive. */
const Learned = z.strictObject({ pieces: z.int().min(1), right: Far, down: Far })

/**
 * What a worker has taken from where the shop's landings lie: mm added to every move, right and down positive, in the
 * frame they drift in.
 */
export const OwnCorrection = StoredDocument.extend({
  /** What it is of, as it was called then. */
  name: Name,
  by: z.enum(driftOwners),
  of: Id,
  frame: z.enum(driftFrames),
  right: Far,
  down: Far,
  learned: Learned,
  /** Since when it is added. */
  since: Instant,
  on: z.boolean().default(true),
})
export type OwnCorrection = z.infer<typeof OwnCorrection>

/** The same as a hooping keeps it: mm in the hoop's frame. */
export const Added = z.strictObject({
  right: Far,
  down: Far,
  by: z.enum(driftOwners),
  name: z.string().max(120),
  learned: Learned,
})
export type Added = z.infer<typeof Added>

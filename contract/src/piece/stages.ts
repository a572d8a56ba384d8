import { z } from '../sentences'
import { Message } from '../message'
import { Instant, OwnId } from '../stored'

/** What would now come out otherwise than it was decided: what it is about, how it was and how it would be. */
export const Difference = z.strictObject({ about: OwnId, was: Message.nullable(), now: Message.nullable() })
export type Difference = z.infer<typeof Difference>

/**
 * A stage: what was put in, and what was decided once it was marked done. What was decided is a list of one at the
 * most, because a merge patch replaces a list whole and never mixes an old decision into a new one.
 */
export function stageOf<Put extends z.ZodRawShape, Decided extends z.ZodRawShape>(put: Put, decided: Decided) {
  return z.strictObject({
    ...put,
    kept: z
      .array(z.strictObject({ at: Instant, ...decided }))
      .max(1)
      .default([]),
    /** Opened again: its plan is live until it is kept as it was or decided again. */
    reopened: z.boolean().default(false),
    /** Differences that the worker has seen and kept the decision in spite of. */
    declined: z.array(Difference).max(60).default([]),
  })
}

/** Lines ticked off, by their id. */
export const Ticks = z.record(z.string().max(60), z.boolean()).default({})
/** What lines said as they were ticked off, by their ids; a line that is not there carries no numbers of this piece. */
export const SaidAsTicked = z.record(z.string().max(60), Message.nullable()).default({})
/** A list as it stood: its lines in order, each ticked or skipped. */
const line = z.strictObject({
  id: OwnId,
  ticked: z.boolean(),
  /** The line itself where it carries numbers of this piece; null: worded by its id. */
  said: Message.nullable().default(null),
})
export const StoredList = z.array(line).max(60)
/** The lists before the start, one a hooping. */
export const StoredLists = z.array(line.extend({ hooping: z.int().min(0).max(10_000).default(0) })).max(60_000)

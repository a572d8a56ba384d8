import { driftFrames, driftOwners } from './ownCorrection'
import { z } from './sentences'

const Range = z.tuple([z.number(), z.number()])
const Trend = z
  .strictObject({ n: z.int(), slope: z.number(), interval: Range, grows: z.literal([-1, 0, 1]) })
  .nullable()

/** How many of a group came out well, with the 95 % interval of the true share. */
const Rate = z.strictObject({
  id: z.string(),
  name: z.string(),
  tries: z.int(),
  successes: z.int(),
  interval: Range,
  /** Of those that were seen after the wash; none where nobody looked. */
  washed: z.strictObject({ tries: z.int(), successes: z.int() }).optional(),
})

/** What outcomes are told apart by. */
export const rateKinds = ['cloth', 'stack', 'holding', 'needle'] as const
export type RateKind = (typeof rateKinds)[number]

const Bias = z.strictObject({
  n: z.int(),
  enough: z.boolean(),
  mean: z.strictObject({ dx: z.number(), dy: z.number(), rotation: z.number() }),
  interval: z.strictObject({ dx: Range.nullable(), dy: Range.nullable(), rotation: Range.nullable() }),
  r50: z.number(),
  r95: z.number(),
  worthCorrecting: z.strictObject({ dx: z.boolean(), dy: z.boolean() }),
})

/**
 * Landings of one hoop, machine, way of holding or item, in the frame they drift in: what was added to their moves already
 * is taken out again.
 * `points`: right and down of the target, the latest of them.
 */
const Landings = z.strictObject({
  id: z.string(),
  name: z.string(),
  frame: z.enum(driftFrames),
  report: Bias,
  points: z.array(z.tuple([z.number(), z.number()])),
  corrected: z.int(),
})

/** A month: its pieces, how far off they landed in the mean, how often they were hooped, how long they took, and how many had a fault. */
const Month = z.strictObject({
  month: z.string(),
  pieces: z.int(),
  off: z.number().nullable(),
  tries: z.number().nullable(),
  minutes: z.number().nullable(),
  faulty: z.int(),
})

/** How often a fault came up, month by month, and where it comes up most. */
const FaultSeen = z.strictObject({
  id: z.string(),
  pieces: z.int(),
  months: z.array(z.int()),
  with: z.array(Rate),
})

/** What works here, of all pieces of the log that were asked for. `judged`: those with a verdict. */
export const LogInsights = z.strictObject({
  pieces: z.int(),
  judged: z.int(),
  rates: z.strictObject({
    cloth: z.array(Rate),
    stack: z.array(Rate),
    holding: z.array(Rate),
    needle: z.array(Rate),
  }),
  landings: z.record(z.enum(driftOwners), z.array(Landings)),
  months: z.array(Month),
  trends: z.strictObject({ off: Trend, tries: Trend, minutes: Trend, faulty: Trend }),
  faults: z.array(FaultSeen),
  paces: z.array(
    z.strictObject({
      id: z.string(),
      name: z.string(),
      runs: z.int(),
      factor: z.number(),
      interval: Range.nullable(),
    }),
  ),
})
export type LogInsights = z.infer<typeof LogInsights>

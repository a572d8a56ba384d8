import { z } from '../sentences'
import { HoopField, Size } from '../hoop'
import { Id, Instant, OwnId, Point, Pose } from '../stored'
import { Added } from '../ownCorrection'
import { Holding } from './stack'
import { stageOf } from './stages'

/** How far a piece is turned from upright to go on the machine, in degrees clockwise. */
export const Turn = z.literal([0, 90, 180, 270])
/** How it was seen where the cloth lies in the hoop. */
const tryWays = ['marks', 'edges', 'camera'] as const

/** What is dialled in at the machine: degrees clockwise, and mm to the right and toward the worker. */
export const Dial = z.strictObject({ turn: z.number(), right: z.number(), down: z.number() })

/** Where something landed on the hoop's grid, as typed: right and toward the worker of the notches are positive. */
const Landed = z.strictObject({ right: z.string().max(20), down: z.string().max(20) })

/**
 * One hooping of the piece as it was found: where what was looked at landed (hoop frame), what had to be dialled, and
 * whether it was kept or hooped again.
 */
const HoopTry = z.strictObject({
  at: Instant,
  /** Which hooping of a row or of several corners it was. */
  group: z.int().min(0).max(10_000).default(0),
  way: z.enum(tryWays),
  landed: z.record(OwnId, Point),
  exact: Pose,
  dialled: Pose,
  edgeError: z.number(),
  fits: z.boolean(),
  rms: z.number(),
  stretch: z.strictObject({ along: z.number(), across: z.number() }),
  then: z.enum(['kept', 'again']),
  scale: z.number().default(1),
  /** Since the hooping before, or since the hoop was decided; null: not known. */
  minutes: z.number().nullable().default(null),
})
export type HoopTry = z.infer<typeof HoopTry>

/** Hoop: which one, how the piece is held, loaded and landed; decided: the hoop as it was, where the design lies in it, and why. */
export const HoopStage = stageOf(
  {
    hoopId: Id.nullable().default(null),
    holding: Holding.nullable().default(null),
    /** The machine it goes on; null: the one on the bench. */
    machineId: Id.nullable().default(null),
    /** Which way up it is loaded; null: as advised. */
    turn: Turn.nullable().default(null),
    /** The item's line that is laid along the ring's inside edge; null: lined up by the marks. */
    lineUp: z.string().max(90).nullable().default(null),
    /** Where what is looked at landed, by mark or edge, as typed or dragged; of the hooping at hand. */
    landed: z.record(OwnId, Landed).default({}),
    /** Which hooping of a row or of several corners is at hand. */
    group: z.int().min(0).max(10_000).default(0),
    look: z.enum(tryWays).default('marks'),
    tries: z.record(Id, HoopTry).default({}),
    /** The design made smaller at the machine, about its middle, so that it fits where it was hooped; 1: as it is. */
    scale: z.number().min(0.8).max(1).default(1),
    /** Parts of a grouped design that are moved on this piece, by their place: how far, in the design's own frame. */
    moved: z.record(z.string().regex(/^\d{1,2}$/), Point).default({}),
  },
  {
    hoop: z
      .strictObject({
        ...{ id: Id, name: z.string().max(120), field: HoopField, outside: Size, clamp: z.boolean() },
        notchOffset: Point.nullable().default(null),
      })
      .nullable(),
    /** Where the design lies in the hoop; null: not known. */
    pose: Pose.nullable(),
    target: Pose.nullable(),
    /** A row's motifs sewn at once, hooping by hooping; null: all in one. */
    groups: z
      .array(z.strictObject({ from: z.int(), to: z.int(), centre: z.number() }))
      .max(10_000)
      .nullable(),
    /** The parts of a long design that are sewn at once, hooping by hooping; null: all in one. */
    parts: z
      .array(z.array(z.int().min(0)).max(12))
      .max(12)
      .nullable()
      .default(null),
    /** Where the design lies in the hoop at each of those, where that differs; null: alike everywhere. */
    poses: z.array(Pose).max(10_000).nullable().default(null),
    machine: z
      .strictObject({ id: Id, name: z.string().max(120) })
      .nullable()
      .default(null),
    turn: Turn.nullable().default(null),
    holding: Holding,
    because: z.array(OwnId).max(20),
    /** What is added to every move, as landings drift here; null: nothing. */
    added: Added.nullable().default(null),
  },
)
export type HoopStage = z.infer<typeof HoopStage>
export type HoopDecision = HoopStage['kept'][number]

import { halts } from '@thimble/core/sewing'
import { z } from './sentences'
import { DesignChange } from './design/designCard'
import { HoopField } from './hoop'
import { MOST_SEWN } from './runEvent'
import { Colour, Id, Instant, Name, Point, Pose } from './stored'

/** The machine of a piece for which none is in the stash. */
export const MACHINE_OF_NO_NAME = 'machine-of-no-name'
/** More stitches than these go into no machine at once. */
export const MOST_GIVEN = 1_000_000

const SewnBlock = z.strictObject({
  /** Its place in the design as it is stitched, and which of the copies. */
  block: z.int().min(0).max(2000),
  copy: z.int().min(0).max(10_000),
  colour: Colour,
  stitches: z.int().min(0).max(500_000),
  seconds: z.number().min(0).max(1_000_000),
  bobbinMetres: z.number().min(0).max(100_000),
  halt: z.enum(halts).nullable(),
})

/** What the machine stand-in is given to sew: one hooping of a piece, where each copy lies in the hoop, block by block. */
export const SewingJob = z.strictObject({
  piece: Id,
  name: Name,
  hooping: z.int().min(0).max(10_000),
  hoop: z.strictObject({ id: Id.nullable(), name: z.string().max(120), field: HoopField }),
  design: z.strictObject({
    id: Id.nullable(),
    /** What was done to it on the shelf, and by the piece. */
    change: DesignChange,
    order: z.array(z.int().min(0)).max(2000).nullable(),
    colours: z.array(Colour).max(2000),
    own: DesignChange.nullable(),
    /** Made smaller at the machine. */
    scale: z.number().min(0.8).max(1),
    hull: z.array(Point).min(1).max(4000),
  }),
  copies: z.array(Pose).min(1).max(10_000),
  blocks: z.array(SewnBlock).min(1).max(20_000),
  /** Metres on the bobbin that is in; null: not known, and never told to be out. */
  bobbinM: z.number().min(0).max(2000).nullable(),
  /** From which stitch: a run that was begun elsewhere. */
  from: z.int().min(0).max(MOST_SEWN).default(0),
})
export type SewingJob = z.infer<typeof SewingJob>

const states = ['parked', 'hooped', 'tracing', 'stitching', 'waiting-for-colour', 'stopped'] as const
const reasons = ['asked', 'end', 'thread-break', 'needle-strike', 'nest', 'bobbin-out', 'power', 'lay', 'trim'] as const

/** A machine as it stands: what it does, and how far it is. */
export const MachineNow = z.strictObject({
  machine: Id,
  state: z.enum(states),
  /** Why it is stopped. */
  why: z.enum(reasons).nullable(),
  piece: Id.nullable(),
  hooping: z.int(),
  stitch: z.int(),
  total: z.int(),
  /** Where its needle is, in the hoop frame. */
  needle: Point.nullable(),
  /** Stitches a second, at the pace it was given. */
  rate: z.number(),
  pace: z.number(),
  bobbinM: z.number().nullable(),
  at: Instant,
})
export type MachineNow = z.infer<typeof MachineNow>

/** As many times its true speed, for who has no half hour. */
export const paces = [1, 10, 60, 600] as const

/** What is pressed at the machine. `back`: stitches to go back before it goes on. */
export const MachineCommand = z.discriminatedUnion('press', [
  z.strictObject({
    press: z.enum(['start', 'threaded', 'laid', 'trimmed', 'trace', 'park', 'power-cut']),
    back: z.int().min(0).max(100).default(0),
  }),
  /** `saw`: what the worker saw go wrong. */
  z.strictObject({
    press: z.literal('stop'),
    saw: z.enum(['thread-break', 'needle-strike', 'nest']).nullable().default(null),
  }),
  z.strictObject({ press: z.literal('bobbin'), woundM: z.number().positive().max(2000).nullable() }),
  z.strictObject({ press: z.literal('pace'), pace: z.literal(paces) }),
])
export type MachineCommand = z.infer<typeof MachineCommand>
/** As it is asked: what is usual need not be said. */
export type MachineCommandInput = z.input<typeof MachineCommand>

import { clothFamilies, feltSurfaces, ironTried, lightSeen } from '@thimble/core/recipe'
import { type FaultId, faultIds, howBads, verdicts } from '@thimble/core/outcomes'
import { z } from '../sentences'
import { TypedLength } from '../length'
import { Take } from '../movement'
import { Colour, Id, Instant, Note, OwnId, Point } from '../stored'
import { CarriedSwatch } from '../swatch'
import { Dial, Turn } from './hoopStage'
import { Basis, ChosenStack, Holding, DecidedStack, StackBobbin, StackNeedle, TopThread, Use } from './stack'
import { SaidAsTicked, StoredList, StoredLists, stageOf, Ticks } from './stages'

const onStack = { basis: Basis, stack: DecidedStack.nullable() }

/** What a piece is made of, as far as it is known. */
export const BuildCloth = z.strictObject({
  family: z.enum(clothFamilies),
  stretch: z.string().max(10).default(''),
  colour: Colour.default('#e8e2d4'),
  /** Whether the worker has said what it is; until then it is what such an item is usually made of. */
  told: z.boolean().default(false),
  /** The shop’s own cloth it is made of; its numbers go before the family’s. */
  swatch: CarriedSwatch.nullable().default(null),
  /** What a hand found out about a cloth nobody named; the pull is `stretch`. */
  tested: z
    .strictObject({
      surface: z.enum(feltSurfaces).nullable().default(null),
      light: z.enum(lightSeen).nullable().default(null),
      iron: z.enum(ironTried).nullable().default(null),
    })
    .prefault({}),
})

/** Build: the cloth, what becomes of it, and the stack; decided: the stack, and what its reasons rest on. */
export const BuildStage = stageOf(
  {
    cloth: BuildCloth,
    use: Use.prefault({}),
    thread: TopThread.prefault({}),
    stack: ChosenStack.nullable().default(null),
    /** Needle and bobbin the worker takes, whatever goes with the layers; null: what goes with them. */
    own: z
      .strictObject({ needle: StackNeedle.nullable().default(null), bobbin: StackBobbin.nullable().default(null) })
      .prefault({}),
    /** The spool a colour is sewn with, where it is not the one that is the same to the eye. */
    spools: z.record(Colour, Id).default({}),
    /** Its layers were cut together with those of a run, and went off the rolls then: its share of them. */
    cut: z
      .array(z.strictObject({ at: Instant, took: z.array(Take).max(60) }))
      .max(1)
      .default([]),
    /** A change that is tried on this piece, for a fault of an earlier one. */
    trying: z
      .strictObject({ change: OwnId, fault: z.enum(faultIds), from: z.string().max(120) })
      .nullable()
      .default(null),
  },
  onStack,
)
export type BuildStage = z.infer<typeof BuildStage>
export type BuildDecision = BuildStage['kept'][number]

/** Stitch: the list before the start; decided: the list as it stood, for the stack that was really there. */
export const StitchStage = stageOf(
  {
    /** By the line's id; of a later hooping with its number before it. */
    checks: Ticks,
    checksSaid: SaidAsTicked,
    /** Pins that are in, as typed. */
    pins: z.string().max(4).default(''),
  },
  {
    ...onStack,
    list: StoredLists,
    colours: z.array(Colour).max(2000),
    pins: z.int().min(0).nullable().default(null),
  },
)
export type StitchStage = z.infer<typeof StitchStage>
export type StitchDecision = StitchStage['kept'][number]

/** A landing as typed: how far off, and which way, seen by the worker. */
const off = <const Ways extends readonly [string, string]>(ways: Ways) => TypedLength.extend({ way: z.enum(ways) })

/** Where the stitches came out, of one hooping: how far off the marks, or what the tape says from the lines it was marked by. */
const landingShape = {
  low: off(['low', 'high']).prefault({ text: '', unit: 'mm', way: 'low' }),
  side: off(['left', 'right']).prefault({ text: '', unit: 'mm', way: 'left' }),
  /** Degrees as typed. */
  turned: z
    .strictObject({ text: z.string().max(10), way: z.enum(['clockwise', 'anticlockwise']) })
    .prefault({ text: '', way: 'clockwise' }),
  landedBy: z.enum(['dots', 'tape']).default('dots'),
  /** By the id of the tape it was marked with. */
  tapes: z.record(OwnId, TypedLength).default({}),
} as const
export const Landing = z.strictObject(landingShape)
export type Landing = z.infer<typeof Landing>

const Fault = z.strictObject({
  howBad: z.literal(howBads),
  /** Where on the design it is, in its own frame. */
  at: z.array(Point).max(20).default([]),
})
const faultsById = z.strictObject(
  Object.fromEntries(faultIds.map((id) => [id, Fault.optional()])) as unknown as {
    [Id in FaultId]: z.ZodOptional<typeof Fault>
  },
)

/** Minutes are told by what they went into. */
export const minuteParts = ['ready', 'hooping', 'stitching', 'finishing'] as const
export type MinutePart = (typeof minuteParts)[number]

const tensions = ['as-advised', 'eased', 'tightened'] as const
const Tries = z.int().min(0).max(1000)

const Landed = z.strictObject({
  dx: z.number().nullable(),
  dy: z.number().nullable(),
  /** Clockwise, in degrees. */
  rotation: z.number().nullable().default(null),
})

const decidedRecord = {
  ...onStack,
  /** What the catalogue called the item and the place on it then. */
  called: z
    .strictObject({ item: z.string().max(120), placement: z.string().max(120) })
    .nullable()
    .default(null),
  /** What was forecast for it: stitches, and minutes of sewing with changes; null: not known. */
  forecast: z
    .strictObject({ stitches: z.number().min(0), minutes: z.number().min(0) })
    .nullable()
    .default(null),
  list: StoredList,
  holding: Holding.nullable(),
  hoop: z.strictObject({ id: Id.nullable(), name: z.string().max(120) }).nullable(),
  machine: z
    .strictObject({ id: Id, name: z.string().max(120) })
    .nullable()
    .default(null),
  turn: Turn.nullable().default(null),
  /** What was dialled in, hooping by hooping: degrees clockwise, and mm to the right and toward the worker. */
  dialled: z.array(Dial).max(10_000).default([]),
  tension: z.enum(tensions).nullable().default(null),
  tries: Tries.nullable().default(null),
  /** Where it came out from the mark, item frame: right and down are positive; null: not measured. Of the first hooping. */
  landing: Landed,
  /** The same of the hoopings after it. */
  later: z
    .array(Landed.extend({ hooping: z.int().min(1).max(10_000) }))
    .max(10_000)
    .default([]),
  faults: z.array(Fault.extend({ id: z.enum(faultIds) })).max(15),
  verdict: z.enum(verdicts).nullable(),
  minutes: z.number().nullable(),
  /** What of them went into what; a part is left out that was neither typed nor measured. */
  minutesBy: z.partialRecord(z.enum(minuteParts), z.number()).default({}),
  note: Note,
  nextTime: Note,
  /** A change to try the next time, and for which fault it was advised. */
  trying: z
    .strictObject({ change: OwnId, fault: z.enum(faultIds) })
    .nullable()
    .default(null),
  photos: z.array(Id).max(5).default([]),
  /** What it took of the stash: the server's ledger follows from it. */
  took: z.array(Take).max(200).default([]),
}

/** Finish: what is done to it and the record as typed; decided: the record, by numbers and ids. */
export const FinishStage = stageOf(
  {
    steps: Ticks,
    stepsSaid: SaidAsTicked,
    /** When a step that takes its time was begun, by the step. */
    timers: z.record(z.string().max(60), Instant.nullable()).default({}),
    ...landingShape,
    /** Landings of the hoopings after the first, by their number. */
    later: z.record(z.string().regex(/^\d{1,5}$/), Landing).default({}),
    faults: faultsById.prefault({}),
    verdict: z.enum(verdicts).nullable().default(null),
    /** How it looked once it was washed; null: nobody has seen it. */
    washed: z
      .strictObject({ at: Instant, looks: z.enum(verdicts) })
      .nullable()
      .default(null),
    /** All in all, where it is not told by part. */
    minutes: z.string().max(10).default(''),
    minutesBy: z.partialRecord(z.enum(minuteParts), z.string().max(10)).default({}),
    note: Note.default(''),
    nextTime: Note.default(''),
    /** What was really used, where it differs from what was decided at Build. */
    stack: ChosenStack.nullable().default(null),
    /** How it was really held and loaded, where that differs from what was decided at Hoop. */
    used: z
      .strictObject({
        holding: Holding.nullable().default(null),
        hoopId: Id.nullable().default(null),
        turn: Turn.nullable().default(null),
        tension: z.enum(tensions).default('as-advised'),
        tries: z.string().max(4).default(''),
      })
      .prefault({}),
    trying: z
      .strictObject({ change: OwnId, fault: z.enum(faultIds) })
      .nullable()
      .default(null),
    /** Photos by their id, in the order they were taken. */
    photos: z.record(Id, z.strictObject({ order: z.int().min(0).max(1_000_000) })).default({}),
    /** Of which roll a kind of layer was cut, where it was not the one that would be taken. */
    rolls: z.record(OwnId, Id).default({}),
    /** Records as they were before they were amended, by when they were kept: each a list of one, as `kept` is. */
    earlier: z.record(Instant, z.array(z.strictObject({ at: Instant, ...decidedRecord })).max(1)).default({}),
  },
  decidedRecord,
)
export type FinishStage = z.infer<typeof FinishStage>
export type RecordDecision = FinishStage['kept'][number]

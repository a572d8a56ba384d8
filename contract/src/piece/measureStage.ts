import { designEdges, detailKinds, markKinds, ownZoneKinds, zoneRings } from '@thimble/core/placement'
import { designShapes } from '@thimble/core/design'
import { loadClasses, workKinds } from '@thimble/core/recipe'
import { rowEnds } from '@thimble/core/rows'
import { z } from '../sentences'
import { NoLength, TypedLength } from '../length'
import { Named, Message } from '../message'
import { Colour, Id, Note, OwnId, Point, Points, Pose } from '../stored'
import { DesignChange, DesignPart } from '../design/designCard'
import { Dial, Turn } from './hoopStage'
import { Holding } from './stack'
import { SaidAsTicked, StoredList, stageOf, Ticks } from './stages'

const Lengths = z.record(z.string().max(90), TypedLength)
const OwnAnchor = z.strictObject({
  line: z.string().max(90),
  edge: z.enum(designEdges),
  toward: z.literal([1, -1]).nullable().default(null),
})

/** Something found on this very piece, its lengths as typed: a height or width left empty runs from edge to edge. */
export const PieceZone = z.strictObject({
  /** Its place among the others. */
  order: z.int().min(0).max(9999).default(0),
  kind: z.enum(ownZoneKinds),
  name: z.string().max(60),
  line: z.string().max(90),
  down: NoLength,
  height: NoLength,
  side: z.enum(['left', 'centre', 'right']).default('centre'),
  off: NoLength,
  width: NoLength,
})
export type PieceZone = z.infer<typeof PieceZone>

const Row = z.strictObject({
  count: z.string().max(10).default(''),
  gap: NoLength,
  ends: z.string().max(10).default(''),
  margin: NoLength,
})

const MotifSpot = z.strictObject({
  order: z.int().min(0).max(9999).default(0),
  down: NoLength,
  side: z.enum(['left', 'centre', 'right']).default('centre'),
  off: NoLength,
})
export type MotifSpot = z.infer<typeof MotifSpot>

/** A design that is known by its size alone. */
const OwnDesign = z.strictObject({
  width: NoLength,
  height: NoLength,
  load: z.enum(loadClasses).default('light'),
  kind: z.enum(workKinds).default('fill'),
  colour: Colour.default('#2c4a7a'),
  /** Its stitches as typed; with them its load is worked out and not asked. */
  stitches: z.string().max(12).default(''),
  shape: z.enum(designShapes).default('rectangle'),
})

const KeptDesign = z.strictObject({
  id: Id.nullable(),
  /** As it was called on the shelf; null: by its size. */
  name: z.string().max(120).nullable(),
  width: z.number(),
  height: z.number(),
  loadClass: z.enum(loadClasses),
  load: z.number().nullable(),
  kind: z.enum(workKinds),
  colours: z.array(Colour).max(2000),
  smallestLetterMm: z.number().nullable(),
  hull: Points,
  /** What the piece did to the shelf's design; its sketch is drawn so. */
  change: DesignChange.nullable().default(null),
  /** What it is grouped of. */
  parts: z.array(DesignPart).max(12).default([]),
})

/** The item as it was drawn when its marks were decided, in the item frame. */
const KeptItem = z.strictObject({
  outline: Points,
  details: z.array(z.strictObject({ kind: z.enum(detailKinds), points: Points, closed: z.boolean() })).max(200),
  zones: z
    .array(z.strictObject({ id: OwnId, name: Named, outline: Points, clear: z.number(), ring: z.enum(zoneRings) }))
    .max(100),
  tube: z.strictObject({ width: z.number() }).nullable(),
})

const KeptRow = z.strictObject({
  count: z.int(),
  gap: z.number(),
  centres: z.array(z.number()).max(10_000),
  length: z.number(),
  motif: z.number(),
  closed: z.boolean(),
  ends: z.enum(rowEnds),
  frame: Pose,
  offset: z.number(),
  usualGap: z.number(),
})

/** Measure: what the tape said and where the design is to go; decided: poses, marks and steps with their numbers. */
export const MeasureStage = stageOf(
  {
    placement: z.string().max(60),
    measures: Lengths.default({}),
    distances: Lengths.default({}),
    choices: z.record(z.string().max(40), z.string().max(40)).default({}),
    anchors: z
      .strictObject({ down: OwnAnchor.nullable().default(null), across: OwnAnchor.nullable().default(null) })
      .prefault({}),
    zones: z.record(Id, PieceZone).default({}),
    row: Row.prefault({}),
    /** Motifs of a scatter: how far below the placement’s line, and to which side of the centre line. */
    spots: z.record(Id, MotifSpot).default({}),
    markWith: z.string().max(30).nullable().default(null),
    /** Numbers of an earlier piece, assumed until they are confirmed; of its `size` alone, where that is known. */
    carried: z
      .strictObject({
        from: z.string().max(120),
        size: z.string().max(60).nullable().default(null),
        measures: Lengths,
        distances: Lengths,
        /** What was written at its record for the next time. */
        nextTime: Note.default(''),
        /** How that piece was held and loaded, and what was dialled in for it. */
        hooped: z
          .strictObject({
            hoopId: Id.nullable().default(null),
            machineId: Id.nullable().default(null),
            turn: Turn.nullable().default(null),
            holding: Holding.nullable().default(null),
            dialled: Dial.nullable().default(null),
          })
          .nullable()
          .default(null),
      })
      .nullable()
      .default(null),
    designId: Id.nullable().default(null),
    ownDesign: OwnDesign.prefault({}),
    /** What this piece does to the shelf's design, which stays as it is; null: nothing. */
    ownChange: DesignChange.nullable().default(null),
    marked: Ticks,
    markedSaid: SaidAsTicked,
  },
  {
    measures: z.record(z.string().max(90), z.number()),
    design: KeptDesign,
    item: KeptItem,
    copies: z
      .array(z.strictObject({ pose: Pose, name: Named }))
      .min(1)
      .max(10_000),
    row: KeptRow.nullable(),
    marks: z.array(z.strictObject({ id: OwnId, kind: z.enum(markKinds), at: Point, copy: z.int() })).max(60_000),
    tapes: z.array(z.strictObject({ id: OwnId, from: Point, to: Point })).max(60),
    steps: z.array(z.strictObject({ id: OwnId, said: Message, marks: z.array(z.enum(markKinds)) })).max(60),
    placed: Message,
    /** What was done before the tape went on, and what the marks were made with. */
    prepared: StoredList.default([]),
    markWith: z.string().max(30).nullable().default(null),
  },
)
export type MeasureStage = z.infer<typeof MeasureStage>
export type MeasureDecision = MeasureStage['kept'][number]

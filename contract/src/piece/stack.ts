import {
  bobbinColours,
  bobbinWeights,
  bruises,
  clothFamilies,
  clothTraits,
  grips,
  heats,
  holdingMethods,
  launderings,
  layerKinds,
  layerRoles,
  loadClasses,
  needlePoints,
  needleSizes,
  seeThroughs,
  threadFibres,
  threadWeights,
  workKinds,
} from '@thimble/core/recipe'
import { z } from '../sentences'
import { Habits } from '../shop'
import { Colour, OwnId } from '../stored'

export const Holding = z.enum(holdingMethods)

/** A layer as it was given or put in another's place; `own`: the worker's own choice. */
export const StackLayer = z.strictObject({
  role: z.enum(layerRoles),
  kind: z.enum(layerKinds),
  sheets: z.int().min(1).max(9),
  grip: z.enum(grips),
  crossed: z.boolean().default(false),
  piece: z.strictObject({ widthMm: z.number(), heightMm: z.number() }).nullable().default(null),
  own: z.boolean().default(false),
})
export type StackLayer = z.infer<typeof StackLayer>

export const StackNeedle = z.strictObject({
  size: z.enum(needleSizes),
  point: z.enum(needlePoints),
  coated: z.boolean().default(false),
})
export const StackBobbin = z.strictObject({ weight: z.literal(bobbinWeights), colour: z.enum(bobbinColours) })

const Through = {
  /** The recipe it came from; null: put together by hand, or what it came from is not known. */
  recipe: OwnId.nullable().default(null),
  holding: Holding,
  needle: StackNeedle.nullable().default(null),
  bobbin: StackBobbin.nullable().default(null),
  /** What was advised to thread; null: as the piece has it. */
  thread: z
    .strictObject({ weight: z.literal(threadWeights), fibre: z.enum(threadFibres) })
    .nullable()
    .default(null),
  speedSpm: z.number().min(0).max(3000).nullable().default(null),
  /** Ids of the rules behind the top tension and behind all of it. */
  tension: OwnId.nullable().default(null),
  because: z.array(OwnId).max(40).default([]),
  /** How many of the shop's own pieces held and laid like this came out well, where that had a say. */
  record: z
    .strictObject({ tries: z.int().min(1), successes: z.int().min(0) })
    .nullable()
    .default(null),
}

/** A stack that is still being worked on: its layers by id, so that one is changed without writing over another. */
export const ChosenStack = z.strictObject({
  ...Through,
  layers: z.record(z.string().max(40), StackLayer.extend({ order: z.int().min(0).max(99) })),
})
export type ChosenStack = z.infer<typeof ChosenStack>

/** A stack as it was decided: its layers from top to bottom. */
export const DecidedStack = z.strictObject({ ...Through, layers: z.array(StackLayer).max(12) })
export type DecidedStack = z.infer<typeof DecidedStack>

export const Use = z.strictObject({
  nextToSkin: z.boolean().default(false),
  infant: z.boolean().default(false),
  toy: z.boolean().default(false),
  heirloom: z.boolean().default(false),
  backSeen: z.boolean().default(false),
  noCover: z.boolean().default(false),
  laundering: z.enum(launderings).default('sometimes'),
})
export const TopThread = z.strictObject({
  weight: z.literal(threadWeights).default(40),
  fibre: z.enum(threadFibres).default('polyester'),
})

/** What the rules saw when something was decided: the numbers in its reasons and lists are these. */
export const Basis = z.strictObject({
  cloth: z.strictObject({
    family: z.enum(clothFamilies),
    colour: Colour,
    stretchPercent: z.number(),
    gsm: z.number(),
    thicknessMm: z.number(),
    pileMm: z.number(),
    heat: z.enum(heats),
    bruise: z.enum(bruises),
    seeThrough: z.enum(seeThroughs),
    traits: z.array(z.enum(clothTraits)).default([]),
  }),
  work: z.strictObject({
    widthMm: z.number(),
    heightMm: z.number(),
    loadClass: z.enum(loadClasses),
    kind: z.enum(workKinds),
    colourCount: z.number(),
    smallestLetterMm: z.number().nullable().default(null),
    /** The colours that its letters under 6 mm are in; none: not known. */
    smallLetterColours: z.array(Colour).max(2000).default([]),
    topThread: TopThread.extend({ colours: z.array(Colour).max(2000) }),
  }),
  use: Use,
  habits: Habits,
})
export type Basis = z.infer<typeof Basis>

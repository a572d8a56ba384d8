import { z } from 'zod'
import { Colour, Kept, Millimetres, Name, Note } from './stored'

const Count = z.int().min(0).max(500_000)
const Numbers = z.array(z.number())

export const AdviceText = z.object({
  code: z.string().max(60),
  text: z.string().max(600),
  severity: z.enum(['note', 'caution', 'stop']),
})

const Mirror = z.enum(['none', 'left-right', 'top-bottom'])
export const DesignChange = z.object({
  scale: z.number().min(0.1, 'Smaller than a tenth is not taken.').max(10, 'Larger than ten times is not taken.'),
  rotate: z.number().min(-360).max(360),
  mirror: Mirror,
})

/** What was measured of a drawing as it is stitched now: changed, in its order, in its colours. */
export const DesignSummary = z.object({
  estimated: z.boolean(),
  jumps: Count,
  trims: Count,
  longest: z.number().nullable().default(null),
  shortest: z.number().nullable().default(null),
  short: Count,
  long: Count,
  meanLoad: z.number(),
  load95: z.number(),
  loadClass: z.enum(['outline', 'light', 'medium', 'dense']),
  colourChanges: Count,
  blocks: z.array(
    z.object({ stitches: Count, lengthMm: z.number(), jumps: Count, trims: Count, estimated: z.boolean() }),
  ),
  /** x, y in turn, design frame. */
  hull: Numbers.max(4000),
  sketch: z.array(z.object({ areas: z.array(Numbers), lines: z.array(Numbers) })),
  warnings: z.array(AdviceText).max(60),
})
export type DesignSummary = z.infer<typeof DesignSummary>

const MOST_BLOCKS = 2000

/** A design on the shelf. Its drawing, when it has one, is kept apart from it and never changed; see Drawing. */
export const Design = Kept.extend({
  name: Name,
  width: Millimetres,
  height: Millimetres,
  stitches: z
    .int('Stitches are a whole number.')
    .positive('It has to be more than zero.')
    .max(500_000, 'More than 500,000 stitches are not taken.'),
  /** One a block, in stitch order. */
  colours: z.array(Colour).min(1, 'Give at least one colour.').max(MOST_BLOCKS, 'That is more colours than are taken.'),
  kind: z.enum(['line', 'wording', 'fill', 'applique', 'satin']),
  smallestLetterMm: z.number().positive().max(300).nullable().default(null),
  note: Note.default(''),
  source: z.enum(['size', 'artwork', 'stitches']).default('size'),
  /** What placing does to the drawing, reckoned from the drawing as it was read. */
  change: DesignChange.default({ scale: 1, rotate: 0, mirror: 'none' }),
  /** Blocks of the drawing in the order they are stitched; null: as drawn. */
  order: z.array(z.int().min(0)).max(MOST_BLOCKS).nullable().default(null),
  summary: DesignSummary.nullable().default(null),
})
export type Design = z.infer<typeof Design>

const Points = z.array(z.int().min(-5_000_000).max(5_000_000)).max(1_000_000)
const Block = z.object({
  colour: Colour,
  stitchCount: Count,
  estimated: z.boolean(),
  jumps: Count,
  trims: Count,
  stitches: Points.optional(),
  moves: z.array(z.int()).max(2_000_000).optional(),
  outlines: z.array(Points).optional(),
  fills: z.array(z.array(Points)).optional(),
  lines: z.array(z.object({ width: z.number().positive().max(2000), lines: z.array(Points) })).optional(),
})

/** A design's drawing as it was read: points as whole thousandths of a millimetre, x and y in turn, design frame. */
export const Drawing = z.object({
  source: z.enum(['artwork', 'stitches'], 'A drawing is artwork or stitches.'),
  width: Millimetres,
  height: Millimetres,
  pageBox: z.object({ x: z.number(), y: z.number() }).optional(),
  blocks: z
    .array(Block)
    .min(1, 'A drawing has a block at least.')
    .max(MOST_BLOCKS, 'More than 2000 blocks are not taken.'),
  warnings: z.array(AdviceText).max(60),
})
export type Drawing = z.infer<typeof Drawing>

/** One design as an open JSON file: what a design is written out as and read from. */
export const DesignFile = z.object({
  format: z.literal('zealous-thimble-design', 'This is not a design file: “format” has to be zealous-thimble-design.'),
  version: z.literal(1, 'Only version 1 of the design file is known.'),
  design: Design.omit({ id: true, createdAt: true, updatedAt: true, summary: true }),
  drawing: Drawing.nullable(),
})
export type DesignFile = z.infer<typeof DesignFile>

import { z } from 'zod'
import { KeptAdvice } from '../said'
import { Colour, Millimetres, Point } from '../stored'
import { Count, MOST_BLOCKS } from './designCard'

const Microns = z.array(z.int().min(-5_000_000).max(5_000_000)).max(1_000_000)
const Block = z.strictObject({
  colour: Colour,
  stitchCount: Count,
  estimated: z.boolean(),
  jumps: Count,
  trims: Count,
  stitches: Microns.optional(),
  moves: z.array(z.int()).max(2_000_000).optional(),
  outlines: z.array(Microns).optional(),
  fills: z.array(z.array(Microns)).optional(),
  lines: z.array(z.strictObject({ width: z.number().positive().max(2000), lines: z.array(Microns) })).optional(),
})

/** A design as it was read: points as whole thousandths of a millimetre, x and y in turn, design frame. */
export const PackedDesign = z.strictObject({
  source: z.enum(['artwork', 'stitches'], 'A packed design is artwork or stitches.'),
  width: Millimetres,
  height: Millimetres,
  pageBox: Point.optional(),
  blocks: z
    .array(Block)
    .min(1, 'A design has a block at least.')
    .max(MOST_BLOCKS, 'More than 2000 blocks are not taken.'),
  warnings: z.array(KeptAdvice).max(60),
})
export type PackedDesign = z.infer<typeof PackedDesign>

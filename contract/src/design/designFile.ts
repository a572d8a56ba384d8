import { z } from '../sentences'
import { DesignCard } from './designCard'
import { PackedDesign } from './packedDesign'

/** One design as an open JSON file: what a design is written out as and read from. */
export const DesignFile = z.strictObject({
  format: z.literal('zealous-thimble-design', 'This is not a design file: “format” must be zealous-thimble-design.'),
  version: z.literal(2, 'Only versions 1 and 2 of the design file are known.'),
  design: DesignCard.omit({ id: true, createdAt: true, updatedAt: true, revision: true, summary: true }),
  packed: PackedDesign.nullable(),
})
export type DesignFile = z.infer<typeof DesignFile>

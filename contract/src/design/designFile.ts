import { asked as t } from '@thimble/language/en/asked'
import { z } from '../sentences'
import { DesignCard } from './designCard'
import { PackedDesign } from './packedDesign'

/** One design as an open JSON file: what a design is written out as and read from. */
export const DesignFile = z.strictObject({
  format: z.literal('zealous-thimble-design', t('no-design-file')),
  version: z.literal(2, t('design-file-too-new')),
  design: DesignCard.omit({ id: true, createdAt: true, updatedAt: true, revision: true, summary: true }),
  packed: PackedDesign.nullable(),
})
export type DesignFile = z.infer<typeof DesignFile>

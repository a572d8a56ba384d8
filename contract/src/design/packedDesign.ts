import { asked as t } from '@thimble/language/en/asked'
import { z } from '../sentences'
import { StoredAdvice } from '../message'
import { Colour, Millimetres, Point } from '../stored'
import { Count, MOST_BLOCKS } from './designCard'

/** A long list of whole numbers: looked through as one, as a check of its own for each takes fifty times as long. */
const wholes = (most: number, furthest: number) =>
  z
    .array(z.unknown())
    .max(most)
    .superRefine((list, context) => {
      const at = list.findIndex((n) => !Number.isInteger(n) || Math.abs(n as number) > furthest)
      const message = t('every-number-here-is-whole', { furthest })
      if (at >= 0) context.addIssue({ code: 'custom', path: [at], message })
    }) as unknown as z.ZodArray<z.ZodInt>

const Microns = wholes(1_000_000, 5_000_000)
const Block = z.strictObject({
  colour: Colour,
  stitchCount: Count,
  estimated: z.boolean(),
  jumps: Count,
  trims: Count,
  stitches: Microns.optional(),
  moves: wholes(2_000_000, 2_000_000_000).optional(),
  outlines: z.array(Microns).optional(),
  fills: z.array(z.array(Microns)).optional(),
  lines: z.array(z.strictObject({ width: z.number().positive().max(2000), lines: z.array(Microns) })).optional(),
})

/** A design as it was read: points as whole thousandths of a millimetre, x and y in turn, design frame. */
export const PackedDesign = z.strictObject({
  source: z.enum(['artwork', 'stitches'], t('artwork-or-stitches')),
  width: Millimetres,
  height: Millimetres,
  pageBox: Point.optional(),
  blocks: z.array(Block).min(1, t('a-design-has-a-block')).max(MOST_BLOCKS, t('more-than-2000-blocks-are')),
  warnings: z.array(StoredAdvice).max(60),
})
export type PackedDesign = z.infer<typeof PackedDesign>

import { clothFamilies, holdingMethods } from '@thimble/core/recipe'
import { z } from './sentences'

/**
 * What the shop's own log has to say to a plan. `stacks`: pieces of a cloth held and laid alike, with how many came out
 * well; `paces`: how much longer a machine takes than estimated, with its 95 % interval; `hands`: minutes that hooping and
 * finishing a piece mostly take here.
 */
export const ShopRecord = z.strictObject({
  stacks: z.array(
    z.strictObject({
      cloth: z.enum(clothFamilies),
      holding: z.enum(holdingMethods),
      stack: z.string(),
      tries: z.int(),
      successes: z.int(),
    }),
  ),
  paces: z.array(
    z.strictObject({
      machine: z.string(),
      runs: z.int(),
      factor: z.number(),
      interval: z.tuple([z.number(), z.number()]).nullable(),
    }),
  ),
  hands: z
    .strictObject({
      hooping: z.array(z.strictObject({ holding: z.enum(holdingMethods), pieces: z.int(), minutes: z.number() })),
      finishing: z.strictObject({ pieces: z.int(), minutes: z.number() }).nullable(),
    })
    .optional(),
})
export type ShopRecord = z.infer<typeof ShopRecord>

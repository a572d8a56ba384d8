import { z } from 'zod'
import { Name } from './stored'

export const Habits = z.object({
  wearableBacking: z.enum(['keeps', 'dissolves']),
  layers: z.enum(['by-load', 'always-two']),
  knits: z.enum(['hoop', 'float']),
  topping: z.enum(['texture-only', 'always']),
  toppingKind: z.enum(['wash-away', 'heat-away', 'permanent-under-contrast']),
  grip: z.enum(['fuse', 'spray', 'sticky']),
  heavyDuckBacking: z.enum(['when-it-fits', 'none']),
  heavyNeedle: z.enum(['start-75', 'start-90']),
  smallGarmentBulk: z.enum(['roll-and-tape', 'unpick-seam', 'clip']),
  trim: z.enum(['rounded-6-12', 'close-3', 'strip']),
  chestRule: z.enum(['shoulder-point', 'underarm-level', 'neck-seam']),
  loading: z.enum(['bulk-away', 'hem-to-user']),
})

export const Shop = z.object({
  name: Name,
  unit: z.enum(['mm', 'cm', 'in']),
  fraction: z.union([z.literal(8), z.literal(16), z.literal(32)]),
  theme: z.enum(['auto', 'light', 'dark']),
  habits: Habits,
})
export type Shop = z.infer<typeof Shop>

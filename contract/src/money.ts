import { asked as t } from '@thimble/language/en/asked'
import { z } from './sentences'

const MOST = 100_000_000

/** An amount in minor units of the shop's currency, as pence. */
export const Money = z.int().min(0, t('it-cant-be-less-than')).max(MOST, t('thats-too-much'))

/** What an hour, a price and a larger order come to here; null: nobody said yet. */
export const Rates = z.strictObject({
  machinePerHour: Money.nullable().default(null),
  labourPerHour: Money.nullable().default(null),
  /** Of a hundred pieces, how many fail. */
  spoilagePercent: z.number().min(0).max(90, t('thats-too-many-rejects')).default(2),
  pricing: z
    .strictObject({
      by: z.enum(['margin', 'mark-up']).default('mark-up'),
      percent: z.number().min(0).max(1000).default(0),
    })
    .prefault({}),
  breaks: z
    .array(z.strictObject({ from: z.int().min(2).max(100_000), percentOff: z.number().min(0).max(90) }))
    .max(8)
    .default([]),
  /** How long a needle sews. */
  needleHours: z.number().min(0.5).max(200).default(8),
})
export type Rates = z.infer<typeof Rates>

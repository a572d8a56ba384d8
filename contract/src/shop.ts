import { asked as t } from '@thimble/language/en/asked'
import { defaultHabits, habitChoices } from '@thimble/core/habits'
import { lengthUnits, tapeFractions } from '@thimble/core/lengths'
import { Rates } from './money'
import { z } from './sentences'
import { Name, Revision } from './stored'

type Choices = typeof habitChoices
const habitEnums = Object.fromEntries(
  Object.entries(habitChoices).map(([habit, choices]) => [habit, z.enum(choices as readonly string[] as [string])]),
) as unknown as { [Habit in keyof Choices]: z.ZodEnum<{ [C in Choices[Habit][number]]: C }> }

/** The shop's own way where practitioners differ. */
export const Habits = z.strictObject(habitEnums)

export const Shop = z.strictObject({
  name: Name.default('My workshop'),
  unit: z.enum(lengthUnits).default('mm'),
  fraction: z.literal(tapeFractions).default(8),
  /** Whether a key by itself does something. */
  singleKeys: z.boolean().default(true),
  theme: z.enum(['auto', 'light', 'dark']).default('auto'),
  habits: Habits.prefault(defaultHabits),
  /** As ISO 4217 has it. */
  currency: z
    .string()
    .regex(/^[A-Z]{3}$/, t('write-a-currency-by-its'))
    .default('GBP'),
  /** When the shop works, for what is promised: hours of a day, from when, and the days off (Sunday is 0). */
  workday: z
    .strictObject({
      hours: z.number().min(0.5, t('at-least-half-an-hour')).max(16, t('at-most-16-hours-a')).default(6),
      from: z.iso.time({ precision: -1, message: t('write-the-time-as-hh') }).default('09:00'),
      off: z.array(z.int().min(0).max(6)).max(6, t('leave-at-least-one-working')).default([0, 6]),
    })
    .prefault({}),
  /** What an hour, a price and a larger order come to. */
  rates: Rates.prefault({}),
  /** How long hands take, until the log knows better: what is changed at the machine in seconds, what is finished in minutes. */
  hands: z
    .strictObject({
      hoopSeconds: z.number().min(0).max(3600).default(120),
      needleSeconds: z.number().min(0).max(3600).default(90),
      threadSeconds: z.number().min(0).max(3600).default(75),
      finishMinutes: z.number().min(0).max(600).default(4),
    })
    .prefault({}),
  /** How much more thread is counted with than the forecast says, learned from weighed spools. */
  threadFactor: z.number().min(0.25).max(4).default(1),
  revision: Revision,
})
export type Shop = z.infer<typeof Shop>

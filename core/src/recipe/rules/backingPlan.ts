import type { HouseHabits } from '../../habits'
import type { Facts } from '../facts'
import type { BackingKind, Grip } from '../stack'
import type { HoldingMethod } from '../recipeQuery'

/** One backing of a plan; `sheets` more than one are crossed at 90 degrees. */
export type BackingLayer = { kind: BackingKind; sheets: number; grip: Grip }

/**
 * One school's idea of what goes underneath, for the holdings it suits. `layers` run from the cloth downwards.
 * `worth` ranks the ideas that apply: the shop's own habit first, then what the craft sheet puts first.
 */
export type BackingPlan = {
  id: string
  holdings: readonly HoldingMethod[]
  habit?: keyof HouseHabits
  /** When set, the idea is this choice of the habit: it comes first in shops that have it, later in others. */
  choice?: string
  when: (f: Facts) => boolean
  worth: number
  decided: string
  text: (f: Facts) => string
  clothGrip: Grip
  layers: (f: Facts) => BackingLayer[]
}

export const clothIn: readonly HoldingMethod[] = ['hooped', 'clamped']

export const one = (kind: BackingKind, grip: Grip, sheets = 1): BackingLayer => ({ kind, sheets, grip })

/** One layer for light and medium work, two crossed for dense; always two where that is the habit. */
export const byLoad = (f: Facts): number => (f.dense || f.habits.layers === 'always-two' ? 2 : 1)

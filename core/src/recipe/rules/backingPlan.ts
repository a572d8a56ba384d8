import type { HouseHabits } from '../../habits'
import type { Message, WhyId } from '../../messages'
import type { Condition } from '../condition'
import type { Facts } from '../facts'
import type { HoldingMethod } from '../recipeQuery'
import type { BackingKind, Grip } from '../stack'

/** One backing of a plan; `sheets` more than one are crossed at 90 degrees. */
export type BackingLayer = { kind: BackingKind; sheets: number; grip: Grip }

/**
 * One school's idea of what goes underneath, for the holdings it suits. `layers` run from the cloth downwards and are
 * what light work needs; what more a heavier load or the house wants is added by `rules/amendments`.
 * `worth` ranks the ideas that apply: the shop's own habit first, then what the craft sheet puts first.
 */
export type BackingPlan = {
  id: WhyId
  holdings: readonly HoldingMethod[]
  habit?: keyof HouseHabits
  /** When set, the idea is this choice of the habit: it comes first in shops that have it, later in others. */
  choice?: string
  when: Condition
  worth: number | ((f: Facts) => number)
  decided: string
  says?: (f: Facts) => Message
  /** How floated cloth is held on it. */
  clothGrip?: Grip
  layers: (f: Facts) => BackingLayer[]
}

export const clothIn: readonly HoldingMethod[] = ['hooped', 'clamped']

export const one = (kind: BackingKind, grip: Grip, sheets = 1): BackingLayer => ({ kind, sheets, grip })

/** Mesh that lies on the cloth's back: fused where it may be, else sprayed. */
export const meshOn = (f: Facts): BackingLayer =>
  f.fusible ? one('cut-away-mesh-fusible', 'fused') : one('cut-away-mesh', 'sprayed')

export const tearAwayFor = (f: Facts): 'tear-away-medium' | 'tear-away-light' =>
  f.gsm >= 180 ? 'tear-away-medium' : 'tear-away-light'

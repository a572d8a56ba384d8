import type { Short } from './stash'
import type { Message } from '../messages'
import type { Advice } from '../advice'
import type { HouseHabits } from '../habits'
import type { HoldingMethod, TopThread } from './recipeQuery'
import type { Bobbin, Layer, Needle } from './stack'

/** Why something was decided: the rule's id, what it decided, what is said of it, and the house habit behind it. */
export type Because = { rule: string; decided: string; said: Message; habit?: keyof HouseHabits }

/** A whole recipe; `layers` run from top to bottom with one cloth among them. */
export type RecipeOption = {
  id: string
  holding: HoldingMethod
  layers: Layer[]
  needle: Needle
  bobbin: Bobbin
  /** What to thread: as chosen, but fine for small letters. */
  topThread: Pick<TopThread, 'weight' | 'fibre'>
  /** Letters under 6 mm in some of its colours: these alone are sewn so. */
  byColour?: { colour: string; weight: number; needle: Needle; speedSpm: number }[]
  speedSpm: number
  tension: Message
  /** The rule behind `tension`. */
  tensionRule: string
  because: Because[]
  /** What speaks against holding it so, where something does: what is likely to go wrong, and how to lessen it. */
  against?: Because
  cautions: Advice[]
  checks: Advice[]
  finishing: Advice[]
  score: number
  /** How the shop's own pieces held and laid like this came out, from five on. */
  record?: { tries: number; successes: number }
  short: Short[]
}
/** `quiet`: nobody would have asked about it. */
export type Refusal = { what: HoldingMethod | 'tear-away-alone' | 'fusing'; because: Because; quiet: boolean }
export type RecipeAdvice = { options: RecipeOption[]; refused: Refusal[] }

import type { Advice } from '../advice'
import type { HouseHabits } from '../habits'
import type { HoldingMethod } from './recipeQuery'

export type BackingKind =
  | 'tear-away-light'
  | 'tear-away-medium'
  | 'tear-away-fusible'
  | 'tear-away-sticky'
  | 'part-soluble'
  | 'part-soluble-fusible'
  | 'part-soluble-sticky'
  | 'wash-away'
  | 'wash-away-sticky'
  | 'cut-away-mesh'
  | 'cut-away-mesh-fusible'
  | 'cut-away-medium'
  | 'cut-away-heavy'
  | 'interfacing-fusible'
export type ToppingKind = 'wash-away-film' | 'heat-away-film' | 'permanent-film'
export type LayerKind = BackingKind | ToppingKind | 'cloth' | 'cover-soft-fusible'
export type Grip = 'in-ring' | 'fused' | 'sprayed' | 'sticky' | 'basted' | 'pinned' | 'loose'
export type Layer = {
  role: 'topping' | 'cloth' | 'backing' | 'cover'
  kind: LayerKind
  sheets: number
  grip: Grip
  crossed?: boolean
  piece?: { widthMm: number; heightMm: number }
}

/** Why something was decided: the rule's id, what it decided, plain words, and the house habit behind it. */
export type Because = { rule: string; decided: string; text: string; habit?: keyof HouseHabits }

export type NeedleSize = '65/9' | '70/10' | '75/11' | '80/12' | '90/14' | '100/16'
export type Needle = {
  size: NeedleSize
  point: 'embroidery' | 'ballpoint' | 'sharp' | 'wedge' | 'large-eye'
  coated?: boolean
}
export type Bobbin = { weight: 60 | 90; colour: 'white' | 'black' | 'match' }

/** A whole recipe; `layers` run from top to bottom with one cloth among them. */
export type RecipeOption = {
  id: string
  holding: HoldingMethod
  layers: Layer[]
  needle: Needle
  bobbin: Bobbin
  speedSpm: number
  tension: string
  because: Because[]
  cautions: Advice[]
  checks: Advice[]
  finishing: Advice[]
  score: number
  short: { kind: string; need: string }[]
}
export type Refusal = { what: string; because: Because }
export type RecipeAdvice = { options: RecipeOption[]; refused: Refusal[] }

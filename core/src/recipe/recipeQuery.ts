import type { HouseHabits } from '../habits'
import type { Cloth } from './clothFacts'

export type LoadClass = 'outline' | 'light' | 'medium' | 'dense'
export type WorkKind = 'line' | 'wording' | 'fill' | 'applique' | 'satin'
export type TopThread = {
  weight: 12 | 30 | 40 | 60
  fibre: 'polyester' | 'rayon' | 'matte-polyester' | 'metallic'
  colours: string[]
}
export type Work = {
  widthMm: number
  heightMm: number
  loadClass: LoadClass
  kind: WorkKind
  colourCount?: number
  smallestLetterMm?: number
  topThread: TopThread
}
export type Use = {
  nextToSkin?: boolean
  infant?: boolean
  toy?: boolean
  laundering?: 'never' | 'sometimes' | 'daily'
  heirloom?: boolean
  backSeen?: boolean
}
export type HoldingMethod = 'hooped' | 'floated' | 'backing-under' | 'clamped' | 'backing-alone'
export type Ring = { outsideWidthMm: number; outsideHeightMm: number; clamp?: boolean; maxThicknessMm?: number }

/** One kind of backing or topping on the shelf, with the largest piece that can be cut from it. */
export type StashLine = { kind: string; widthMm: number; lengthMm: number; sheets?: number }

export type RecipeQuery = {
  cloth: Cloth
  work: Work
  use: Use
  holding?: HoldingMethod
  habits: HouseHabits
  ring?: Ring
  stash?: StashLine[]
}

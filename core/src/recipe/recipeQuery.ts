import type { HouseHabits } from '../habits'
import type { Cloth, ClothFamily } from './clothFacts'

export const loadClasses = ['outline', 'light', 'medium', 'dense'] as const
export type LoadClass = (typeof loadClasses)[number]
export const workKinds = ['line', 'wording', 'fill', 'applique', 'satin'] as const
export type WorkKind = (typeof workKinds)[number]
export const threadWeights = [12, 30, 40, 60] as const
export type ThreadWeight = (typeof threadWeights)[number]
export const threadFibres = ['polyester', 'rayon', 'matte-polyester', 'metallic'] as const
type ThreadFibre = (typeof threadFibres)[number]
export const launderings = ['never', 'sometimes', 'daily'] as const
/** In the order in which they are judged alike. */
export const holdingMethods = ['hooped', 'floated', 'clamped', 'backing-under', 'backing-alone'] as const
export type HoldingMethod = (typeof holdingMethods)[number]

export type TopThread = { weight: ThreadWeight; fibre: ThreadFibre; colours: string[] }
export type Work = {
  widthMm: number
  heightMm: number
  loadClass: LoadClass
  kind: WorkKind
  colourCount?: number
  smallestLetterMm?: number
  /** The colours that letters under 6 mm are in; left out: not known. */
  smallLetterColours?: string[]
  topThread: TopThread
}
export type Use = {
  nextToSkin?: boolean
  infant?: boolean
  toy?: boolean
  laundering?: (typeof launderings)[number]
  heirloom?: boolean
  backSeen?: boolean
  /** Its back is lined, doubled or out of reach, as of a cuff or a collar: no cover goes on it. */
  noCover?: boolean
}
export type Ring = { outsideWidthMm: number; outsideHeightMm: number; clamp?: boolean; maxThicknessMm?: number }

/** One kind of backing or topping on the shelf, with the largest piece that can be cut from it. */
export type StashLine = { kind: string; widthMm: number; lengthMm: number; sheets?: number }

/** Of the shop's pieces on a cloth that were held and laid alike (`stack`: see `stackSign`), how many came out well. */
export type OwnRecord = { cloth: ClothFamily; holding: HoldingMethod; stack: string; tries: number; successes: number }

/**
 * `clothBeyondRing`: least cloth outside the ring in mm, negative where the ring hangs over its edge; `ringInside`: whether
 * the lower ring goes inside the garment. Left out, they are not known and nothing follows from them.
 */
export type RecipeQuery = {
  cloth: Cloth
  work: Work
  use: Use
  holding?: HoldingMethod
  habits: HouseHabits
  ring?: Ring
  clothBeyondRing?: number
  ringInside?: boolean
  stash?: StashLine[]
  record?: readonly OwnRecord[] | undefined
}

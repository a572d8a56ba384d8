import type { HoldingMethod } from './recipeQuery'

const backingKinds = [
  'tear-away-light',
  'tear-away-medium',
  'tear-away-fusible',
  'tear-away-sticky',
  'part-soluble',
  'part-soluble-fusible',
  'part-soluble-sticky',
  'wash-away',
  'wash-away-sticky',
  'cut-away-mesh',
  'cut-away-mesh-fusible',
  'cut-away-medium',
  'cut-away-heavy',
  'interfacing-fusible',
] as const
export type BackingKind = (typeof backingKinds)[number]
const toppingKinds = ['wash-away-film', 'heat-away-film', 'permanent-film'] as const
export type ToppingKind = (typeof toppingKinds)[number]
const coverKinds = ['cover-soft-fusible'] as const
/** What a shelf holds for a stack. */
export const supplyKinds = [...backingKinds, ...toppingKinds, ...coverKinds] as const
export type SupplyKind = (typeof supplyKinds)[number]
export const layerKinds = ['cloth', ...supplyKinds] as const
export type LayerKind = (typeof layerKinds)[number]
export const layerRoles = ['topping', 'cloth', 'backing', 'cover'] as const
export type LayerRole = (typeof layerRoles)[number]
export const grips = ['in-ring', 'fused', 'sprayed', 'sticky', 'basted', 'pinned', 'loose'] as const
export type Grip = (typeof grips)[number]

export type Layer = {
  role: LayerRole
  kind: LayerKind
  sheets: number
  grip: Grip
  crossed?: boolean
  piece?: { widthMm: number; heightMm: number }
}

export const needleSizes = ['65/9', '70/10', '75/11', '80/12', '90/14', '100/16'] as const
export const needlePoints = ['embroidery', 'ballpoint', 'sharp', 'wedge', 'large-eye'] as const
export type Needle = { size: (typeof needleSizes)[number]; point: (typeof needlePoints)[number]; coated?: boolean }
export const bobbinWeights = [60, 90] as const
export const bobbinColours = ['white', 'black', 'match'] as const
export type Bobbin = { weight: (typeof bobbinWeights)[number]; colour: (typeof bobbinColours)[number] }

/** A stack as it is held: layers from top to bottom with one cloth among them. */
export type HeldStack = {
  holding: HoldingMethod
  layers: readonly Layer[]
  needle?: Needle | null
  /** The hoop closes by magnets, whatever lies in it. */
  magnets?: boolean
}

import type { Bobbin, Grip, LayerKind, Needle } from './stack'
import type { HoldingMethod } from './recipeQuery'

/** What the trade calls each layer, for sentences and labels. */
export const layerNames: Readonly<Record<LayerKind, string>> = {
  'tear-away-light': 'Light tear-away',
  'tear-away-medium': 'Medium tear-away',
  'tear-away-fusible': 'Fusible tear-away',
  'tear-away-sticky': 'Sticky tear-away',
  'part-soluble': 'Part-soluble tear-away',
  'part-soluble-fusible': 'Fusible part-soluble',
  'part-soluble-sticky': 'Sticky part-soluble',
  'wash-away': 'Wash-away',
  'wash-away-sticky': 'Sticky wash-away',
  'cut-away-mesh': 'Cut-away mesh',
  'cut-away-mesh-fusible': 'Fusible cut-away mesh',
  'cut-away-medium': 'Medium cut-away',
  'cut-away-heavy': 'Heavy cut-away',
  'interfacing-fusible': 'Fusible woven interfacing',
  'wash-away-film': 'Wash-away film',
  'heat-away-film': 'Heat-away film',
  'permanent-film': 'Permanent film',
  cloth: 'Cloth',
  'cover-soft-fusible': 'Soft fusible cover',
}

export const gripNames: Readonly<Record<Grip, string>> = {
  'in-ring': 'in the hoop',
  fused: 'fused on',
  sprayed: 'sprayed',
  sticky: 'pressed on',
  basted: 'pressed on and basted round',
  pinned: 'pinned outside the field',
  loose: 'laid loose',
}

export const holdingNames: Readonly<Record<HoldingMethod, string>> = {
  hooped: 'Hooped',
  floated: 'Floated',
  'backing-under': 'Hooped, backing slid under',
  clamped: 'Clamped',
  'backing-alone': 'Backing alone',
}

export const pointNames: Readonly<Record<Needle['point'], string>> = {
  embroidery: 'embroidery',
  ballpoint: 'ballpoint',
  sharp: 'sharp',
  wedge: 'wedge',
  'large-eye': 'large eye',
}

export const bobbinColourNames: Readonly<Record<Bobbin['colour'], string>> = {
  white: 'white',
  black: 'black',
  match: 'matched',
}

import type { LayerKind, Layer } from './stack'

/** How thick one sheet is, in mm, as such things are sold; the cloth's own thickness is its own. */
const sheetMm: Readonly<Record<Exclude<LayerKind, 'cloth'>, number>> = {
  'tear-away-light': 0.2,
  'tear-away-medium': 0.35,
  'tear-away-fusible': 0.25,
  'tear-away-sticky': 0.35,
  'part-soluble': 0.25,
  'part-soluble-fusible': 0.3,
  'part-soluble-sticky': 0.35,
  'wash-away': 0.25,
  'wash-away-sticky': 0.35,
  'cut-away-mesh': 0.15,
  'cut-away-mesh-fusible': 0.2,
  'cut-away-medium': 0.4,
  'cut-away-heavy': 0.6,
  'interfacing-fusible': 0.25,
  'wash-away-film': 0.05,
  'heat-away-film': 0.05,
  'permanent-film': 0.1,
  'cover-soft-fusible': 0.3,
}

/**
 * A layer's thickness with all its sheets, in mm.
 *
 * @example two sheets of medium cut-away: 0.8
 */
export const layerMm = ({ kind, sheets }: Pick<Layer, 'kind' | 'sheets'>, clothMm: number): number =>
  kind === 'cloth' ? clothMm : sheetMm[kind] * sheets

/** What lies under the needle, in mm: all but the cover, which is put on afterwards. */
export const stackMm = (layers: readonly Pick<Layer, 'role' | 'kind' | 'sheets'>[], clothMm: number): number =>
  layers.reduce((sum, layer) => sum + (layer.role === 'cover' ? 0 : layerMm(layer, clothMm)), 0)

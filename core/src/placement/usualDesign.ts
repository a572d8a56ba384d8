import type { ItemKind } from './itemKind'
import type { Measures } from './measures'
import type { PlacementRule } from './placementRule'

/** From here up a piece carries what a grown-up's does. */
const GROWN = 0.85

/**
 * The size in mm that a placement's design usually has on an item as measured: small pieces get small designs, in
 * proportion to the number the placement grows with (craft.md section 2, proportions); undefined where none is usual.
 *
 * @example on a polo of 262 across the chest, usually 540, a chest carries 39 x 29 instead of 80 x 60
 */
export function usualDesign(
  kind: ItemKind,
  { usual, growsWith }: PlacementRule,
  measures: Measures,
): { width: number; height: number } | undefined {
  const grown = kind.measurements.find(({ id }) => id === growsWith)?.presets[kind.usualSize]
  const here = growsWith === undefined ? undefined : measures[growsWith]
  if (!usual || !grown || here === undefined || !(here < grown * GROWN)) return usual
  const part = Math.max(0.2, here / grown)
  return { width: Math.round(usual.width * part), height: Math.round(usual.height * part) }
}

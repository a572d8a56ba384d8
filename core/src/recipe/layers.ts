import type { Facts } from './facts'
import type { Grip, Layer, ToppingKind } from './stack'
import type { HoldingMethod, Ring, Work } from './recipeQuery'
import type { BackingLayer, BackingPlan } from './rules/backingPlan'

/** Margins in mm a side (craft.md section 5, "Piece of backing needed"). */
export const RING_MARGIN = 20
const UNDER_MARGIN = 40
const TOPPING_MARGIN = 20
const COVER_MARGIN = 12

type Piece = { widthMm: number; heightMm: number }

/**
 * The piece of a layer to cut; none while it goes into a ring that is not chosen yet.
 *
 * @example backing in a ring of 134 by 150 outside: 174 by 190
 */
export function cutPiece(
  { role, grip }: Pick<Layer, 'role' | 'grip'>,
  holding: HoldingMethod,
  work: Pick<Work, 'widthMm' | 'heightMm'>,
  ring?: Ring,
): Piece | undefined {
  const around = (width: number, height: number, margin: number): Piece => ({
    widthMm: Math.ceil(width + 2 * margin),
    heightMm: Math.ceil(height + 2 * margin),
  })
  if (role === 'cloth') return undefined
  if (role === 'topping') return around(work.widthMm, work.heightMm, TOPPING_MARGIN)
  if (role === 'cover') return around(work.widthMm, work.heightMm, COVER_MARGIN)
  if (grip !== 'in-ring' && holding !== 'hooped' && holding !== 'clamped')
    return around(work.widthMm, work.heightMm, UNDER_MARGIN)
  return ring && around(ring.outsideWidthMm, ring.outsideHeightMm, RING_MARGIN)
}

/** The whole stack from top to bottom, with the piece of each to cut. */
export function stackOf(f: Facts, holding: HoldingMethod, plan: BackingPlan, topping: ToppingKind | null): Layer[] {
  const cut = (layer: Layer): Layer => {
    const piece = cutPiece(layer, holding, f.work, f.ring)
    return piece ? { ...layer, piece } : layer
  }
  const backings = plan
    .layers(f)
    .map((b): Layer => cut({ role: 'backing', ...b, ...(b.sheets > 1 ? { crossed: true } : {}) }))
  if (f.dense && backings.length > 1) backings[backings.length - 1]!.crossed = true
  const clothGrip: Grip = holding === 'backing-under' ? 'in-ring' : plan.clothGrip
  const top: Layer[] = topping ? [{ role: 'topping', kind: topping, sheets: 1, grip: 'loose' }] : []
  const cover: Layer[] =
    f.skin && f.takesHeat ? [{ role: 'cover', kind: 'cover-soft-fusible', sheets: 1, grip: 'fused' }] : []
  return [...top.map(cut), { role: 'cloth', kind: 'cloth', sheets: 1, grip: clothGrip }, ...backings, ...cover.map(cut)]
}

/** Sheets of backing under the design, all kinds together. */
export const sheetsUnder = (layers: readonly (Layer | BackingLayer)[]): number =>
  layers.reduce((sum, l) => sum + ('role' in l && l.role !== 'backing' ? 0 : l.sheets), 0)

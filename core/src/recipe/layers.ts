import type { Facts } from './facts'
import type { Grip, Layer, ToppingKind } from './stack'
import type { HoldingMethod, Ring, Work } from './recipeQuery'
import type { BackingLayer } from './rules/backingPlan'

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

type Laid = { clothGrip: Grip; backings: readonly BackingLayer[]; topping: ToppingKind | null }

/** The whole stack from top to bottom, with the piece of each to cut. */
export function stackOf(f: Facts, holding: HoldingMethod, { clothGrip, backings, topping }: Laid): Layer[] {
  const cut = (layer: Layer): Layer => {
    const piece = cutPiece(layer, holding, f.work, f.ring)
    return piece ? { ...layer, piece } : layer
  }
  const under = backings.map((b): Layer => cut({ role: 'backing', ...b, ...(b.sheets > 1 ? { crossed: true } : {}) }))
  if (f.dense && under.length > 1) under[under.length - 1]!.crossed = true
  const top: Layer[] = topping ? [{ role: 'topping', kind: topping, sheets: 1, grip: 'loose' }] : []
  const cover: Layer[] = wantsCover(f, topping)
    ? [{ role: 'cover', kind: 'cover-soft-fusible', sheets: 1, grip: 'fused' }]
    : []
  return [...top.map(cut), { role: 'cloth', kind: 'cloth', sheets: 1, grip: clothGrip }, ...under, ...cover.map(cut)]
}

/** A soft cover over the back: next to skin and for toys; none where colour film lies on top, which its iron would melt. */
const wantsCover = (f: Facts, topping: ToppingKind | null): boolean =>
  (f.skin || Boolean(f.use.toy)) && f.takesCover && topping !== 'permanent-film'

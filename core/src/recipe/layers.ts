import type { Facts } from './facts'
import type { Grip, Layer, ToppingKind } from './stack'
import type { HoldingMethod } from './recipeQuery'
import type { BackingLayer, BackingPlan } from './rules/backingPlan'

/** Margins in mm a side (craft.md section 5, "Piece of backing needed"). */
const RING_MARGIN = 20
const UNDER_MARGIN = 40
const TOPPING_MARGIN = 20
const COVER_MARGIN = 12

type Piece = { widthMm: number; heightMm: number }

/** The whole stack from top to bottom, with the piece of each to cut. */
export function stackOf(f: Facts, holding: HoldingMethod, plan: BackingPlan, topping: ToppingKind | null): Layer[] {
  const around = (margin: number): Piece => ({
    widthMm: Math.ceil(f.work.widthMm + 2 * margin),
    heightMm: Math.ceil(f.work.heightMm + 2 * margin),
  })
  const inRing = (): Piece | undefined =>
    f.ring && {
      widthMm: Math.ceil(f.ring.outsideWidthMm + 2 * RING_MARGIN),
      heightMm: Math.ceil(f.ring.outsideHeightMm + 2 * RING_MARGIN),
    }
  const clothInRing = holding === 'hooped' || holding === 'clamped'
  const backings = plan.layers(f).map((b): Layer => {
    const piece = b.grip === 'in-ring' || clothInRing ? inRing() : around(UNDER_MARGIN)
    return {
      role: 'backing',
      kind: b.kind,
      sheets: b.sheets,
      grip: b.grip,
      ...(b.sheets > 1 ? { crossed: true } : {}),
      ...(piece ? { piece } : {}),
    }
  })
  if (f.dense && backings.length > 1) backings[backings.length - 1]!.crossed = true
  const clothGrip: Grip = holding === 'backing-under' ? 'in-ring' : plan.clothGrip
  return [
    ...(topping
      ? [{ role: 'topping', kind: topping, sheets: 1, grip: 'loose', piece: around(TOPPING_MARGIN) } satisfies Layer]
      : []),
    { role: 'cloth', kind: 'cloth', sheets: 1, grip: clothGrip },
    ...backings,
    ...(f.skin && f.takesHeat
      ? [
          {
            role: 'cover',
            kind: 'cover-soft-fusible',
            sheets: 1,
            grip: 'fused',
            piece: around(COVER_MARGIN),
          } satisfies Layer,
        ]
      : []),
  ]
}

/** Sheets of backing under the design, all kinds together. */
export const sheetsUnder = (layers: readonly (Layer | BackingLayer)[]): number =>
  layers.reduce((sum, l) => sum + ('role' in l && l.role !== 'backing' ? 0 : l.sheets), 0)

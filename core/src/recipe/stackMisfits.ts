import { RING_MARGIN } from './layers'
import type { HoldingMethod, Ring } from './recipeQuery'
import type { Grip, HeldStack, Layer } from './stack'

/** What of a stack no longer suits how it is to be held: the layer by its place, and how it would have to be. */
type StackMisfit =
  | { misfit: 'cloth-grip' | 'backing-grip'; layer: number; holding: HoldingMethod }
  | { misfit: 'short-piece'; layer: number; needs: { widthMm: number; heightMm: number } }

const clothInRing = (holding: HoldingMethod): boolean =>
  holding === 'hooped' || holding === 'clamped' || holding === 'backing-under'
const onBacking: readonly Grip[] = ['sprayed', 'sticky', 'basted', 'pinned']

/**
 * Holds a stack that was put together for one way of holding against another, and its cut pieces against a ring
 * (craft.md section 3, "what is in the ring", and section 5, "piece of backing needed"). Empty: it suits.
 *
 * @example a stack hooped in the ring, now to be floated: 'cloth-grip' for its cloth
 */
export function stackMisfits({ layers }: HeldStack, holding: HoldingMethod, ring?: Ring): StackMisfit[] {
  const backings = layers.flatMap((layer, i) => (layer.role === 'backing' ? [i] : []))
  const held = layers.flatMap((layer, i): StackMisfit[] => {
    if (layer.role !== 'cloth') return []
    const suits = clothInRing(holding) ? layer.grip === 'in-ring' : onBacking.includes(layer.grip)
    return suits ? [] : [{ misfit: 'cloth-grip', layer: i, holding }]
  })
  const lowest = backings.at(-1)
  const wrong = lowest !== undefined && !holds(layers[lowest]!, holding)
  return [
    ...held,
    ...(wrong ? [{ misfit: 'backing-grip' as const, layer: lowest, holding }] : []),
    ...(ring ? shortPieces(layers, ring) : []),
  ]
}

/** Floating hangs on what lies in the ring; backing slid under lies loose; hooping takes either. */
function holds({ grip }: Layer, holding: HoldingMethod): boolean {
  if (holding === 'floated' || holding === 'backing-alone') return grip === 'in-ring'
  if (holding === 'backing-under') return grip === 'loose'
  return grip !== 'loose'
}

function shortPieces(layers: readonly Layer[], ring: Ring): StackMisfit[] {
  const needs = {
    widthMm: Math.ceil(ring.outsideWidthMm + 2 * RING_MARGIN),
    heightMm: Math.ceil(ring.outsideHeightMm + 2 * RING_MARGIN),
  }
  return layers.flatMap(({ role, grip, piece }, layer): StackMisfit[] => {
    if (role !== 'backing' || grip !== 'in-ring' || !piece) return []
    const [short, long] = [Math.min(piece.widthMm, piece.heightMm), Math.max(piece.widthMm, piece.heightMm)]
    const enough = short >= Math.min(needs.widthMm, needs.heightMm) && long >= Math.max(needs.widthMm, needs.heightMm)
    return enough ? [] : [{ misfit: 'short-piece', layer, needs }]
  })
}

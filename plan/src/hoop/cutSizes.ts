import type { Basis, DecidedStack, StackLayer, Supply } from '@thimble/contract'
import { cutPiece, type HoldingMethod, type Ring } from '@thimble/core/recipe'
import { rollThatGives } from '../stash/rolls'

/** A layer to cut for one ring, and what of the stash gives it; `supply` null: nothing there is large enough. */
type Cut = {
  layer: StackLayer
  piece: { widthMm: number; heightMm: number }
  supply: Supply | null
}

type CutSizesInput = {
  stack: DecidedStack
  basis: Basis
  method: HoldingMethod
  ring: Ring
  supplies: readonly Supply[]
}

/** What to cut for a stack in a ring (craft.md section 5), each from the stash: the shortest roll that gives it first. */
export function cutSizes({ stack, basis, method, ring, supplies }: CutSizesInput): Cut[] {
  return stack.layers.flatMap((layer): Cut[] => {
    const piece = cutPiece(layer, method, basis.work, ring)
    if (!piece || layer.role === 'cloth') return []
    return [{ layer, piece, supply: rollThatGives(layer.kind, piece, layer.sheets, supplies) }]
  })
}

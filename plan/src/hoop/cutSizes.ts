import type { Basis, KeptStack, StackLayer, Supply } from '@thimble/contract'
import { cutPiece, type HoldingMethod, type Ring } from '@thimble/core/recipe'

/** A layer to cut for one ring, and what of the stash gives it; `supply` null: nothing there is large enough. */
type Cut = {
  layer: StackLayer
  piece: { widthMm: number; heightMm: number }
  supply: Supply | null
}

type Ask = { stack: KeptStack; basis: Basis; method: HoldingMethod; ring: Ring; supplies: readonly Supply[] }

/** What to cut for a stack in a ring (craft.md section 5), each from the stash: the shortest roll that gives it first. */
export function cutSizes({ stack, basis, method, ring, supplies }: Ask): Cut[] {
  return stack.layers.flatMap((layer): Cut[] => {
    const piece = cutPiece(layer, method, basis.work, ring)
    if (!piece || layer.role === 'cloth') return []
    const fits = supplies
      .filter((supply) => supply.kind === layer.kind && gives(supply, piece, layer.sheets))
      .sort((a, b) => a.leftMm - b.leftMm)
    return [{ layer, piece, supply: fits[0] ?? null }]
  })
}

/** Cut either way round from its width; sheets one after another along the roll. */
function gives({ widthMm, leftMm }: Supply, { widthMm: w, heightMm: h }: Cut['piece'], sheets: number): boolean {
  const along = (across: number, long: number): boolean => {
    const beside = Math.floor(widthMm / across)
    return beside > 0 && Math.ceil(sheets / beside) * long <= leftMm
  }
  return along(w, h) || along(h, w)
}

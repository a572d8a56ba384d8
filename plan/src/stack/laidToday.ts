import type { Basis, DecidedStack, StackLayer, Supply } from '@thimble/contract'
import { type HandBuilt, layByHand, type Ring } from '@thimble/core/recipe'
import { queryOf } from './recipeInput'
import { layerOf } from './stacks'
import { stashOf } from './stash'

/** What a stack put together by hand rests on; `ring`: the one it will lie in, as far as that is known. */
export type OwnLayersInput = { basis: Basis; ring: Ring | null; supplies: readonly Supply[] }

/** Topping, cloth, backings and cover are in that order already: the core gives them back one for one. */
export function handBuilt(
  { holding }: Pick<DecidedStack, 'holding'>,
  layers: readonly StackLayer[],
  ask: OwnLayersInput,
): HandBuilt {
  const query = queryOf(ask.basis, ask.ring ?? undefined)
  const wished = layers.map(({ role, kind, sheets, grip, own }) => ({
    ...{ role, kind, sheets },
    ...(own ? {} : { wish: grip }),
  }))
  return layByHand({ ...query, ...stashOf(ask.supplies) }, { holding, layers: wished })
}

/** A stack of the worker's own as it is laid for this cloth and hoop today. */
export function laidToday(stack: DecidedStack, ask: OwnLayersInput): DecidedStack {
  const built = handBuilt(stack, stack.layers, ask)
  return {
    ...stack,
    ...throughOf(built),
    layers: built.layers.map((layer, i) => ({ ...layerOf(layer), own: stack.layers[i]?.own ?? false })),
  }
}

/** What goes through a stack: needle, threads and how fast. */
export const throughOf = ({ needle, bobbin, topThread, speedSpm, tensionRule }: HandBuilt) => ({
  needle: { coated: false, ...needle },
  bobbin,
  thread: topThread,
  speedSpm,
  tension: tensionRule,
})

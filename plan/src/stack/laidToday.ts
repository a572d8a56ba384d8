import type { Basis, Hoop, KeptStack, StackLayer, Supply } from '@thimble/contract'
import { type HandBuilt, layByHand } from '@thimble/core/recipe'
import { queryOf, ringOf } from './basis'
import { layerOf } from './stacks'
import { stashOf } from './stash'

/** What a stack put together by hand rests on. */
export type HandAsk = { basis: Basis; hoop: Hoop | null; supplies: readonly Supply[] }

/** Topping, cloth, backings and cover are in that order already: the core gives them back one for one. */
export function handBuilt(
  { holding }: Pick<KeptStack, 'holding'>,
  layers: readonly StackLayer[],
  ask: HandAsk,
): HandBuilt {
  const query = queryOf(ask.basis, ask.hoop ? ringOf(ask.hoop) : undefined)
  const wished = layers.map(({ role, kind, sheets, grip, own }) => ({
    ...{ role, kind, sheets },
    ...(own ? {} : { wish: grip }),
  }))
  return layByHand({ ...query, ...stashOf(ask.supplies) }, { holding, layers: wished })
}

/** A stack of the worker's own as it is laid for this cloth and hoop today. */
export function laidToday(stack: KeptStack, ask: HandAsk): KeptStack {
  const { needle, bobbin, speedSpm, tensionRule, layers } = handBuilt(stack, stack.layers, ask)
  return {
    ...stack,
    ...{ needle: { coated: false, ...needle }, bobbin, speedSpm, tension: tensionRule },
    layers: layers.map((layer, i) => ({ ...layerOf(layer), own: stack.layers[i]?.own ?? false })),
  }
}

import type { ChosenStack, KeptStack, Patch, StackLayer } from '@thimble/contract'
import type { Layer, RecipeOption } from '@thimble/core/recipe'
import { inOrder } from '../measure/readPiece'

const layerOf = ({ role, kind, sheets, grip, crossed = false, piece }: Layer): StackLayer => ({
  role,
  kind,
  sheets,
  grip,
  crossed,
  piece: piece ?? null,
  own: false,
})

/** A recipe as a stack that can be kept. */
export function stackOf(option: RecipeOption): KeptStack {
  const { id, holding, layers, needle, bobbin, speedSpm, tensionRule, because } = option
  return {
    recipe: id,
    holding,
    layers: layers.map(layerOf),
    needle: { coated: false, ...needle },
    bobbin,
    speedSpm,
    tension: tensionRule,
    because: because.map((b) => b.rule),
  }
}

/** A stack to work on: each layer under an id of its own. */
export function chosenFrom({ layers, ...through }: KeptStack): ChosenStack {
  return {
    ...through,
    layers: Object.fromEntries(layers.map((layer, order) => [`layer-${order}`, { ...layer, order }])),
  }
}

/** A stack worked on, as it stands: its layers from top to bottom. */
export function settledStack({ layers, ...through }: ChosenStack): KeptStack {
  return { ...through, layers: inOrder(layers).map(([, { order, ...layer }]) => layer) }
}

/** The layers of a chosen stack by their ids, from top to bottom. */
export const chosenLayers = ({ layers }: ChosenStack) => inOrder(layers)

export const hasOwnLayers = ({ layers }: KeptStack): boolean => layers.some((layer) => layer.own)

/** What the core's rules see of layers. */
export const coreLayers = (layers: readonly StackLayer[]): Layer[] =>
  layers.map(({ piece, own, ...layer }) => ({ ...layer, ...(piece ? { piece } : {}) }))

/**
 * One layer put in another's place, or taken off, as a patch of a stack that is kept as `kept`: only that layer where
 * it is the same stack, the whole where `shown` was only proposed.
 */
export function changeLayer(
  kept: ChosenStack | null,
  shown: ChosenStack,
  id: string,
  layer: StackLayer | null,
): Patch<ChosenStack> {
  const own = layer && { ...layer, own: true, order: shown.layers[id]?.order ?? 0 }
  if (kept === shown) return { layers: { [id]: own } }
  const gone = Object.keys(kept?.layers ?? {}).filter((known) => !shown.layers[known])
  return { ...shown, layers: { ...Object.fromEntries(gone.map((known) => [known, null])), ...shown.layers, [id]: own } }
}

/** The stack to work on: as kept while it holds the worker's own layers, else what stands now. */
export const workedOn = (kept: ChosenStack | null, standing: KeptStack): ChosenStack =>
  kept && hasOwnLayers(settledStack(kept)) ? kept : chosenFrom(standing)

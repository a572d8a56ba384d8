import type { ChosenStack, DecidedStack, StackLayer } from '@thimble/contract'
import type { Layer, RecipeOption } from '@thimble/core/recipe'
import { inOrder } from '../measure/readPiece'

export const layerOf = ({ role, kind, sheets, grip, crossed = false, piece }: Layer): StackLayer => ({
  role,
  kind,
  sheets,
  grip,
  crossed,
  piece: piece ?? null,
  own: false,
})

/** A recipe as a stack that can be kept. */
export function stackOf(option: RecipeOption): DecidedStack {
  const { id, holding, layers, needle, bobbin, topThread, speedSpm, tensionRule, because, record } = option
  return {
    recipe: id,
    holding,
    layers: layers.map(layerOf),
    needle: { coated: false, ...needle },
    bobbin,
    thread: topThread,
    speedSpm,
    tension: tensionRule,
    because: because.map((b) => b.rule),
    record: record ?? null,
  }
}

/** A stack to work on: each layer under an id of its own. */
export function chosenFrom({ layers, ...through }: DecidedStack): ChosenStack {
  return {
    ...through,
    layers: Object.fromEntries(layers.map((layer, order) => [`layer-${order}`, { ...layer, order }])),
  }
}

/** A stack worked on, as it stands: its layers from top to bottom. */
export function settledStack({ layers, ...through }: ChosenStack): DecidedStack {
  return { ...through, layers: inOrder(layers).map(([, { order, ...layer }]) => layer) }
}

/** The layers of a chosen stack by their ids, from top to bottom. */
export const chosenLayers = ({ layers }: ChosenStack) => inOrder(layers)

export const hasOwnLayers = ({ layers }: DecidedStack): boolean => layers.some((layer) => layer.own)

/** What the core's rules see of layers. */
export const coreLayers = (layers: readonly StackLayer[]): Layer[] =>
  layers.map(({ piece, own, ...layer }) => ({ ...layer, ...(piece ? { piece } : {}) }))

/** The stack to work on: as kept while it holds the worker's own layers, else what stands now. */
export const workedOn = (kept: ChosenStack | null, standing: DecidedStack): ChosenStack =>
  kept && hasOwnLayers(settledStack(kept)) ? kept : chosenFrom(standing)

import type { ChosenStack, Patch, StackLayer, Supply } from '@thimble/contract'
import {
  type HoldingMethod,
  type LayerKind,
  type LayerRole,
  type Short,
  shortOf,
  supplyKinds,
} from '@thimble/core/recipe'
import { generate } from 'json-merge-patch'
import { type OwnLayersInput, handBuilt, throughOf } from './laidToday'
import { chosenLayers, coreLayers, layerOf, settledStack } from './stacks'
import { stashOf } from './stash'

/** One change of a stack by hand, on a layer by its id. */
export type HandChange =
  | { do: 'add'; kind: Exclude<LayerKind, 'cloth'> }
  | { do: 'swap'; id: string; kind: LayerKind }
  | { do: 'sheets'; id: string; sheets: number }
  | { do: 'move'; id: string; by: 1 | -1 }
  | { do: 'remove'; id: string }

const roles: Readonly<Record<string, LayerRole>> = {
  'wash-away-film': 'topping',
  'heat-away-film': 'topping',
  'permanent-film': 'topping',
  'cover-soft-fusible': 'cover',
}
const roleOf = (kind: LayerKind): LayerRole => (kind === 'cloth' ? 'cloth' : (roles[kind] ?? 'backing'))

type Laid = readonly (readonly [id: string, layer: StackLayer])[]

/**
 * A stack with one change of the worker's: every layer takes the grip its own kind needs beside its neighbours, and
 * pieces, needle and speed follow.
 *
 * @param newId an id for a layer that is added
 */
export function changeByHand(stack: ChosenStack, change: HandChange, ask: OwnLayersInput, newId: string): ChosenStack {
  return relaid(stack, moved(chosenLayers(stack), change, newId), ask)
}

/** The same of a stack as it was used: another layer was there, but needle, threads and speed stay what they were. */
export function changeAsUsed(stack: ChosenStack, change: HandChange, ask: OwnLayersInput, newId: string): ChosenStack {
  const { needle, bobbin, thread, speedSpm, tension, because } = stack
  return { ...changeByHand(stack, change, ask, newId), needle, bobbin, thread, speedSpm, tension, because }
}

function moved(layers: Laid, change: HandChange, newId: string): Laid {
  if (change.do === 'add') return added(layers, change.kind, newId)
  const at = layers.findIndex(([id]) => id === change.id)
  if (at < 0) return layers
  const [id, layer] = layers[at]!
  const put = (next: StackLayer): Laid => layers.with(at, [id, { ...next, own: true }])
  if (change.do === 'swap') return put({ ...layer, kind: change.kind, role: roleOf(change.kind) })
  if (change.do === 'sheets') return put({ ...layer, sheets: change.sheets })
  // What was taken out is the worker's choice, too: the cloth bears it.
  if (change.do === 'remove')
    return layers
      .toSpliced(at, 1)
      .map(([one, its]) => [one, its.role === 'cloth' ? { ...its, own: true } : its] as const)
  const to = at + change.by
  if (layers[to]?.[1].role !== layer.role) return layers
  return layers.with(at, layers[to]!).with(to, [id, { ...layer, own: true }])
}

/** Where its kind lies: a topping first, a cover last, a backing below the other backings. */
function added(layers: Laid, kind: LayerKind, newId: string): Laid {
  const role = roleOf(kind)
  const layer: StackLayer = { role, kind, sheets: 1, grip: 'in-ring', crossed: false, piece: null, own: true }
  const cover = layers.findIndex(([, { role: its }]) => its === 'cover')
  const at = role === 'topping' ? 0 : role === 'cover' || cover < 0 ? layers.length : cover
  return layers.toSpliced(at, 0, [newId, layer])
}

function relaid(stack: ChosenStack, layers: Laid, ask: OwnLayersInput): ChosenStack {
  const built = handBuilt(
    stack,
    layers.map(([, layer]) => layer),
    ask,
  )
  return {
    ...stack,
    recipe: null,
    ...throughOf(built),
    because: built.because.map((b) => b.rule),
    layers: Object.fromEntries(
      layers.map(([id, { own }], order) => [id, { ...layerOf(built.layers[order]!), own, order }]),
    ),
  }
}

/** The cloth alone, to put layers to, held as the piece is. */
export function bareStack(holding: HoldingMethod): ChosenStack {
  const cloth: StackLayer = {
    role: 'cloth',
    kind: 'cloth',
    sheets: 1,
    grip: 'in-ring',
    crossed: false,
    piece: null,
    own: true,
  }
  const through = { needle: null, bobbin: null, thread: null, speedSpm: null, tension: null, because: [], record: null }
  return { recipe: null, holding, ...through, layers: { cloth: { ...cloth, order: 0 } } }
}

type KindOnShelf = { kind: Exclude<LayerKind, 'cloth'>; there: boolean }

/** Kinds a layer of this role may be, those on the shelf first. */
export function kindsOf(role: LayerRole, supplies: readonly Supply[]): KindOnShelf[] {
  const there = new Set(supplies.filter((s) => s.leftMm > 0).map((s) => s.kind))
  return supplyKinds
    .filter((kind) => roleOf(kind) === role)
    .map((kind) => ({ kind, there: there.has(kind) }))
    .sort((a, b) => Number(b.there) - Number(a.there))
}

/** What the stash lacks for a stack. */
export function shortFor(stack: ChosenStack, { supplies }: OwnLayersInput): Short[] {
  return shortOf(coreLayers(settledStack(stack).layers), stashOf(supplies).stash)
}

/** As a patch of the stack that is kept: only what is otherwise, layers that are gone taken away. */
export function patchToStack(kept: ChosenStack | null, next: ChosenStack): Patch<ChosenStack> {
  return kept ? ((generate(kept, next) ?? {}) as Patch<ChosenStack>) : next
}

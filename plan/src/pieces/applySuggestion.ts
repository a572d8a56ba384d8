import type { Basis, ChosenStack } from '@thimble/contract'
import { needleSizes } from '@thimble/core/recipe'
import { type StackChange, troubleChange } from '@thimble/core/suggestedChanges'
import { changeByHand, type HandChange } from '../stack/byHand'
import { chosenLayers } from '../stack/stacks'

/** Slower by a fifth, and not slower than a machine runs well. */
const [SLOWER, SLOWEST] = [0.8, 350]

/** A stack with a change of advice taken up in it: what is of the hand changes nothing. */
export function applySuggestion(stack: ChosenStack, id: string, basis: Basis): ChosenStack {
  const change = troubleChange(id)?.stack
  return change ? changed(stack, change, basis) : stack
}

function changed(stack: ChosenStack, change: StackChange, basis: Basis): ChosenStack {
  const byHand = (by: HandChange): ChosenStack =>
    changeByHand(stack, by, { basis, ring: null, supplies: [] }, `tried-${change.do}`)
  const layers = chosenLayers(stack)
  const of = (role: string): string | undefined => layers.find(([, layer]) => layer.role === role)?.[0]
  if (change.do === 'slower')
    return { ...stack, speedSpm: stack.speedSpm && Math.max(SLOWEST, Math.round((stack.speedSpm * SLOWER) / 10) * 10) }
  if (change.do === 'needle') return { ...stack, needle: stack.needle && needleAs(stack.needle, change) }
  if (change.do === 'hold') return byHandHeld(stack, change.holding, basis)
  if (change.do === 'one-more-sheet') {
    const under = layers.findLast(([, { role }]) => role === 'backing')
    if (!under) return byHand({ do: 'add', kind: 'tear-away-medium' })
    return byHand({ do: 'sheets', id: under[0], sheets: Math.min(4, under[1].sheets + 1) })
  }
  const kinds = layers.map(([, { kind }]) => kind)
  if (kinds.includes(change.kind)) return stack
  const there = change.do === 'add' ? undefined : of(change.do)
  return byHand(there ? { do: 'swap', id: there, kind: change.kind } : { do: 'add', kind: change.kind })
}

function needleAs(
  needle: NonNullable<ChosenStack['needle']>,
  { size, point, coated }: Extract<StackChange, { do: 'needle' }>,
) {
  const at = needleSizes.indexOf(needle.size) + (size === 'up' ? 1 : size === 'down' ? -1 : 0)
  const next = needleSizes[Math.min(needleSizes.length - 1, Math.max(0, at))]!
  return { size: next, point: point ?? needle.point, coated: coated ?? needle.coated }
}

/** Held otherwise, each layer takes the grip it needs for that. */
function byHandHeld(stack: ChosenStack, holding: ChosenStack['holding'], basis: Basis): ChosenStack {
  const held = { ...stack, holding }
  const cloth = chosenLayers(held).find(([, { role }]) => role === 'cloth')?.[0]
  return cloth
    ? changeByHand(held, { do: 'sheets', id: cloth, sheets: 1 }, { basis, ring: null, supplies: [] }, 'held')
    : held
}

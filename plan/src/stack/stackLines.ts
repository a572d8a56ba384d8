import type { Basis, KeptStack } from '@thimble/contract'
import type { Advice } from '@thimble/core/advice'
import { listLine, reasonOf, type StackLists, stackLists } from '@thimble/core/recipe'
import { factsFrom } from './basis'
import { coreLayers } from './stacks'

type OnStack = { basis: Basis; stack: KeptStack | null }

const none: StackLists = { checks: [], finishing: [], cautions: [] }

/** The lists that follow from a stack and from nothing else than what it rests on; empty without one. */
export function listsOf({ basis, stack }: OnStack): StackLists {
  if (!stack) return none
  return stackLists(factsFrom(basis), { holding: stack.holding, layers: coreLayers(stack.layers) })
}

/** Lines of a list that was kept by their ids, worded as today for the stack they belong to. */
export function linesOf(ids: readonly string[], { basis, stack }: OnStack): Advice[] {
  if (!stack) return []
  const held = { holding: stack.holding, layers: coreLayers(stack.layers) }
  return ids.flatMap((id) => listLine(id, factsFrom(basis), held) ?? [])
}

/** The reasons of a stack by their rules, worded as today with the numbers they rest on. */
export function reasonsOf({ basis, stack }: OnStack) {
  return (stack?.because ?? []).flatMap((id) => reasonOf(id, factsFrom(basis)) ?? [])
}

/** How the top tension is set for a stack, worded as today; null where it was not noted. */
export const tensionOf = ({ basis, stack }: OnStack): string | null =>
  (stack?.tension && reasonOf(stack.tension, factsFrom(basis))?.text) || null

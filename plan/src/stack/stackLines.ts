import type { Message } from '@thimble/core/messages'
import type { Basis, DecidedStack } from '@thimble/contract'
import type { Advice } from '@thimble/core/advice'
import {
  type HeldStack,
  listLine,
  ownRecordReason,
  reasonHolds,
  reasonOf,
  type StackLists,
  stackLists,
} from '@thimble/core/recipe'
import { factsFrom } from './recipeInput'
import { coreLayers, hasOwnLayers } from './stacks'

/** `magnets`: the hoop it is held in closes by them. */
type OnStack = { basis: Basis; stack: DecidedStack | null; magnets?: boolean }

const none: StackLists = { checks: [], finishing: [], cautions: [] }

/** The lists that follow from a stack and from nothing else than what it rests on; empty without one. */
export function listsOf({ basis, stack, magnets = false }: OnStack): StackLists {
  if (!stack) return none
  return stackLists(factsFrom(basis), { ...heldOf(stack), magnets })
}

const heldOf = ({ holding, layers, needle }: DecidedStack): HeldStack => ({
  holding,
  layers: coreLayers(layers),
  needle,
})

/** Lines of a list that was kept by their ids, worded as today for the stack they belong to. */
export function linesOf(ids: readonly string[], { basis, stack }: OnStack): Advice[] {
  if (!stack) return []
  return ids.flatMap((id) => listLine(id, factsFrom(basis), heldOf(stack)) ?? [])
}

/** The reasons of a stack by their rules, worded as today with the numbers they rest on. */
export function reasonsOf({ basis, stack }: OnStack) {
  const told = (stack?.because ?? []).flatMap((id) => reasonOf(id, factsFrom(basis)) ?? [])
  return stack?.record && !hasOwnLayers(stack) ? [ownRecordReason(stack.record), ...told] : told
}

/** Those of a decided stack that still hold for what is known of the piece today. */
export const reasonsToday = (decided: OnStack, today: Basis) =>
  reasonsOf(decided).filter(({ rule }) => reasonHolds(rule, factsFrom(today)))

/** How the top tension is set for a stack, worded as today; null where it was not noted. */
export const tensionOf = ({ basis, stack }: OnStack): Message | null =>
  (stack?.tension && reasonOf(stack.tension, factsFrom(basis))?.said) || null

/** Rules that speak of one role's layers, by how their ids begin. */
const about: Record<string, RegExp> = {
  topping: /^top\./,
  backing: /^(back|layers|skin|grip)\./,
  cover: /^safe\.infants$/,
}
/** Lines that say how a kind comes off. */
const offBy: readonly (readonly [kind: RegExp, line: RegExp])[] = [
  [/^wash-away-film/, /^finish\.film(-dry)?$/],
  [/^heat-away/, /^finish\.film-heat$/],
  [/^permanent/, /^finish\.film-stays$/],
  [/^tear-away/, /^finish\.tear$/],
  [/^part-soluble/, /^finish\.part-soluble$/],
  [/^wash-away/, /^finish\.wash-away$/],
  [/^cut-away/, /^finish\.cut-away$/],
  [/^cover/, /^finish\.cover$/],
]

/** Why a layer lies in its stack, and how it comes off again; of a stack by hand, what is said of the whole is not told. */
export function layerReasons(stack: DecidedStack, at: number, basis: Basis): { why: Message[]; off: Message | null } {
  const layer = stack.layers[at]
  if (!layer) return { why: [], off: null }
  const told = layer.own ? [] : reasonsOf({ basis, stack }).filter(({ rule }) => about[layer.role]?.test(rule))
  const line = offBy.find(([kind]) => kind.test(layer.kind))?.[1]
  const off = listsOf({ basis, stack }).finishing.find(({ code }) => line?.test(code))
  return { why: told.map(({ said }) => said), off: off?.said ?? null }
}

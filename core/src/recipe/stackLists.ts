import type { Advice } from '../advice'
import { doOf } from '../messages'
import type { Facts } from './facts'
import { beforeStartRules } from './rules/beforeStartRules'
import { cautionRules } from './rules/cautionRules'
import { finishRules } from './rules/finishRules'
import type { Stacked, StackRule } from './rules/stackRule'
import type { HeldStack } from './stack'

export type StackLists = { checks: Advice[]; finishing: Advice[]; cautions: Advice[] }

const follow = (rules: readonly StackRule[], f: Stacked): Advice[] =>
  rules.filter((rule) => rule.when(f)).map((rule) => ({ code: rule.id, severity: rule.severity, said: doOf(rule, f) }))

/**
 * What is gone through before the start, done after it and heeded with a stack: it follows from the layers that are
 * really there and how they are held, whichever recipe they came from or however they were swapped.
 *
 * @example a stack with wash-away film: 'check.topping' before the start, 'finish.film' after it
 */
export const stackLists = (f: Facts, stack: HeldStack): StackLists => listsFor({ ...f, stack })

export const listsFor = (stacked: Stacked): StackLists => ({
  checks: follow(beforeStartRules, stacked),
  finishing: follow(finishRules, stacked),
  cautions: follow(cautionRules, stacked),
})

const rules = new Map(
  [...beforeStartRules, ...finishRules, ...cautionRules].map((rule): [string, StackRule] => [rule.id, rule]),
)

/** A line of a list by its id, null for one that is no longer known. */
export function listLine(id: string, f: Facts, stack: HeldStack): Advice | null {
  const rule = rules.get(id)
  return rule ? { code: id, severity: rule.severity, said: doOf(rule, { ...f, stack }) } : null
}

/** How long a step takes by the clock, in seconds; null for one that takes what it takes. */
export const stepSeconds = (id: string): number | null => rules.get(id)?.seconds ?? null

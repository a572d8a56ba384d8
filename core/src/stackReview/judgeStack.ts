import type { Severity } from '../advice'
import type { Message } from '../messages'
import type { Facts } from '../recipe/facts'
import { judgingRules } from './judgingRules'
import type { HeldStack } from '../recipe/stack'

/** One thing that is wrong or right about a stack; `layers`: the places of those it is about, empty: the whole. */
export type StackJudgement = {
  rule: string
  verdict: 'fault' | 'merit'
  severity: Severity
  said: Message
  layers: number[]
}

/**
 * What is good and bad about a stack for this cloth and design, whoever put it together: the faults first, the worst
 * before the lesser. A recipe that is recommended has none.
 *
 * Source: craft.md sections 3, 5 and 9, as data in `judgingRules`.
 *
 * @example a dense badge on a tee over two tear-aways: the fault 'judge.dense-stretch', a stop
 */
export function judgeStack(f: Facts, stack: HeldStack): StackJudgement[] {
  const stacked = { ...f, stack }
  return judgingRules
    .filter((rule) => rule.when(stacked))
    .map(({ id, verdict, severity, says, about }) => ({
      ...{ rule: id, verdict, severity, said: says?.(stacked) ?? ([id] as const) },
      layers: about ? stack.layers.flatMap((layer, i) => (about(layer, stacked) ? [i] : [])) : [],
    }))
}

/**
 * What a change makes worse: faults that were not there before, or are graver.
 *
 * @example tear-away put in the place of cut-away under a polo: 'judge.knit-tears'
 */
export function whatGetsWorse(before: readonly StackJudgement[], after: readonly StackJudgement[]): StackJudgement[] {
  const faults = new Set(before.filter((j) => j.verdict === 'fault').map((j) => j.rule))
  return after.filter((j) => j.verdict === 'fault' && !faults.has(j.rule))
}

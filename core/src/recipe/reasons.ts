import type { HouseHabits } from '../habits'
import { backingRules } from './backings'
import type { Facts } from './facts'
import { coatedText } from './needleAndThread'
import { holdingNotes } from './rules/holdingNotes'
import { holdingRules } from './rules/holdingRules'
import { amendments } from './rules/amendments'
import { darkBacking } from './rules/backingColour'
import { needleRules } from './rules/needleRules'
import { bobbinRules, tensionRules, topThreadRules } from './rules/threadRules'
import { otherToppings, toppingRules } from './rules/toppingRules'

type Reason = { id: string; habit?: keyof HouseHabits; text: (f: Facts) => string }

const reasons = new Map<string, Reason>(
  [
    ...holdingRules,
    ...Object.values(holdingNotes),
    ...backingRules,
    ...amendments.map(({ id, habit, text }) => ({ id, habit, text: () => text })),
    darkBacking,
    ...toppingRules,
    ...otherToppings,
    ...needleRules,
    ...bobbinRules,
    ...tensionRules,
    ...topThreadRules,
    { id: 'needle.coated', text: coatedText },
  ].map((rule) => [rule.id, rule]),
)

/** A reason by its rule's id, as it is worded today; null for a rule that is no longer known. */
export function reasonOf(id: string, f: Facts): { rule: string; text: string; habit?: keyof HouseHabits } | null {
  const reason = reasons.get(id)
  if (!reason) return null
  return { rule: id, text: reason.text(f), ...(reason.habit ? { habit: reason.habit } : {}) }
}

const conditions = new Map<string, (f: Facts) => boolean>(
  [...backingRules, ...amendments, ...toppingRules].map(({ id, when }) => [id, when]),
)

/** Whether the rule behind a reason still applies to what is known today; those that ask for more than facts do. */
export const reasonHolds = (id: string, f: Facts): boolean => conditions.get(id)?.(f) ?? true

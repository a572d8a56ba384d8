import type { HouseHabits } from '../habits'
import { type Message, whyOf, type WhyId } from '../messages'
import { backingRules } from './backings'
import type { Facts } from './facts'
import { holdingNotes } from './rules/holdingNotes'
import { holdingRules } from './rules/holdingRules'
import { amendments } from './rules/amendments'
import { darkBacking } from './rules/backingColour'
import { needleRules } from './rules/needleRules'
import { bobbinRules, tensionRules, topThreadRules } from './rules/threadRules'
import { otherToppings, toppingRules } from './rules/toppingRules'

type Reason = { id: WhyId; habit?: keyof HouseHabits; says?: (f: Facts) => Message }

const all: readonly Reason[] = [
  ...holdingRules,
  ...Object.values(holdingNotes),
  ...backingRules,
  ...amendments,
  darkBacking,
  ...toppingRules,
  ...otherToppings,
  ...needleRules,
  ...bobbinRules,
  ...tensionRules,
  ...topThreadRules,
  { id: 'needle.coated' },
]
const reasons = new Map<string, Reason>(all.map((rule) => [rule.id, rule]))

/** A reason by its rule's id, null for a rule that is no longer known. */
export function reasonOf(id: string, f: Facts): { rule: string; said: Message; habit?: keyof HouseHabits } | null {
  const reason = reasons.get(id)
  if (!reason) return null
  return { rule: id, said: whyOf(reason, f), ...(reason.habit ? { habit: reason.habit } : {}) }
}

const conditions = new Map<string, (f: Facts) => boolean>(
  [...backingRules, ...amendments, ...toppingRules].map(({ id, when }) => [id, when]),
)

/** Whether the rule behind a reason still applies to what is known today; those that ask for more than facts do. */
export const reasonHolds = (id: string, f: Facts): boolean => conditions.get(id)?.(f) ?? true

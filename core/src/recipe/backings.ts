import type { Facts } from './facts'
import type { HoldingMethod } from './recipeQuery'
import type { BackingPlan } from './rules/backingPlan'
import { knitBackings } from './rules/knitBackings'
import { towelBackings } from './rules/towelBackings'
import { wovenBackings } from './rules/wovenBackings'

export const backingRules: readonly BackingPlan[] = [...knitBackings, ...towelBackings, ...wovenBackings]

/** How much a house habit lifts its own idea, and how much it sets the other school's back. */
const [OWN_WAY, OTHER_WAY] = [15, -10]

type RankedPlan = { plan: BackingPlan; worth: number }

/** The backing ideas that suit this cloth in this holding, best first. */
export function backingPlans(f: Facts, holding: HoldingMethod): RankedPlan[] {
  return backingRules
    .filter((plan) => plan.holdings.includes(holding) && plan.when(f))
    .map((plan) => ({ plan, worth: plan.worth + habitShift(plan, f) }))
    .sort((a, b) => b.worth - a.worth)
}

function habitShift({ habit, choice }: BackingPlan, f: Facts): number {
  if (!habit || !choice) return 0
  return f.habits[habit] === choice ? OWN_WAY : OTHER_WAY
}

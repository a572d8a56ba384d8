import type { HouseHabits } from '../habits'
import type { Facts } from './facts'
import type { HoldingMethod } from './recipeQuery'
import type { BackingPlan } from './rules/backingPlan'
import { coatedBackings } from './rules/coatedBackings'
import { dissolvingBackings } from './rules/dissolvingBackings'
import { knitBackings } from './rules/knitBackings'
import { softWovenBackings } from './rules/softWovenBackings'
import { towelBackings } from './rules/towelBackings'
import { wovenBackings } from './rules/wovenBackings'

export const backingRules: readonly BackingPlan[] = [
  ...knitBackings,
  ...dissolvingBackings,
  ...towelBackings,
  ...softWovenBackings,
  ...wovenBackings,
  ...coatedBackings,
]

/** How much a house habit lifts its own idea. What dissolves comes before every other idea where that is the habit. */
const OWN_WAY = 20
const OWN_WAYS: { [Habit in keyof HouseHabits]?: number } = { wearableBacking: 80 }
/** How much it sets the other school's back. */
const OTHER_WAY = -15

type RankedPlan = { plan: BackingPlan; worth: number }

/** The backing ideas that suit this cloth in this holding, best first. */
export function backingPlans(f: Facts, holding: HoldingMethod): RankedPlan[] {
  return backingRules
    .filter((plan) => plan.holdings.includes(holding) && plan.when(f))
    .map((plan) => ({ plan, worth: worthOf(plan, f) + habitShift(plan, f) }))
    .sort((a, b) => b.worth - a.worth)
}

const worthOf = ({ worth }: BackingPlan, f: Facts): number => (typeof worth === 'number' ? worth : worth(f))

function habitShift({ habit, choice }: BackingPlan, f: Facts): number {
  if (!habit || !choice) return 0
  return f.habits[habit] === choice ? (OWN_WAYS[habit] ?? OWN_WAY) : OTHER_WAY
}

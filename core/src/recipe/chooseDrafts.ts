import type { LaidDraft } from './recipeOf'

const MOST_OPTIONS = 5

const holdingOf = ({ verdict }: LaidDraft) => verdict.method
const toppingOf = ({ topping }: LaidDraft) => topping.topping
const schoolOf = ({ plan }: LaidDraft) => plan.habit
/** What of a recipe the worker would lay differently. */
const stackOf = (draft: LaidDraft): string =>
  [holdingOf(draft), ...draft.layers.map((l) => `${l.kind}*${l.sheets}${l.grip}`)].join()
const underOf = ({ layers }: LaidDraft): string =>
  layers
    .filter((l) => l.role === 'backing')
    .map((l) => l.kind)
    .join()

/**
 * At most five of the ranked recipes, the best first, that really differ: another way of holding, another backing idea,
 * another school's and another topping before more of the same.
 *
 * @param ranked drafts by falling score
 */
export function chooseDrafts(ranked: readonly LaidDraft[]): LaidDraft[] {
  const stacks = ranked.map(stackOf)
  const different = ranked.filter((_, i) => stacks.indexOf(stacks[i]!) === i)
  const [best] = different
  if (!best) return []
  const chosen = new Set([best])
  const take = (wanted: (option: LaidDraft) => boolean): void => {
    const next = different.find((option) => !chosen.has(option) && wanted(option))
    if (next && chosen.size < MOST_OPTIONS) chosen.add(next)
  }
  take((o) => holdingOf(o) !== holdingOf(best))
  take((o) => holdingOf(o) === holdingOf(best) && underOf(o) !== underOf(best))
  take((o) => toppingOf(o) !== toppingOf(best))
  take((o) => schoolOf(o) === 'wearableBacking' && ![...chosen].some((c) => schoolOf(c) === 'wearableBacking'))
  const newUnder = (o: LaidDraft): boolean => ![...chosen].some((c) => underOf(c) === underOf(o))
  while (chosen.size < MOST_OPTIONS && different.some((o) => !chosen.has(o) && newUnder(o))) take(newUnder)
  while (chosen.size < Math.min(MOST_OPTIONS, different.length)) take(() => true)
  return [...chosen].sort((a, b) => b.score - a.score)
}

import { type Message, message } from '../messages'
import { backingPlans } from './backings'
import { chooseDrafts } from './chooseDrafts'
import { type Facts, factsOf } from './facts'
import { type HoldingVerdict, judgeHoldings, openHoldings, refusalsOf, standingOf } from './holdings'
import { ownOutcome, worthOf } from './ownRecord'
import { type Draft, layDraft, type LaidDraft, recipeOf } from './recipeOf'
import type { RecipeAdvice, Refusal } from './recipeOption'
import type { RecipeQuery } from './recipeQuery'
import { otherToppings, type ToppingRule, toppingRules } from './rules/toppingRules'

/** What another topping costs in rank: it is a variant of the best recipe, not a rival. */
const OTHER_TOPPING = 18

/**
 * Ranked recipes for one piece: stack, holding, needle, thread, bobbin, speed, steps, each with its reasons.
 *
 * The shop's own habits come first; what a sound practitioner of another school would do follows, marked with the
 * habit it belongs to. What no school does comes back in `refused`. Deterministic. Rules: craft.md sections 3-9,
 * as data in `rules/`. A requested `holding` is kept unless it cannot be done; where something speaks against it, each of its
 * options says what (`against`).
 *
 * @throws CoreError 'bad-cloth', 'bad-work', 'bad-ring', 'bad-colour'
 * @example pique, a light design, default habits: hooped, fused mesh, 75/11 ballpoint, no topping
 */
export function recommendRecipe(q: RecipeQuery): RecipeAdvice {
  const f = factsOf(q)
  const verdicts = judgeHoldings(f)
  const laid = draftsFor(f, openHoldings(f, verdicts, q.holding)).map((draft) => layDraft(f, draft))
  const options = chooseDrafts(byOwnRecord(q, laid)).map((draft) => recipeOf(f, draft, q.stash))
  return { options, refused: [...refusalsOf(verdicts), ...schoolsRefuse(f)] }
}

/** Drafts by rank, with what the shop's own pieces have to say to it. */
function byOwnRecord(q: RecipeQuery, drafts: LaidDraft[]): LaidDraft[] {
  if (!q.record?.length) return drafts
  return drafts
    .map((draft) => {
      const outcome = ownOutcome(q, draft.verdict.method, draft.layers)
      return outcome ? { ...draft, outcome, score: draft.score + worthOf(outcome) } : draft
    })
    .sort((a, b) => b.score - a.score)
}

/** Every idea for every open way of holding, the best first, and the best once more under another topping. */
function draftsFor(f: Facts, open: HoldingVerdict[]): Draft[] {
  const [topping, ...others] = toppingsFor(f)
  const drafts = open.flatMap((verdict) =>
    backingPlans(f, verdict.method).map(
      ({ plan, worth }): Draft => ({
        ...{ verdict, plan, topping, score: standingOf(verdict) + worth },
      }),
    ),
  )
  drafts.sort((a, b) => b.score - a.score)
  const [best] = drafts
  if (best)
    drafts.push(...others.map((other, i) => ({ ...best, topping: other, score: best.score - OTHER_TOPPING - i })))
  return drafts.sort((a, b) => b.score - a.score)
}

/** What goes on top, then what other schools would take. */
function toppingsFor(f: Facts): [ToppingRule, ...ToppingRule[]] {
  const first = toppingRules.find((rule) => rule.when(f))!
  const others = otherToppings.filter((rule) => rule.topping !== first.topping && rule.when(f))
  return [first, ...others.filter((rule, i) => others.findIndex((o) => o.topping === rule.topping) === i)]
}

function schoolsRefuse(f: Facts): Refusal[] {
  const refused: Refusal[] = []
  if (f.dense && (f.stretchy || f.knit)) {
    refused.push(
      refusal('tear-away-alone', 'never.tear-away-dense-stretch', message('why.never.tear-away-dense-stretch')),
    )
  }
  if (!f.fusible) {
    const said = message(f.takesHeat ? 'why.never.fuse-no-heat.flattens' : 'why.never.fuse-no-heat')
    refused.push(refusal('fusing', 'never.fuse-no-heat', said))
  }
  return refused
}

const refusal = (what: Refusal['what'], rule: string, said: Message): Refusal => ({
  what,
  because: { rule, decided: 'refused', said },
  quiet: false,
})

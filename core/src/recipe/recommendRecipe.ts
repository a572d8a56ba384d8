import { clothFamilies, familyFacts } from './clothFacts'
import { backingPlans } from './backings'
import { type Facts, factsOf } from './facts'
import { type HoldingVerdict, judgeHoldings, openHoldings, refusalsOf } from './holdings'
import { sheetsUnder, stackOf } from './layers'
import { bobbinFor, needleFor, speedFor, tensionFor } from './needleAndThread'
import type { Because, RecipeAdvice, RecipeOption, Refusal } from './recipeOption'
import type { HoldingMethod, RecipeQuery, StashLine } from './recipeQuery'
import type { BackingPlan } from './rules/backingPlan'
import { type ToppingRule, otherToppings, toppingRules } from './rules/toppingRules'
import { layerRules } from './rules/layerRules'
import { stackLists } from './stackLists'
import { holdingNotes } from './rules/holdingNotes'
import { shortOf } from './stash'
import { waysOut } from './waysOut'

const MOST_OPTIONS = 5
/** What another topping costs in rank: it is a variant of the best recipe, not a rival. */
const OTHER_TOPPING = 18

/**
 * Ranked recipes for one piece: stack, holding, needle, thread, bobbin, speed, steps, each with its reasons.
 *
 * The shop's own habits come first; what a sound practitioner of another school would do follows, marked with the
 * habit it belongs to. What no school does comes back in `refused`. Deterministic. Rules: craft.md sections 3-9,
 * as data in `rules/`. A requested `holding` is kept unless it is refused; then the ways out are the options.
 *
 * @throws CoreError 'bad-cloth', 'bad-work', 'bad-colour'
 * @example pique, a light design, default habits: hooped, fused mesh, 75/11 ballpoint, no topping
 */
export function recommendRecipe(q: RecipeQuery): RecipeAdvice {
  const f = factsOf(q)
  if (!familyFacts[q.cloth.family].covered) return { options: [], refused: [notCovered(f)] }
  const verdicts = judgeHoldings(f)
  const options = ranked(f, openHoldings(f, verdicts, q.holding), q.stash)
  return {
    options,
    refused: [...(options.length === 0 ? nothingHolds(f, verdicts) : []), ...refusalsOf(verdicts), ...schoolsRefuse(f)],
  }
}

function ranked(f: Facts, candidates: HoldingVerdict[], stash?: StashLine[]): RecipeOption[] {
  const [topping, other] = toppingsFor(f)
  const drafts = candidates.flatMap((verdict) =>
    backingPlans(f, verdict.method).map(({ plan, worth }) => ({ verdict, plan, topping, score: verdict.rank + worth })),
  )
  drafts.sort((a, b) => b.score - a.score)
  const best = drafts[0]
  if (best && other) drafts.push({ ...best, topping: other, score: best.score - OTHER_TOPPING })
  return drafts
    .sort((a, b) => b.score - a.score)
    .slice(0, MOST_OPTIONS)
    .map((d) => recipeOf(f, d.verdict, d.plan, d.topping, d.score, stash))
}

function toppingsFor(f: Facts): [ToppingRule, ToppingRule | undefined] {
  const first = toppingRules.find((rule) => rule.when(f))!
  return [first, otherToppings.find((rule) => rule.topping !== first.topping && rule.when(f))]
}

function recipeOf(
  f: Facts,
  verdict: HoldingVerdict,
  plan: BackingPlan,
  topping: ToppingRule,
  score: number,
  stash?: StashLine[],
): RecipeOption {
  const holding: HoldingMethod = verdict.method
  const layers = stackOf(f, holding, plan, topping.topping)
  const { needle, because: needleWhy } = needleFor(f, layers)
  const { bobbin, because: bobbinWhy } = bobbinFor(f)
  const backing: Because = {
    rule: plan.id,
    decided: plan.decided,
    text: plan.text(f),
    ...(plan.habit ? { habit: plan.habit } : {}),
  }
  const top: Because = {
    rule: topping.id,
    decided: topping.topping ?? 'no topping',
    text: topping.text(f),
    ...(topping.habit ? { habit: topping.habit } : {}),
  }
  return {
    id: [holding, plan.id.replace('back.', ''), topping.topping ?? 'bare'].join('/'),
    holding,
    layers,
    needle,
    bobbin,
    speedSpm: speedFor(f, layers),
    ...tensionFor(f, bobbin),
    because: [...verdict.because.slice(0, 2), backing, ...layersWhy(f, layers), top, ...needleWhy, bobbinWhy],
    ...stackLists(f, { holding, layers }),
    score,
    short: shortOf(layers, stash),
  }
}

function layersWhy(f: Facts, layers: RecipeOption['layers']): Because[] {
  const sheets = sheetsUnder(layers)
  const rule = sheets > 0 ? layerRules.find((r) => r.when(f, sheets)) : undefined
  if (!rule) return []
  return [
    { rule: rule.id, decided: `${sheets} ${sheets === 1 ? 'layer' : 'layers'}`, text: rule.text(f), habit: rule.habit },
  ]
}

function schoolsRefuse(f: Facts): Refusal[] {
  const refused: Refusal[] = []
  if (f.dense && (f.stretchy || f.knit)) {
    const text = 'Tear-away alone lets a dense design pull a stretchy knit out of shape: use cut-away.'
    refused.push(refusal('Tear-away alone', 'never.tear-away-dense-stretch', 'refused', text))
  }
  if (!f.takesHeat) {
    const text = 'This cloth takes no heat: spray, or press it on sticky backing.'
    refused.push(refusal('Fusing', 'never.fuse-no-heat', 'refused', text))
  }
  return refused
}

const refusal = (what: string, rule: string, decided: string, text: string): Refusal => ({
  what,
  because: { rule, decided, text },
  quiet: false,
})

/** That nothing holds it, and the ways out. */
function nothingHolds(f: Facts, verdicts: readonly HoldingVerdict[]): Refusal[] {
  const left = refusal('This design', holdingNotes.nothingLeft.id, 'no recipe', holdingNotes.nothingLeft.text(f))
  return [left, ...waysOut(f, verdicts).map((because) => ({ what: 'A way out', because, quiet: false }))]
}

function notCovered(f: Facts): Refusal {
  const known = clothFamilies.filter((id) => familyFacts[id].covered).map((id) => familyFacts[id].name)
  const text = `There are no recipes for ${f.name} yet. Build your own stack, try it on a scrap, and record how it went. Covered so far: ${known.join('; ')}.`
  return refusal('A recipe', 'cover.not-yet', 'not covered yet', text)
}

import { clothFamilies, familyFacts } from './clothFacts'
import { backingPlans } from './backings'
import { type Facts, factsOf } from './facts'
import { type HoldingVerdict, judgeHoldings, refusalsOf } from './holdings'
import { sheetsUnder, stackOf } from './layers'
import { bobbinFor, needleFor, speedFor, tensionNote } from './needleAndThread'
import type { Because, RecipeAdvice, RecipeOption, Refusal } from './recipeOption'
import type { HoldingMethod, RecipeQuery, StashLine } from './recipeQuery'
import type { BackingPlan } from './rules/backingPlan'
import { type ToppingRule, otherToppings, toppingRules } from './rules/toppingRules'
import { checksFor, cautionsFor, finishingFor } from './steps'
import { shortOf } from './stash'

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
  if (!familyFacts[f.family].covered) return { options: [], refused: [notCovered(f)] }
  const verdicts = judgeHoldings(f)
  const wanted = verdicts.find((v) => v.method === q.holding && !v.refused)
  const open = verdicts.filter((v) => !v.refused)
  const offered = open.filter((v) => isOffered(v, q))
  const options = ranked(f, wanted ? [wanted] : offered.length > 0 ? offered : open, q.stash)
  return {
    options,
    refused: [...(options.length === 0 ? [nothingHolds(f)] : []), ...refusalsOf(verdicts), ...schoolsRefuse(f)],
  }
}

/** Clamps are offered where there is one; nobody is sent to a clamp or to loose backing without a reason. */
function isOffered({ method, rank }: HoldingVerdict, q: RecipeQuery): boolean {
  if (method === 'clamped') return q.ring?.clamp === true
  return method !== 'backing-under' || rank > 0
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
    tension: tensionNote(f, bobbin),
    because: [...verdict.because.slice(0, 2), backing, ...layersWhy(f, layers), top, needleWhy, bobbinWhy],
    cautions: cautionsFor(f, holding, layers),
    checks: checksFor(f, holding, layers),
    finishing: finishingFor(f, layers),
    score,
    short: shortOf(layers, stash),
  }
}

function layersWhy(f: Facts, layers: RecipeOption['layers']): Because[] {
  const sheets = sheetsUnder(layers)
  if (sheets === 0) return []
  const decided = `${sheets} ${sheets === 1 ? 'layer' : 'layers'}`
  if (f.habits.layers === 'always-two' && sheets > 1 && !f.dense)
    return [{ rule: 'layers.always-two', decided, text: 'House habit: always two layers.', habit: 'layers' }]
  const text = f.dense
    ? 'Over 70 stitches a square centimetre: two layers, crossed at 90 degrees.'
    : f.work.loadClass === 'medium'
      ? 'Medium load: one medium layer or two light ones.'
      : 'A light load needs one layer.'
  return f.dense === sheets > 1 || f.work.loadClass === 'medium'
    ? [{ rule: 'layers.by-load', decided, text, habit: 'layers' }]
    : []
}

function schoolsRefuse(f: Facts): Refusal[] {
  const refused: Refusal[] = []
  if (f.dense && (f.stretchy || f.knit)) {
    refused.push({
      what: 'Tear-away alone',
      because: {
        rule: 'never.tear-away-dense-stretch',
        decided: 'refused',
        text: 'Tear-away alone lets a dense design pull a stretchy knit out of shape: use cut-away.',
      },
    })
  }
  if (!f.takesHeat) {
    refused.push({
      what: 'Fusing',
      because: {
        rule: 'never.fuse-no-heat',
        decided: 'refused',
        text: 'This cloth takes no heat: spray, or press it on sticky backing.',
      },
    })
  }
  return refused
}

function nothingHolds(f: Facts): Refusal {
  const text = `Nothing holds ${f.name} for this design in this hoop: take a clamping hoop, or a lighter design that can be floated.`
  return { what: 'This design', because: { rule: 'hold.nothing-left', decided: 'no recipe', text } }
}

function notCovered(f: Facts): Refusal {
  const known = clothFamilies.filter((id) => familyFacts[id].covered).map((id) => familyFacts[id].name)
  const text = `There are no recipes for ${f.name} yet. Build your own stack, try it on a scrap, and record how it went. Covered so far: ${known.join('; ')}.`
  return { what: 'A recipe', because: { rule: 'cover.not-yet', decided: 'not covered yet', text } }
}

import { type Message, whyOf, type WhyId } from '../messages'
import { amendLayers } from './amend'
import type { Facts } from './facts'
import type { HoldingVerdict } from './holdings'
import { stackOf } from './layers'
import { bobbinFor, byColourFor, needleFor, speedFor, tensionFor, topThreadFor } from './needleAndThread'
import type { Because, RecipeOption } from './recipeOption'
import type { StashLine } from './recipeQuery'
import { darkBacking } from './rules/backingColour'
import type { BackingLayer, BackingPlan } from './rules/backingPlan'
import type { ToppingRule } from './rules/toppingRules'
import type { Built } from './rules/threadRules'
import { type Outcome, ownRecordReason } from './ownRecord'
import { listsFor } from './stackLists'
import type { Grip, Layer } from './stack'
import { isSticky } from './strength'
import { shortOf } from './stash'

/** A recipe before it is written out: how it is held, what goes underneath and on top, and what speaks for it. */
export type Draft = { verdict: HoldingVerdict; plan: BackingPlan; topping: ToppingRule; score: number }
/** `outcome`: how the shop's own pieces that were laid so came out. */
export type LaidDraft = Draft & { layers: Layer[]; amended: Because[]; outcome?: Outcome }

/** A draft with its layers laid, from top to bottom. */
export function layDraft(f: Facts, draft: Draft): LaidDraft {
  const { verdict, plan, topping } = draft
  const holding = verdict.method
  const { layers: backings, because: amended } = amendLayers(plan.layers(f), f, holding)
  const clothGrip = holding === 'floated' ? gripOn(f, backings, plan.clothGrip ?? 'basted') : 'in-ring'
  return { ...draft, amended, layers: stackOf(f, holding, { clothGrip, backings, topping: topping.topping }) }
}

/** How floated cloth is held on what lies under it: sticky shows only where nothing was sprayed to the back. */
function gripOn(f: Facts, backings: readonly BackingLayer[], planned: Grip): Grip {
  if (backings.some(({ grip }) => grip === 'sprayed')) return 'sprayed'
  if (planned !== 'basted' || !(f.keepsHoles || f.coated)) return planned
  return backings.some(({ kind }) => isSticky(kind)) ? 'sticky' : 'sprayed'
}

/** A laid draft as the whole recipe, each choice with its reason. */
export function recipeOf(f: Facts, draft: LaidDraft, stash?: StashLine[]): RecipeOption {
  const { verdict, plan, topping, layers, amended, score, outcome } = draft
  const holding = verdict.method
  const { topThread, because: threadWhy } = topThreadFor(f)
  const { needle, because: needleWhy } = needleFor(f, layers)
  const { bobbin, because: bobbinWhy } = bobbinFor(f, topThread)
  const byColour = byColourFor(f, layers)
  const built: Built = { ...f, stack: { holding, layers, needle }, bobbin, top: topThread }
  return {
    id: [holding, plan.id.replace('back.', ''), topping.topping ?? 'bare'].join('/'),
    ...{ holding, layers, needle, bobbin, topThread },
    ...(byColour ? { byColour } : {}),
    speedSpm: speedFor(built),
    ...tensionFor(built),
    because: [
      ...(outcome ? [ownRecordReason(outcome)] : []),
      ...verdict.because.slice(0, 2),
      because(plan, plan.decided, f),
      ...amended,
      ...(darkBacking.when(built) ? [because(darkBacking, darkBacking.decided, f)] : []),
      because(topping, topping.topping ?? 'no topping', f),
      ...threadWhy,
      ...needleWhy,
      bobbinWhy,
    ],
    ...(verdict.against ? { against: verdict.against } : {}),
    ...listsFor(built),
    score,
    ...(outcome ? { record: outcome } : {}),
    short: shortOf(layers, stash),
  }
}

type Reasoned = { id: WhyId; habit?: Because['habit']; says?: (f: Facts) => Message }

const because = (rule: Reasoned, decided: string, f: Facts): Because => ({
  ...{ rule: rule.id, decided, said: whyOf(rule, f) },
  ...(rule.habit ? { habit: rule.habit } : {}),
})

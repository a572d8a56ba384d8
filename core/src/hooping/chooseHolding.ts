import { whyOf } from '../messages'
import { backingPlans } from '../recipe/backings'
import { type Facts, factsOf } from '../recipe/facts'
import { type HoldingVerdict, judgeHoldings, openHoldings, standingOf } from '../recipe/holdings'
import type { Because } from '../recipe/recipeOption'
import type { HoldingMethod, RecipeQuery } from '../recipe/recipeQuery'
import { holdingNotes } from '../recipe/rules/holdingNotes'

export type HoldingQuery = RecipeQuery

/** `against`: what is likely to go wrong, and how to lessen it; the method is allowed all the same. */
type HoldingChoice = { method: HoldingMethod; allowed: boolean; because: Because[]; against?: Because }
/** `advised`: the method where none is asked for; `worth`: how much speaks for the method. */
export type HoldingAdvice = {
  method: HoldingMethod
  advised: HoldingMethod
  because: Because[]
  /** What speaks against the method itself, where it was asked for or nothing better is left. */
  against?: Because
  choices: HoldingChoice[]
  worth: number
}

/**
 * Hooped, floated or clamped, with the reason, and the same for every other way (craft.md section 3). It rests on the same
 * judgement as recommendRecipe: what one offers the other accepts, and both warn in the same words. A method that something
 * speaks against is never the first but where nothing else is left or it was asked for; refused is only what cannot be done.
 * Floating is always left.
 *
 * @throws CoreError as recommendRecipe
 * @example a napkin corner whose edge lies within a 150 mm ring: floated, because the ring hangs over the cloth's edge
 */
export function chooseHolding(q: HoldingQuery): HoldingAdvice {
  const f = factsOf(q)
  const verdicts = judgeHoldings(f)
  const choices = verdicts.map(
    ({ method, refused, against, because }): HoldingChoice => ({
      method,
      allowed: refused === null,
      because: refused ? [refused] : because,
      ...(against ? { against } : {}),
    }),
  )
  const best = bestOf(f, openHoldings(f, verdicts, q.holding))
  return {
    method: best.method,
    advised: bestOf(f, openHoldings(f, verdicts)).method,
    because: best.because.length > 0 ? best.because : [plainReason(best, f)],
    ...(best.against ? { against: best.against } : {}),
    choices,
    worth: best.rank,
  }
}

/** The way whose best stack recommendRecipe would put first. */
function bestOf(f: Facts, open: readonly HoldingVerdict[]): HoldingVerdict {
  const worth = (one: HoldingVerdict): number => standingOf(one) + (backingPlans(f, one.method)[0]?.worth ?? -Infinity)
  return open.reduce((best, one) => (worth(one) > worth(best) ? one : best))
}

function plainReason({ method }: HoldingVerdict, f: Facts): Because {
  const rule = method === 'floated' ? holdingNotes.floatedFreely : holdingNotes.heldFreely
  return { rule: rule.id, decided: method, said: whyOf(rule, f) }
}

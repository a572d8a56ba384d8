import { type Facts, factsOf } from '../recipe/facts'
import { type HoldingVerdict, judgeHoldings, openHoldings } from '../recipe/holdings'
import { holdingNames } from '../recipe/names'
import type { Because } from '../recipe/recipeOption'
import type { HoldingMethod, RecipeQuery } from '../recipe/recipeQuery'
import { type HoldingNote, holdingNotes } from '../recipe/rules/holdingNotes'
import { waysOut } from '../recipe/waysOut'

export type HoldingQuery = RecipeQuery

type HoldingChoice = { method: HoldingMethod; allowed: boolean; because: Because[] }
/** `worth`: how much speaks for the method; `waysOut`: what may be changed where every way is refused. */
export type HoldingAdvice = {
  method: HoldingMethod | 'none'
  because: Because[]
  choices: HoldingChoice[]
  worth: number
  waysOut: Because[]
}

/**
 * Hooped, floated or clamped, with the reason, and the same for every other way (craft.md section 3). It rests on the same
 * judgement as recommendRecipe: what one offers the other accepts. Cloth smaller than the ring and 25 mm a side, or a
 * garment narrower than the ring, is not put in it. Where every way is refused the method is 'none', with the ways out.
 *
 * @throws CoreError as recommendRecipe
 * @example a napkin corner 40 mm inside a 150 mm ring: floated, because too little cloth lies beyond the ring
 */
export function chooseHolding(q: HoldingQuery): HoldingAdvice {
  const f = factsOf(q)
  const verdicts = judgeHoldings(f)
  const choices = verdicts.map(
    ({ method, refused, because }): HoldingChoice => ({
      method,
      allowed: refused === null,
      because: refused ? [refused] : because,
    }),
  )
  const [best] = openHoldings(f, verdicts, q.holding)
  if (!best) return { method: 'none', because: [nothingLeft(f)], choices, worth: 0, waysOut: waysOut(f, verdicts) }
  return {
    method: best.method,
    because: best.because.length > 0 ? best.because : [plainReason(best, f)],
    choices,
    worth: best.rank,
    waysOut: [],
  }
}

function nothingLeft(f: Facts): Because {
  const { id, text } = holdingNotes.nothingLeft
  return { rule: id, decided: 'none', text: text(f) }
}

function plainReason({ method }: HoldingVerdict, f: Facts): Because {
  const { id, text }: HoldingNote = method === 'floated' ? holdingNotes.floatedFreely : holdingNotes.heldFreely
  return { rule: id, decided: holdingNames[method].toLowerCase(), text: text(f) }
}

import { formatLength } from '../lengths/formatLength'
import type { LengthStyle } from '../lengths/units'
import { factsOf } from '../recipe/facts'
import { judgeHoldings } from '../recipe/holdings'
import { holdingNames } from '../recipe/names'
import type { Because } from '../recipe/recipeOption'
import type { HoldingMethod, RecipeQuery } from '../recipe/recipeQuery'
import { type HoldingNote, holdingNotes } from '../recipe/rules/holdingNotes'

/**
 * A recipe query, and how the piece meets the ring: `clothBeyondRing` is the least cloth outside the ring in mm
 * (negative when the ring hangs over the edge), `ringInside` whether the lower ring goes inside the garment.
 */
export type HoldingQuery = RecipeQuery & { clothBeyondRing?: number; ringInside?: boolean; style?: LengthStyle }

export type HoldingChoice = { method: HoldingMethod; allowed: boolean; because: Because[] }
export type HoldingAdvice = { method: HoldingMethod; because: Because[]; choices: HoldingChoice[] }

/** Cloth wanted beyond the ring on every side for hooping (craft.md section 3). */
const BEYOND_RING = 25

/**
 * Hooped, floated or clamped, with the reason, and the same for every other way (craft.md section 3).
 * On top of the cloth's rules: cloth smaller than the ring and 25 mm a side, or a garment narrower than the ring,
 * is not hooped. When every way is refused, floating on hooped backing remains, with its caution.
 *
 * @throws CoreError as recommendRecipe
 * @example a napkin corner 40 mm inside a 150 mm ring: floated, because too little cloth lies beyond the ring
 */
export function chooseHolding(q: HoldingQuery): HoldingAdvice {
  const choices = judgeHoldings(factsOf(q)).map(({ method, refused, because }): HoldingChoice => {
    const blocked = refused ?? fitRefusal(method, q)
    return { method, allowed: blocked === null, because: blocked ? [blocked] : because }
  })
  const allowed = choices.filter((c) => c.allowed && (c.method !== 'clamped' || q.ring?.clamp === true))
  const best = allowed.find((c) => c.method === q.holding) ?? allowed[0] ?? lastResort(choices)
  return { method: best.method, because: best.because.length > 0 ? best.because : [plainReason(best.method)], choices }
}

function fitRefusal(method: HoldingMethod, q: HoldingQuery): Because | null {
  if (method === 'floated' || method === 'backing-alone') return null
  const write = (mm: number): string => formatLength(mm, q.style ?? { unit: 'mm' })
  const decided = `not ${holdingNames[method].toLowerCase()}`
  if (q.clothBeyondRing !== undefined && q.clothBeyondRing < BEYOND_RING) {
    const text =
      q.clothBeyondRing < 0
        ? `The ring hangs ${write(-q.clothBeyondRing)} over the cloth’s edge: hoop the backing and float the cloth.`
        : `Only ${write(q.clothBeyondRing)} of cloth lies beyond the ring, ${write(BEYOND_RING)} are wanted: hoop the backing and float the cloth.`
    return { rule: 'hold.cloth-beyond-ring', decided, text }
  }
  if (q.ringInside === false) {
    const text = 'The garment is narrower than the ring: take a smaller hoop, open a side seam, or float it.'
    return { rule: 'hold.ring-inside', decided, text, habit: 'smallGarmentBulk' }
  }
  return null
}

function lastResort(choices: HoldingChoice[]): HoldingChoice {
  const floated = choices.find((c) => c.method === 'floated')!
  return { ...floated, because: [told(holdingNotes.lastResort, 'floated')] }
}

const plainReason = (method: HoldingMethod): Because =>
  told(method === 'floated' ? holdingNotes.floatedFreely : holdingNotes.heldFreely, holdingNames[method].toLowerCase())

const told = ({ id, text }: HoldingNote, decided: string): Because => ({ rule: id, decided, text: text() })

import type { Layer, LayerKind } from './stack'
import type { HoldingMethod, OwnRecord, RecipeQuery } from './recipeQuery'
import { message } from '../messages'
import type { Because } from './recipeOption'
import { ENOUGH } from '../outcomes/enough'
import { wilsonInterval } from '../learning/wilsonInterval'

/** What a sound recipe that nobody has tried yet is taken to come to, as a share of good pieces. */
const EXPECTED = 0.8
/** What the whole of a record is worth in rank: about what parts another way of holding from the house's own. */
const WORTH = 60
/** As many pieces of your own count as much as what was expected before them. */
const BEFORE = 4

export type Outcome = Pick<OwnRecord, 'tries' | 'successes'>

/** A stack by what lies on and under its cloth, from the top: pieces with the same one were laid alike, covered or not. */
export const stackSign = (kinds: readonly LayerKind[]): string =>
  kinds.filter((kind) => kind !== 'cloth' && kind !== 'cover-soft-fusible').join('+')

/** How the shop's pieces of this cloth came out that were held and laid so; null under five of them. */
export function ownOutcome(
  { cloth, record = [] }: Pick<RecipeQuery, 'cloth' | 'record'>,
  holding: HoldingMethod,
  layers: readonly Layer[],
): Outcome | null {
  const sign = stackSign(layers.map(({ kind }) => kind))
  const own = record.find((one) => one.cloth === cloth.family && one.holding === holding && one.stack === sign)
  return own && own.tries >= ENOUGH ? { tries: own.tries, successes: own.successes } : null
}

/**
 * What a record adds to a recipe's rank: the more pieces, the nearer to what their share of good ones is worth. It orders
 * what is sound, and lifts no refusal, as what is refused never comes to have a rank.
 *
 * @example 5 of 5 good: +6.7; 0 of 5: -26.7; 20 of 20: +10
 */
export const worthOf = ({ tries, successes }: Outcome): number =>
  WORTH * (successes / tries - EXPECTED) * (tries / (tries + BEFORE))

/** The reason that goes with it, with its numbers. */
export function ownRecordReason({ tries, successes }: Outcome): Because {
  const [low, high] = wilsonInterval(successes, tries).map((share) => Math.round(share * 100))
  const said = message('why.own.record', { successes, tries, low: low!, high: high! })
  return { rule: 'own.record', decided: worthOf({ tries, successes }) >= 0 ? 'a little up' : 'down', said }
}

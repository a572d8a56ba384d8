import { readNumber } from '@thimble/plan'
import { readMoney, typedMoney } from '@/words/moneyWords'

/** What needles, bobbins and adhesives have in common: how many there are, when that is low, and what one costs. */
export type CountedTexts = Record<'left' | 'low' | 'cost', string>
type Counted = { low: number; cost: number | null }

const MOST = 100_000

export const writeCounted = (currency: string, kept?: Counted): CountedTexts => ({
  ...{ left: '', low: kept?.low ? String(kept.low) : '' },
  cost: typedMoney(kept?.cost, currency),
})

/** `there`: how many there are is typed too, as it is new. */
export function readCounted({ left, low, cost }: CountedTexts, currency: string, there: boolean) {
  const [many, under, price] = [readNumber(left, MOST), readNumber(low, MOST), readMoney(cost, currency)]
  const unread: Partial<Record<keyof CountedTexts, string>> = {}
  if (many.problem) unread.left = many.problem
  if (under.problem) unread.low = under.problem
  if (price.problem) unread.cost = price.problem
  return { doc: { low: under.value ?? 0, cost: price.minor, ...(there ? { left: many.value ?? 0 } : {}) }, unread }
}

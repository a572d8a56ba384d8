import type { tables } from '@/shared/table'
import { isToBuy, missing, type Need } from '@thimble/plan/benchNeeds'
import { needName } from '@/words/needWords'

const round = (n: number): number => Math.round(n * 100) / 100

/** The shopping list as CSV: metres of rolls and of thread, or a number, one thing a row. */
export function toBuyCsv(needs: readonly Need[], { writeTable }: Pick<typeof tables, 'writeTable'>): string {
  const inUnit = (need: Need, amount: number): number => round(need.unit === 'mm' ? amount / 1000 : amount)
  const rows = needs.filter(isToBuy).map((need) => ({
    what: needName(need),
    unit: need.unit === 'number' ? '' : 'm',
    wanted: inUnit(need, need.want),
    left: need.left === null ? '' : inUnit(need, need.left),
    missing: inUnit(need, missing(need)),
    pieces: need.pieces,
  }))
  return writeTable(['what', 'unit', 'wanted', 'left', 'missing', 'pieces'], rows)
}

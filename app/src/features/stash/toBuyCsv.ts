import { isToBuy, missing, type Need } from '@thimble/plan/benchNeeds'
import Papa from 'papaparse'
import { needName } from '@/words/needWords'

const round = (n: number): number => Math.round(n * 100) / 100

/** The shopping list as CSV: metres of rolls and of thread, one thing a row. */
export function toBuyCsv(needs: readonly Need[]): string {
  const metres = (need: Need, amount: number): number => round(need.kind ? amount / 1000 : amount)
  const rows = needs.filter(isToBuy).map((need) => ({
    what: needName(need),
    wanted_m: metres(need, need.want),
    left_m: need.left === null ? '' : metres(need, need.left),
    missing_m: metres(need, missing(need)),
    pieces: need.pieces,
  }))
  return Papa.unparse({ fields: ['what', 'wanted_m', 'left_m', 'missing_m', 'pieces'], data: rows }, { newline: '\n' })
}

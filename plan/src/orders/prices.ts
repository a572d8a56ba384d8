import type { Bobbin, Needle, Supply, Thread } from '@thimble/contract'

/** What things of the stash cost. */
export type Prices = {
  threads: readonly Thread[]
  supplies: readonly Supply[]
  needles: readonly Needle[]
  bobbins: readonly Bobbin[]
}

const MM2_IN_M2 = 1e6
const M_IN_1000M = 1000

/** Minor units for 1000 m of a thread; null where nobody said what a spool costs or holds. */
export const threadPer1000m = ({ cost, spoolM }: Pick<Thread, 'cost' | 'spoolM'>): number | null =>
  cost === null || spoolM === null ? null : (cost / spoolM) * M_IN_1000M

/** The same of wound bobbins. */
export const bobbinPer1000m = ({ cost, woundM }: Pick<Bobbin, 'cost' | 'woundM'>): number | null =>
  cost === null ? null : (cost / woundM) * M_IN_1000M

/** Minor units for a square metre: a metre of a roll costs what its width has of it, a sheet what its area has. */
export const supplyPerM2 = ({ cost, widthMm, sheetMm }: Pick<Supply, 'cost' | 'widthMm' | 'sheetMm'>): number | null =>
  cost === null ? null : cost / ((widthMm * (sheetMm ?? 1000)) / MM2_IN_M2)

/** Amounts at what each costs: all of it, and what a thousandth part of it costs on the average; names of what is not known. */
export function priced(uses: readonly { name: string; metres: number; per1000m: number | null }[]): {
  metres: number
  per1000m: number
  unknown: string[]
} {
  const metres = uses.reduce((sum, use) => sum + use.metres, 0)
  const money = uses.reduce((sum, use) => sum + (use.metres * (use.per1000m ?? 0)) / M_IN_1000M, 0)
  const unknown = uses.flatMap(({ name, per1000m, metres: some }) => (per1000m === null && some > 0 ? [name] : []))
  return { metres, per1000m: metres > 0 ? (money / metres) * M_IN_1000M : 0, unknown: [...new Set(unknown)] }
}

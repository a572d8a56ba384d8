import type { ClothHalt } from '../design/clothHalts'

/** What a hand takes for one patch; typical figures of the program's own, as no table of the craft has them. */
const LAY_SECONDS = 60
const TRIM_SECONDS = 120

/**
 * Seconds that laying and trimming take.
 *
 * @example clothSeconds([{ lay: ['A', 'B'], trim: [] }, { lay: [], trim: ['A'] }, null]) // 120 + 120
 */
export const clothSeconds = (halts: readonly (ClothHalt | null)[]): number =>
  halts.reduce((sum, halt) => sum + (halt ? halt.lay.length * LAY_SECONDS + halt.trim.length * TRIM_SECONDS : 0), 0)

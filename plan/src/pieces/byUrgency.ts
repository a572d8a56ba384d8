import type { Piece } from '@thimble/contract'

/** After every date. */
const NO_DATE = '9999'

type Dated = Pick<Piece, 'due' | 'createdAt'>

/** The most urgent first; what has no date last, the oldest first. */
export const byUrgency = (a: Dated, b: Dated): number =>
  (a.due ?? NO_DATE).localeCompare(b.due ?? NO_DATE) || a.createdAt.localeCompare(b.createdAt)

import type { Piece } from '@thimble/contract'

/** After every date. */
const NO_DATE = '9999'

type Dated = Pick<Piece, 'due' | 'createdAt'>

/** What pieces are ordered by, as a key: when due, then since when there. */
export type Urgency = [due: string, since: string]
export const urgencyOf = ({ due, createdAt }: Dated): Urgency => [due ?? NO_DATE, createdAt]

/** The most urgent first; what has no date last, the oldest first. */
export const byUrgency = (a: Dated, b: Dated): number => {
  const [[dueA, sinceA], [dueB, sinceB]] = [urgencyOf(a), urgencyOf(b)]
  return compare(dueA, dueB) || compare(sinceA, sinceB)
}

/** ISO dates are in order as they are spelled. */
const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0)

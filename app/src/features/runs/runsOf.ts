import type { Piece } from '@thimble/contract'
import { byUrgency, inWork } from '@thimble/plan'

export type Run = { key: string; customer: string; pieces: Piece[] }

/** The run of all that is in work. */
export const ALL = 'bench'

/** Pieces for one customer with one design on one kind of item belong together: threaded and hooped once. */
export function runsOf(pieces: readonly Piece[]): Run[] {
  const runs = new Map<string, Run>()
  for (const piece of pieces.filter((p) => inWork(p) && p.customer).sort(byUrgency)) {
    const key = [piece.customer, piece.item.kind, piece.measure.designId ?? 'own'].join('|')
    const run = runs.get(key) ?? { key, customer: piece.customer, pieces: [] }
    run.pieces.push(piece)
    runs.set(key, run)
  }
  return [...runs.values()].sort((a, b) => b.pieces.length - a.pieces.length || a.customer.localeCompare(b.customer))
}

/** The pieces of a run by its key; null where there is none any more. */
export function runAt(key: string, pieces: readonly Piece[]): Run | null {
  if (key !== ALL) return runsOf(pieces).find((run) => run.key === key) ?? null
  return { key, customer: 'The whole bench', pieces: pieces.filter(inWork).sort(byUrgency) }
}

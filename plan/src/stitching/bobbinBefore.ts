import type { Machine, Piece, RunEvent } from '@thimble/contract'
import { bobbinAt } from '@thimble/core/sewing'
import type { PiecePlans } from '../stages/planPiece'
import type { Stock } from '../stash/wants'
import { eventsOf, stitchingProgress } from './stitchingProgress'
import { sewingAtHand } from './sewing'

/**
 * Metres on the bobbin as a hooping is begun: what the machine had, less what the hoopings before it took, or what is left
 * of the one that went in meanwhile. Null where nothing is known of it.
 */
export function bobbinBefore(
  piece: Piece,
  plans: PiecePlans,
  stock: Stock,
  { bobbinM }: Pick<Machine, 'bobbinM'>,
  { events, group }: { events: readonly RunEvent[]; group: number },
): number | null {
  return Array.from({ length: group }, (_, i) => i).reduce<number | null>((left, one) => {
    const sewing = sewingAtHand({ ...piece, hoop: { ...piece.hoop, group: one } }, plans, stock)
    const own = eventsOf(events, piece.id, one)
    if (!sewing || own.length === 0) return left
    const run = stitchingProgress(own, sewing.program)
    const fitted = run.bobbins.at(-1)
    const before = fitted ? fitted.woundM : left
    if (before === null) return null
    return Math.max(0, before - bobbinAt(sewing.program, run.stitch) + bobbinAt(sewing.program, fitted?.stitch ?? 0))
  }, bobbinM)
}

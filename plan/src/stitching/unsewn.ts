import type { Piece, RunEvent } from '@thimble/contract'
import type { PiecePlans } from '../stages/planPiece'
import type { Stock } from '../stash/wants'
import { sewingAtHand } from './sewing'
import { eventsOf, stitchingProgress } from './stitchingProgress'

/** How far a piece is sewn by what was told of it: stitches of its one hooping, else how many of its hoopings are all sewn. */
export type Unsewn = { of: 'stitches' | 'hoopings'; sewn: number; all: number }

/**
 * What is not sewn yet of a piece that was begun at the machine. Null where all of it is, and where nobody told of any:
 * who keeps no run says by the one tap that it is stitched.
 *
 * @example a run of 5303 stitches that stands at 110: { of: 'stitches', sewn: 110, all: 5303 }
 */
export function unsewn(piece: Piece, plans: PiecePlans, stock: Stock, events: readonly RunEvent[]): Unsewn | null {
  const groups = sewingAtHand(piece, plans, stock)?.groups ?? 0
  const runs = Array.from({ length: groups }, (_, group) => {
    const { program } = sewingAtHand({ ...piece, hoop: { ...piece.hoop, group } }, plans, stock)!
    return { program, run: stitchingProgress(eventsOf(events, piece.id, group), program) }
  })
  const sewn = runs.filter(({ run }) => run.state === 'done').length
  if (sewn === groups || runs.every(({ run }) => run.state === 'ready')) return null
  const [only] = runs
  return groups > 1
    ? { of: 'hoopings', sewn, all: groups }
    : { of: 'stitches', sewn: only!.run.stitch, all: only!.program.stitches }
}

import type { Piece, RunEvent } from '@thimble/contract'
import { bobbinAt } from '@thimble/core/sewing'
import type { PiecePlans } from '../stages/planPiece'
import type { Stock } from '../stash/wants'
import { eventsOf, stitchingProgress } from './stitchingProgress'
import { type Sewing, sewingAtHand } from './sewing'

/** What sewing a piece really took, by its run: the needle's minutes, fresh bobbins, strikes. */
export type SewnReally = {
  minutes: number
  bobbins: number
  /** Metres left on the last bobbin that went in; null: none did. */
  endsWith: number | null
  strikes: number
}

/**
 * By the events that a hand noted, of all its hoopings; null where there are none, and the forecast stands. What the practice
 * machine sewed was not sewn: its clock may be speeded, and its faults are made up.
 */
export function sewnReally(
  piece: Piece,
  plans: PiecePlans,
  stock: Stock,
  events: readonly RunEvent[],
): SewnReally | null {
  const own = events.filter((one) => one.piece === piece.id && one.by === 'hand')
  if (own.length === 0) return null
  const first = sewingAtHand(piece, plans, stock)
  const groups = Array.from({ length: first?.groups ?? 0 }, (_, group) => {
    const sewing = sewingAtHand({ ...piece, hoop: { ...piece.hoop, group } }, plans, stock)!
    return { sewing, run: stitchingProgress(eventsOf(own, piece.id, group), sewing.program) }
  })
  const sum = (of: (one: (typeof groups)[number]) => number): number => groups.reduce((all, one) => all + of(one), 0)
  const last = groups.findLastIndex(({ run }) => run.bobbins.length > 0)
  const fitted = groups[last]?.run.bobbins.at(-1)
  const after = groups.slice(last + 1).reduce((all, { sewing }) => all + wholeOf(sewing), 0)
  return {
    minutes: sum(({ run }) => run.sewnMs) / 60_000,
    bobbins: sum(({ run }) => run.bobbins.length),
    endsWith: fitted?.woundM
      ? Math.max(
          0,
          fitted.woundM -
            (wholeOf(groups[last]!.sewing) - bobbinAt(groups[last]!.sewing.program, fitted.stitch)) -
            after,
        )
      : null,
    strikes: sum(({ run }) => run.needleBreaks),
  }
}

const wholeOf = ({ program }: Sewing): number => bobbinAt(program, program.stitches)

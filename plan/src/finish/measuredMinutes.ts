import type { Piece, RunEvent } from '@thimble/contract'
import { triesOf } from '../hoop/checkStraight'
import { eventsOf } from '../stitching/stitchingProgress'
import type { Measured } from './minutes'

/** Longer than this nobody waits at a machine: it stood for another reason. */
const LONG_MS = 45 * 60_000

/**
 * Minutes as they were measured: of hooping by its tries, of sewing by what a hand noted, with the waits between. The practice
 * machine's clock measures nothing.
 */
export function measuredMinutes(piece: Pick<Piece, 'id' | 'hoop'>, events: readonly RunEvent[]): Measured {
  const tried = triesOf(piece).flatMap(({ minutes }) => (minutes === null ? [] : [minutes]))
  const run = eventsOf(events, piece.id).filter(({ by }) => by === 'hand')
  const at = run.map(({ createdAt }) => Date.parse(createdAt))
  const sewn = at.slice(1).reduce((sum, ms, i) => {
    const apart = (ms - at[i]!) * run[i]!.pace
    return run[i]!.kind === 'ended' || apart > LONG_MS ? sum : sum + apart
  }, 0)
  return {
    ...(tried.length > 0 ? { hooping: tried.reduce((sum, one) => sum + one, 0) } : {}),
    ...(sewn > 0 ? { stitching: sewn / 60_000 } : {}),
  }
}

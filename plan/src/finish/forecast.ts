import type { Bobbin, RecordDecision, Piece } from '@thimble/contract'
import { usedStack } from './keepRecord'
import type { PiecePlans } from '../stages/planPiece'
import { plannedFrom, type Stock, wantsOf } from '../stash/wants'

/** What sewing a piece was worked out to take before the shop's own pace has a say; null while its stitches are not known. */
export function forecastOf(
  piece: Piece,
  { marked, built, hoop }: Pick<PiecePlans, 'marked' | 'built' | 'hoop'>,
  stock: Stock & { bobbins?: readonly Bobbin[] },
): RecordDecision['forecast'] {
  const used = { basis: built.basis, stack: usedStack(piece, built) }
  const planned = plannedFrom(piece, { marked, built: used, hoop }, stock)
  const { thread } = planned ? wantsOf(planned, stock) : { thread: null }
  if (!thread) return null
  const { stitching, changes, trims } = thread.time.parts
  const stitches = thread.sewn.reduce((sum, block) => sum + block.stitches, 0)
  return { stitches, minutes: Math.round((stitching + changes + trims) / 6) / 10 }
}

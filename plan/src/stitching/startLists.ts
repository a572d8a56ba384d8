import type { Piece } from '@thimble/contract'
import type { ListLine } from '../finish/lists'
import type { PiecePlans } from '../stages/planPiece'
import { sewingAtHand } from './sewing'
import { startFacts } from './startFacts'
import { startLines } from './startLines'

/** The lists before the start of all hoopings of a piece, each as it stands ticked. */
export function startLists(piece: Piece, plans: PiecePlans, stock: Parameters<typeof startFacts>[3]): ListLine[] {
  const groups = sewingAtHand(piece, plans, stock)?.groups ?? 1
  return Array.from({ length: groups }, (_, group) => {
    const at = { ...piece, hoop: { ...piece.hoop, group } }
    const facts = startFacts(at, plans, sewingAtHand(at, plans, stock), stock)
    return startLines(at, plans.built, { ...facts, hooping: group }).map((line) => ({ ...line, hooping: group }))
  }).flat()
}

import { problemText } from '@thimble/language'
import type { Order } from '@thimble/contract'
import { CoreError } from '@thimble/core/errors'
import type { KindCut } from '../schedule/cutsOfBatch'
import type { PieceWork } from '../schedule/pieceWork'
import { costOfLine, type LineCost } from './costOfLine'
import { garmentsOf, lineName, linesOf, quantityOf } from './garments'
import { setupShares } from './setupShares'

export type CostedLine = LineCost & { id: string; name: string }
/** `begun`: some of it is sewn, so that what is left stands for all. `unplanned`: lines none of whose pieces is planned. */
type OrderCost = { lines: CostedLine[]; begun: boolean; unplanned: string[]; problem: string | null }
type OrderCostInput = {
  works: readonly PieceWork[]
  pieces: readonly { id: string; order: { line: string; row: string } | null }[]
  cuts: readonly KindCut[]
  /** What changing hoop, needle and thread takes over the whole order, in seconds. */
  seconds: number
} & Pick<Parameters<typeof costOfLine>[0], 'shop' | 'prices'>

/** What the lines of an order cost by their pieces as they are planned: those still to sew stand for all of their line. */
export function costOfOrder(order: Order, { works, pieces, cuts, seconds, shop, prices }: OrderCostInput): OrderCost {
  const shares = setupShares(order)
  const [lines, unplanned]: [CostedLine[], string[]] = [[], []]
  let begun = false
  const all = quantityOf(order)
  try {
    for (const [id, line] of linesOf(order)) {
      const own = pieces.filter((piece) => piece.order?.line === id && works.some((work) => work.id === piece.id))
      const quantity = garmentsOf(line).length
      const garments = new Set(own.map((piece) => piece.order!.row)).size
      begun ||= garments > 0 && garments < quantity
      const cost = costOfLine({
        ...{ line, quantity, shop, prices, cuts, setup: shares.get(id) ?? 0 },
        garments,
        works: works.filter((work) => own.some((piece) => piece.id === work.id)),
        changeSeconds: (seconds * quantity) / Math.max(1, all),
      })
      if (cost) lines.push({ ...cost, id, name: lineName(line) })
      else unplanned.push(lineName(line))
    }
  } catch (error) {
    if (error instanceof CoreError) return { lines: [], begun, unplanned: [], problem: problemText(error) }
    throw error
  }
  return { lines, begun, unplanned, problem: null }
}

import type { Piece } from '@thimble/contract'
import { stageAt } from '../stages/stages'

/**
 * Pieces in groups that read as one: of one order's line and place, at the same stage. Each stands where the first of them
 * stood; a piece without an order stands by itself.
 *
 * @example alikeOnBench([polo 3 of 12 at measure, towel, polo 4 of 12 at measure]) // [[polo 3, polo 4], [towel]]
 */
export function alikeOnBench(pieces: readonly Piece[]): Piece[][] {
  const groups = new Map<string, Piece[]>()
  for (const piece of pieces) {
    const { order, measure, id } = piece
    const key = order ? [order.id, order.line, measure.placement, stageAt(piece)].join(' ') : id
    const group = groups.get(key)
    if (group) group.push(piece)
    else groups.set(key, [piece])
  }
  return [...groups.values()]
}

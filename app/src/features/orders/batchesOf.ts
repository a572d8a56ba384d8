import { orders as t } from '@thimble/language/en/orders'
import type { Order, Piece } from '@thimble/contract'
import { rowOrder } from '@thimble/plan/orders'
import { byUrgency, inWork } from '@thimble/plan'

export type Batch = { key: string; customer: string; pieces: Piece[] }

/** The run of an order. */
export const orderBatch = (id: string): string => `${ORDER}${id}`
export const ORDER = 'order-'

/** The run of all that is in work. */
export const ALL = 'bench'

/** Pieces for one customer with one design on one kind of item belong together: threaded and hooped once. Those of orders are with their order. */
export function batchesOf(pieces: readonly Piece[], orders: readonly Order[]): Batch[] {
  const runs = new Map<string, Batch>()
  const isOrdered = ({ order }: Piece): boolean => orders.some(({ id }) => id === order?.id)
  for (const piece of pieces.filter((p) => inWork(p) && p.customer && !isOrdered(p)).sort(byUrgency)) {
    const key = [piece.customer, piece.item.kind, piece.measure.designId ?? 'own'].join('|')
    const run = runs.get(key) ?? { key, customer: piece.customer, pieces: [] }
    run.pieces.push(piece)
    runs.set(key, run)
  }
  return [...runs.values()].sort((a, b) => b.pieces.length - a.pieces.length || a.customer.localeCompare(b.customer))
}

/** The pieces of a run by its key; null where there is none any more. */
export function batchAt(key: string, pieces: readonly Piece[], orders: readonly Order[]): Batch | null {
  if (key === ALL) return { key, customer: t('the-whole-bench'), pieces: pieces.filter(inWork).sort(byUrgency) }
  if (!key.startsWith(ORDER)) return batchesOf(pieces, orders).find((run) => run.key === key) ?? null
  const order = orders.find(({ id }) => id === key.slice(ORDER.length))
  return order ? { key, customer: order.name, pieces: piecesInRows(order, pieces) } : null
}

/** As they were typed: line by line, row by row. */
function piecesInRows(order: Order, pieces: readonly Piece[]): Piece[] {
  const at = rowOrder(order)
  return pieces.filter((piece) => inWork(piece) && piece.order?.id === order.id).sort((a, b) => at(a) - at(b))
}

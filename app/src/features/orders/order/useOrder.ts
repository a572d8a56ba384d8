import type { Order, OrderLine, Patch } from '@thimble/contract'
import { patch, patchOrderUndoably } from '@/sync/changes'
import { useDocuments } from '@/state/store'
import { followSoon } from './followOrder'

/** An order that is there; null where there is none, or it was removed. */
export const useOrder = (id: string): Order | null =>
  useDocuments((s) => (s.gone.orders[id] ? null : (s.docs.orders[id] ?? null)))

/** Changes an order; the pieces that follow it take that on soon after. */
export function setOrder(id: string, body: Patch<Order>): void {
  patch('orders', id, body)
  followSoon(id)
}

/** The same where something is taken out of it: with a way back. */
export function setOrderUndoably(id: string, body: Patch<Order>, says: string): void {
  patchOrderUndoably(id, body, says)
  followSoon(id)
}

export const setLine = (id: string, line: string, body: Patch<OrderLine>): void =>
  setOrder(id, { lines: { [line]: body } } as Patch<Order>)

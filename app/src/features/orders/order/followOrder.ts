import type { Order, Piece } from '@thimble/contract'
import { type NameDesigns, type OrderChanges, orderChanges } from '@thimble/plan/orders'
import { patch } from '@/sync/changes'
import { store } from '@/state/store'
import { designsOf, fitOrder, type NamesOut } from './setNames'

const PAUSE_MS = 600
const waiting = new Map<string, ReturnType<typeof setTimeout>>()

/** The pieces of an order that are on this device. */
function piecesOfOrder(id: string): Piece[] {
  const { docs, gone } = store.getState().shelf
  return Object.values(docs.pieces).filter((piece) => piece.order?.id === id && !gone.pieces[piece.id])
}

/** What an order wants of its pieces as it stands this moment. */
export function changesNow(
  order: Order,
  out: NamesOut,
  inLog: ReadonlySet<string>,
  designs: NameDesigns = designsOf(out, store.getState().shelf.docs.designs),
): OrderChanges {
  const now = new Date().toISOString()
  return orderChanges(order, piecesOfOrder(order.id), designs, { now, inLog })
}

/** When the hand pauses, the pieces that follow an order take on what it says now. */
export function followSoon(id: string): void {
  clearTimeout(waiting.get(id))
  waiting.set(
    id,
    setTimeout(() => void followNow(id).catch(() => undefined), PAUSE_MS),
  )
}

/** The same at once; names that are not set yet wait until they are. */
export async function followNow(id: string): Promise<void> {
  const order = store.getState().shelf.docs.orders[id]
  if (!order || piecesOfOrder(id).length === 0) return
  const out = await fitOrder(order)
  for (const { id: piece, body } of changesNow(order, out, new Set()).follow) patch('pieces', piece, body)
}

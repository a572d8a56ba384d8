import { orders as t } from '@thimble/language/en/orders'
import type { Order } from '@thimble/contract'
import type { OrderStatus } from '@thimble/contract/answers'
import { ask, Away } from '@/http/client'
import { remove, sendSoon } from '@/sync/changes'
import { store } from '@/state/store'
import { askForChanges } from '@/sync/changeFeed'
import { changesNow, followNow } from './followOrder'
import { designsOf, fitOrder, namesToSet, setNames } from './setNames'

const AWAY = t('cant-reach-the-shop-computer')
const [LOOK_MS, PATIENCE_MS] = [50, 5000]

/**
 * Brings the pieces of an order up to what it says: sets the names that are not set, makes all pieces that are not there in
 * one go, and takes away those nothing was done to yet that are no more in it.
 *
 * @throws Error with a sentence for the person; then nothing was made
 */
export async function makePieces(order: Order, tell: (says: string) => void): Promise<number> {
  tell(t('checking'))
  await untilSent()
  const inLog = await finishedOf(order.id)
  const out = await fitOrder(order)
  const toSet = namesToSet(order, out, store.getState().shelf.docs.designs)
  const designs = await setNames(toSet, (count) => tell(t('setting-name-of', { count, toSet: toSet.length })))
  const shelf = {
    ...store.getState().shelf.docs.designs,
    ...Object.fromEntries(designs.map((one) => [one.card.id, one])),
  }
  const { make } = changesNow(order, out, inLog, designsOf(out, shelf))
  if (make.length > 0 || designs.length > 0) {
    tell(t('making-piece-making-pieces', { make: make.length }))
    await post(order.id, { designs, pieces: make })
    await askForChanges()
  }
  await followNow(order.id)
  for (const piece of changesNow(order, out, inLog).leave) remove('pieces', piece.id, piece.name)
  return make.length
}

/** What was typed last has to be there before pieces are made of it. */
async function untilSent(): Promise<void> {
  sendSoon()
  for (let waited = 0; store.getState().shelf.waiting > 0; waited += LOOK_MS) {
    if (waited > PATIENCE_MS) throw new Error(AWAY)
    await new Promise((resolve) => setTimeout(resolve, LOOK_MS))
  }
}

async function post(id: string, body: object): Promise<void> {
  try {
    await ask(`/orders/${id}/pieces`, { method: 'POST', body, much: true })
  } catch (error) {
    if (error instanceof Away) throw new Error(AWAY)
    throw error
  }
}

/** Those that left this device for the log. */
async function finishedOf(id: string): Promise<ReadonlySet<string>> {
  try {
    const { pieces } = await ask<OrderStatus>(`/orders/${id}/standing`)
    return new Set(pieces.filter(({ finishedAt }) => finishedAt !== null).map((piece) => piece.id))
  } catch (error) {
    if (error instanceof Away) throw new Error(AWAY)
    throw error
  }
}

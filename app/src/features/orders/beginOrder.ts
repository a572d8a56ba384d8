import { orders as t } from '@thimble/language/en/orders'
import type { Order } from '@thimble/contract'
import { nanoid } from 'nanoid'
import { create } from '@/sync/changes'

/** A new order with nothing in it; answers its id. */
export function beginOrder(now: Date): string {
  const at = now.toISOString()
  const order: Order = {
    ...{ id: nanoid(), createdAt: at, updatedAt: at, revision: 0, name: t('new-order'), customer: '', due: null },
    ...{ deliveryNote: '', lines: {}, setup: null, sequence: null, quoted: [] },
  }
  create('orders', order)
  return order.id
}

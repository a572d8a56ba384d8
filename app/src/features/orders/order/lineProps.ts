import type { Order, OrderLine, Patch } from '@thimble/contract'

/** A line of an order with the way to change it. */
export type LineProps = { order: Order; id: string; line: OrderLine; set: (body: Patch<OrderLine>) => void }

import type { Change } from './change'

/** The settings, as if they were a document. */
export const SHOP = 'shop/shop'

export const keyFor = (collection: string, id: string): string => `${collection}/${id}`

/** Which document a change is of. */
export const keyOf = (change: Change): string => (change.kind === 'shop' ? SHOP : keyFor(change.resource, change.id))

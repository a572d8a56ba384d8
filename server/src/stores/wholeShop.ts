import { type Document, type PackedDesign, SHOP_FILE_VERSION, SHOP_FORMAT, type Shop } from '@thimble/contract'
import { CoreError } from '@thimble/core/errors'
import type { ShopStore } from './shopStore'

/** A shop file that was read, for the collections of whatever registry the store has. */
export type WholeShop = {
  shop: Shop
  packedDesigns: { id: string; packed: PackedDesign }[]
  lists: Readonly<Record<string, readonly Document[]>>
}

const ALL = 1_000_000

/** Takes a whole shop in, all or nothing; things with a known id are written over. Answers how many of each. */
export function importShop(
  store: ShopStore,
  { shop, packedDesigns, lists }: WholeShop,
): Promise<Record<string, number>> {
  return store.database.writes.run(async (tx) => {
    await store.keepShop(tx, shop)
    const counts: Record<string, number> = {}
    for (const [name, documents] of Object.entries(store.documents)) {
      const list = lists[name] ?? []
      for (const doc of list) await documents.put(tx, doc)
      counts[name] = list.length
      if (name === 'designs')
        for (const [i, { id, packed }] of packedDesigns.entries())
          if (!(await store.packed.putOfCard(tx, id, packed))) throw withoutCard(i, id)
    }
    return { ...counts, packedDesigns: packedDesigns.length }
  })
}

const withoutCard = (i: number, id: string) =>
  new CoreError('bad-file', `There is no design “${id}” in the file or on the shelf.`, `packedDesigns.${i}.id`)

/** Everything that is kept, as one file. */
export async function exportShop(store: ShopStore) {
  const [shop, packedDesigns, ...lists] = await Promise.all([
    store.shop(),
    store.packed.all(),
    ...Object.entries(store.documents).map(async ([name, documents]) => [name, await documents.list(ALL)] as const),
  ])
  return { format: SHOP_FORMAT, version: SHOP_FILE_VERSION, shop, packedDesigns, ...Object.fromEntries(lists) }
}

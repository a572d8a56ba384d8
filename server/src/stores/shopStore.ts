import { Design, Hoop, SavedItem, Shop, type ShopFile, Supply } from '@thimble/contract'
import { defaultHabits } from '@thimble/core'
import type { Database, Tx } from '../db/openDatabase'
import { designs, hoops, items, shops, supplies } from '../db/schema'
import { DocTable } from './docTable'
import { mergeInto } from './mergeInto'
import { PieceStore } from './pieceStore'

const firstShop: Shop = { name: 'My workshop', unit: 'mm', fraction: 8, theme: 'auto', habits: defaultHabits }

/** Everything one workshop keeps, and the doors by which all of it comes in or goes out at once. */
export class ShopStore {
  readonly hoops: DocTable<Hoop>
  readonly supplies: DocTable<Supply>
  readonly designs: DocTable<Design>
  readonly items: DocTable<SavedItem>
  readonly pieces: PieceStore

  constructor(
    private readonly database: Database,
    now: () => string,
  ) {
    this.hoops = new DocTable<Hoop>(database, hoops, Hoop as never, now)
    this.supplies = new DocTable<Supply>(database, supplies, Supply as never, now)
    this.designs = new DocTable<Design>(database, designs, Design as never, now)
    this.items = new DocTable<SavedItem>(database, items, SavedItem as never, now)
    this.pieces = new PieceStore(database, now)
  }

  /** Whether anything has ever been set up here: a shop once made is never made again. */
  async isNew(): Promise<boolean> {
    return (await this.database.db.select().from(shops)).length === 0
  }

  async shop(): Promise<Shop> {
    const [row] = await this.database.db.select().from(shops)
    return row?.doc ?? firstShop
  }

  patchShop(patch: object): Promise<Shop> {
    return this.database.writes.run(async (tx) => {
      const [row] = await tx.select().from(shops)
      return this.#keepShop(tx, Shop.parse(mergeInto(row?.doc ?? firstShop, patch)))
    })
  }

  /** Takes a whole shop in, all or nothing; things with a known id are written over. */
  import(file: ShopFile): Promise<{ hoops: number; supplies: number; designs: number; items: number; pieces: number }> {
    return this.database.writes.run(async (tx) => {
      await this.#keepShop(tx, file.shop)
      for (const hoop of file.hoops) await this.hoops.put(tx, hoop)
      for (const supply of file.supplies) await this.supplies.put(tx, supply)
      for (const design of file.designs) await this.designs.put(tx, design)
      for (const item of file.items) await this.items.put(tx, item)
      for (const piece of file.pieces) await this.pieces.put(tx, piece)
      return {
        hoops: file.hoops.length,
        supplies: file.supplies.length,
        designs: file.designs.length,
        items: file.items.length,
        pieces: file.pieces.length,
      }
    })
  }

  async export(): Promise<ShopFile> {
    const all = 1_000_000
    const [shop, hoopList, supplyList, designList, itemList, pieceList] = await Promise.all([
      this.shop(),
      this.hoops.list(all),
      this.supplies.list(all),
      this.designs.list(all),
      this.items.list(all),
      this.pieces.list(all),
    ])
    return {
      format: 'zealous-thimble-shop',
      version: 1,
      shop,
      hoops: hoopList,
      supplies: supplyList,
      designs: designList,
      items: itemList,
      pieces: pieceList,
    }
  }

  async #keepShop(tx: Tx, doc: Shop): Promise<Shop> {
    await tx.insert(shops).values({ id: 1, doc }).onConflictDoUpdate({ target: shops.id, set: { doc } })
    return doc
  }
}

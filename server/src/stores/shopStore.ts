import { Design, Hoop, SavedItem, Shop, type ShopFile, Supply, Thread } from '@thimble/contract'
import { defaultHabits } from '@thimble/core'
import type { Database, Tx } from '../db/openDatabase'
import { designs, hoops, items, shops, supplies, threads } from '../db/schema'
import { DocTable } from './docTable'
import { DrawingStore } from './drawingStore'
import { mergeInto } from './mergeInto'
import { PieceStore } from './pieceStore'

export const importedLists = ['hoops', 'supplies', 'threads', 'designs', 'drawings', 'items', 'pieces'] as const
export type ImportCounts = Record<(typeof importedLists)[number], number>

const firstShop: Shop = { name: 'My workshop', unit: 'mm', fraction: 8, theme: 'auto', habits: defaultHabits }

/** Everything one workshop keeps, and the doors by which all of it comes in or goes out at once. */
export class ShopStore {
  readonly hoops: DocTable<Hoop>
  readonly supplies: DocTable<Supply>
  readonly threads: DocTable<Thread>
  readonly designs: DocTable<Design>
  readonly drawings: DrawingStore
  readonly items: DocTable<SavedItem>
  readonly pieces: PieceStore

  constructor(
    private readonly database: Database,
    now: () => string,
  ) {
    this.hoops = new DocTable<Hoop>(database, hoops, Hoop as never, now)
    this.supplies = new DocTable<Supply>(database, supplies, Supply as never, now)
    this.threads = new DocTable<Thread>(database, threads, Thread as never, now)
    this.designs = new DocTable<Design>(database, designs, Design as never, now)
    this.drawings = new DrawingStore(database)
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
  import(file: ShopFile): Promise<ImportCounts> {
    return this.database.writes.run(async (tx) => {
      await this.#keepShop(tx, file.shop)
      for (const hoop of file.hoops) await this.hoops.put(tx, hoop)
      for (const supply of file.supplies) await this.supplies.put(tx, supply)
      for (const thread of file.threads) await this.threads.put(tx, thread)
      for (const design of file.designs) await this.designs.put(tx, design)
      for (const { id, drawing } of file.drawings) await this.drawings.put(tx, id, drawing)
      for (const item of file.items) await this.items.put(tx, item)
      for (const piece of file.pieces) await this.pieces.put(tx, piece)
      return Object.fromEntries(importedLists.map((list) => [list, file[list].length])) as ImportCounts
    })
  }

  async export(): Promise<ShopFile> {
    const all = 1_000_000
    const [shop, hoopList, supplyList, threadList, designList, drawingList, itemList, pieceList] = await Promise.all([
      this.shop(),
      this.hoops.list(all),
      this.supplies.list(all),
      this.threads.list(all),
      this.designs.list(all),
      this.drawings.all(),
      this.items.list(all),
      this.pieces.list(all),
    ])
    return {
      format: 'zealous-thimble-shop',
      version: 1,
      shop,
      hoops: hoopList,
      supplies: supplyList,
      threads: threadList,
      designs: designList,
      drawings: drawingList,
      items: itemList,
      pieces: pieceList,
    }
  }

  async #keepShop(tx: Tx, doc: Shop): Promise<Shop> {
    await tx.insert(shops).values({ id: 1, doc }).onConflictDoUpdate({ target: shops.id, set: { doc } })
    return doc
  }
}

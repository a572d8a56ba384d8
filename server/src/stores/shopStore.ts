import { collections, type Collection, type Document, type Piece, type Registry, Shop } from '@thimble/contract'
import type { Database, Tx } from '../db/database'
import { type DocumentTable, shops, tablesOf } from '../db/tables'
import { DocumentStore, type Follow } from './documentStore'
import { followInLog, LogStore } from './logStore'
import { mergeInto } from './mergeInto'
import { PackedDesignStore } from './packedDesignStore'

/** What follows from documents of a collection elsewhere. */
const follows: Readonly<Record<string, Follow<never>>> = {
  pieces: (tx: Tx, piece: Piece, removed: boolean) => followInLog(tx, piece, removed),
}

/** Everything one workshop keeps: a store a collection of the registry, and what stands beside them. */
export class ShopStore {
  readonly documents: Readonly<Record<string, DocumentStore<Document>>>
  readonly packed: PackedDesignStore
  readonly log: LogStore

  constructor(
    readonly database: Database,
    now: () => string,
    readonly registry: Registry = collections,
  ) {
    const tables: Readonly<Record<string, DocumentTable>> = tablesOf(registry)
    const storeOf = ([name, one]: [string, Collection<Document>]) =>
      [
        name,
        new DocumentStore(database, tables[name]!, one, now, follows[name] as Follow<Document> | undefined),
      ] as const
    this.documents = Object.fromEntries(Object.entries(registry).map(storeOf))
    this.packed = new PackedDesignStore(database)
    this.log = new LogStore(database)
  }

  /** Whether anything has ever been set up here: a shop once made is never made again. */
  async isNew(): Promise<boolean> {
    return (await this.database.db.select().from(shops)).length === 0
  }

  async shop(): Promise<Shop> {
    const [row] = await this.database.db.select().from(shops)
    return row?.doc ?? Shop.parse({})
  }

  patchShop(patch: object): Promise<Shop> {
    return this.database.writes.run(async (tx) => {
      const [row] = await tx.select().from(shops)
      return this.keepShop(tx, Shop.parse(mergeInto(Shop, row?.doc ?? Shop.parse({}), patch)))
    })
  }

  async keepShop(tx: Tx, doc: Shop): Promise<Shop> {
    await tx.insert(shops).values({ id: 1, doc }).onConflictDoUpdate({ target: shops.id, set: { doc } })
    return doc
  }
}

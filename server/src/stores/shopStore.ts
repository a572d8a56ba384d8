import {
  collections,
  type Document,
  type Machine,
  type Movement,
  type Piece,
  type Registry,
  type RunEvent,
  Shop,
} from '@thimble/contract'
import { asText } from '../db/asText'
import type { Database, Db, Tx } from '../db/database'
import { type DocumentTable, shops, tablesOf } from '../db/tables'
import { ChangeFeed, type Fed } from './changeFeed'
import { Ledger } from '../ledger/ledger'
import { PhotoStore } from '../photos/photoStore'
import { DocumentStore, type Follow, type InTime, type Step } from './documentStore'
import { followEvent, followRun } from './followRun'
import { followInLog, LogStore } from './logStore'
import { mergeInto } from './mergeInto'
import { PackedDesignStore } from './packedDesignStore'
import { putAside, reasonOf } from './setAside'

type Stores = Readonly<Record<string, DocumentStore<Document>>>

/** What follows from documents of a collection elsewhere. */
function followsOf(ledger: Ledger, documents: Stores): Readonly<Record<string, Follow<Document>>> {
  const stock = (name: string): Follow<Document> => ledger.followStock.bind(ledger, name)
  return {
    ...Object.fromEntries(
      ['supplies', 'threads', 'needles', 'bobbins', 'adhesives'].map((name) => [name, stock(name)]),
    ),
    machines: (tx, step) => ledger.followMachine(tx, step as Step<Machine>),
    movements: (tx, step) => ledger.followMovement(tx, step as Step<Movement>),
    runEvents: (tx, step) =>
      followEvent(tx, { events: documents.runEvents!, pieces: documents.pieces! }, step as Step<RunEvent>),
    pieces: async (tx, step) => {
      await followInLog(tx, step as Step<Piece>)
      await ledger.followPiece(tx, step as Step<Piece>)
      if (documents.runEvents) await followRun(tx, documents.runEvents, step as Step<Piece>)
    },
  }
}

/** Whose times stock goes by. */
const inTimesOf = (ledger: Ledger): Readonly<Record<string, InTime<Document>>> => ({
  movements: (tx, doc, given) => ledger.movementInTime(tx, doc as Movement, given),
  machines: async (_, doc, { before, sentAt }) =>
    ledger.machineInTime(doc as Machine, before as Machine | null, sentAt),
})

/** Everything one workshop keeps: a store a collection of the registry, and what stands beside them. */
export class ShopStore {
  readonly documents: Stores
  readonly changes: ChangeFeed
  readonly packed: PackedDesignStore
  readonly photos: PhotoStore
  readonly log: LogStore
  readonly ledger: Ledger

  constructor(
    readonly database: Database,
    readonly now: () => string,
    readonly registry: Registry = collections,
  ) {
    const tables: Readonly<Record<string, DocumentTable>> = tablesOf(registry)
    const documents: Record<string, DocumentStore<Document>> = {}
    this.ledger = new Ledger(documents, now)
    const [follows, inTimes] = [followsOf(this.ledger, documents), inTimesOf(this.ledger)]
    const fed = Object.entries(registry).map(([name, one]): Fed => {
      const table = tables[name]!
      const rules = { follow: follows[name], inTime: inTimes[name] }
      return { name, table, one, store: new DocumentStore(database, table, name, one, now, rules) }
    })
    for (const { name, store } of fed) documents[name] = store
    this.documents = documents
    this.changes = new ChangeFeed(database, fed)
    this.packed = new PackedDesignStore(database)
    this.photos = new PhotoStore(database)
    this.log = new LogStore(database)
  }

  /** Whether anything has ever been set up here: a shop once made is never made again. */
  async isNew(): Promise<boolean> {
    return (await this.database.db.select({ id: shops.id }).from(shops)).length === 0
  }

  /** The settings; those of a new shop where what is kept cannot be read. */
  async shop(): Promise<Shop> {
    return (await this.#readShop(this.database.db)).shop
  }

  patchShop(patch: object): Promise<Shop> {
    return this.database.writes.run(async (tx) => {
      const { shop, unreadable } = await this.#readShop(tx)
      if (unreadable) await putAside(tx, { collection: 'shop', id: 'shop', ...unreadable })
      return this.keepShop(tx, Shop.parse(mergeInto(Shop, shop, patch)))
    })
  }

  async #readShop(db: Db | Tx): Promise<{ shop: Shop; unreadable?: { text: string; reason: string } }> {
    const [row] = await db.select({ text: asText(shops.doc) }).from(shops)
    if (!row) return { shop: Shop.parse({}) }
    try {
      return { shop: Shop.parse(JSON.parse(row.text)) }
    } catch (error) {
      return { shop: Shop.parse({}), unreadable: { text: row.text, reason: reasonOf(error as SyntaxError) } }
    }
  }

  async keepShop(tx: Tx, given: Shop): Promise<Shop> {
    const revision = this.database.revisions.take()
    const doc = { ...given, revision }
    await tx
      .insert(shops)
      .values({ id: 1, doc, revision })
      .onConflictDoUpdate({ target: shops.id, set: { doc, revision } })
    return doc
  }
}

import type { PackedDesign, RunEvent, Shop } from '@thimble/contract'
import { sql } from 'drizzle-orm'
import type { Prepare, Tx } from '../db/database'
import { documentTables } from '../db/tables'
import { writerOfLogRows } from '../stores/logStore'
import type { PreparedDocument } from '../stores/preparedDocument'
import type { ShopStore } from '../stores/shopStore'
import type { CheckedDocument } from './checkBatch'
import { documentOf, isSame, readable } from './importEffect'
import type { Read, StagedShop } from './readShop'
import { takingTurns } from './takingTurns'

type Writing = { tx: Tx; prepare: Prepare; staged: StagedShop; toKeep: Read['ids'] | null }
/** Devices that wrote something a file writes over are told, as it knew of none of their changes. */
const NOTHING_SEEN = 0

/** Writes a file that waits, within one transaction. */
export async function writeShop(store: ShopStore, { tx, prepare, staged, toKeep }: Writing): Promise<void> {
  const giveTurn = takingTurns()
  await store.ledger.atOnce(tx, async () => {
    if (toKeep) await removeOthers(store, tx, toKeep)
    const news = new NewDocuments(store, tx, prepare)
    for await (const thing of staged.documents.all()) {
      if (!('lookUps' in thing)) await store.keepShop(tx, JSON.parse(thing.text) as Shop)
      else if (!(await news.write(thing))) await writeOver(store, tx, thing)
    }
    for await (const { piece, account, ...move } of staged.moves.all())
      if (news.wrote(piece)) await news.write({ list: 'movements', account, ...move })
  })
  for await (const other of staged.others.all()) {
    if (other.list === 'photos') await store.photos.put(tx, other.id, Buffer.from(other.jpeg, 'base64'))
    else await store.packed.put(tx, other.id, JSON.parse(other.text) as PackedDesign)
    await giveTurn()
  }
}

/** What the file does not have goes: documents so that they can be brought back, photos for ever. */
async function removeOthers(store: ShopStore, tx: Tx, toKeep: Read['ids']): Promise<void> {
  const giveTurn = takingTurns()
  for (const [list, documents] of Object.entries(store.documents))
    for (const id of await documents.standingIds(tx)) {
      if (!toKeep[list]!.has(id)) await documents.removeIn(tx, id)
      await giveTurn()
    }
  for (const id of await store.photos.ids(tx)) if (!toKeep.photos!.has(id)) await store.photos.remove(tx, id)
}

/** Over what is there under its id, where that differs. */
async function writeOver(store: ShopStore, tx: Tx, thing: CheckedDocument): Promise<void> {
  const documents = store.documents[thing.list]!
  const doc = await store.ledger.asKept(tx, thing.list, documentOf(thing))
  const kept = await readable(documents.findIn(tx, doc.id))
  if (kept && kept.deletedAt === null && isSame(kept.doc, doc)) return
  await documents.put(tx, doc, kept ? { row: kept, seen: NOTHING_SEEN } : {})
}

/** What is written many at a time; of all else there is little, and more follows from it. */
const MANY = new Set(['pieces', 'movements', 'runEvents', 'designs', 'items', 'orders'])

/** Things whose ids are new here, by statements prepared once, with what follows from them. */
class NewDocuments {
  readonly #known = new Map<string, Set<string>>()
  readonly #writers = new Map<string, (one: PreparedDocument) => number>()
  readonly #pieces = new Set<string>()
  #logRow: Awaited<ReturnType<typeof writerOfLogRows>> | null = null
  /** Pieces that are not here, but what happened at the machine is. */
  #runsHere: Set<string> | null = null

  constructor(
    private readonly store: ShopStore,
    private readonly tx: Tx,
    private readonly prepare: Prepare,
  ) {}

  /** Whether a piece was written here. */
  wrote = (piece: string): boolean => this.#pieces.has(piece)

  /** Writes what is new; answers whether it was. */
  async write({ list, log, account, ...one }: CheckedDocument): Promise<boolean> {
    if (!MANY.has(list) || !this.store.documents[list]) return false
    const known = await this.#idsOf(list)
    if (known.has(one.id) || !(await this.#standsAlone(list, one))) return false
    known.add(one.id)
    const revision = (await this.#writerFor(list))(one)
    if (log) (this.#logRow ??= await writerOfLogRows(this.prepare))(revision, one.id, log)
    if (list === 'pieces') this.#pieces.add(one.id)
    if (account) this.store.ledger.putOff(account)
    return true
  }

  /** Whether nothing that is here already follows from it: what happened at a machine bears on a piece and on itself. */
  async #standsAlone(list: string, one: PreparedDocument): Promise<boolean> {
    if (list === 'pieces') return !(await this.#runs()).has(one.id)
    return list !== 'runEvents' || !(JSON.parse(one.text) as RunEvent).atHand
  }

  async #runs(): Promise<Set<string>> {
    const piece = sql.identifier('piece')
    const { runEvents } = documentTables
    const rows = () => this.tx.all<{ piece: string }>(sql`SELECT DISTINCT ${piece} AS piece FROM ${runEvents}`)
    return (this.#runsHere ??= new Set((await rows()).map((row) => row.piece)))
  }

  async #idsOf(list: string): Promise<Set<string>> {
    const known = this.#known.get(list)
    if (known) return known
    const [ids, giveTurn] = [new Set<string>(), takingTurns()]
    for await (const some of this.store.documents[list]!.everyId(this.tx)) {
      for (const id of some) ids.add(id)
      await giveTurn()
    }
    this.#known.set(list, ids)
    return ids
  }

  async #writerFor(list: string): Promise<(one: PreparedDocument) => number> {
    const known = this.#writers.get(list)
    if (known) return known
    const writer = await this.store.documents[list]!.writerOfNew(this.prepare)
    this.#writers.set(list, writer)
    return writer
  }
}

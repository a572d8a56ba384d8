import type { Collection, Document } from '@thimble/contract'
import { and, asc, eq, gt, isNull } from 'drizzle-orm'
import { asText, listOf } from '../db/asText'
import type { Database, Db, Prepare, Tx } from '../db/database'
import type { DocumentTable } from '../db/tables'
import { type ConcurrentWrites, DocumentRows, type Row } from './documentRows'
import { mergeInto } from './mergeInto'
import { ChangeOfRemoved, NotFound, Removed, Unreadable } from './notFound'
import { type PreparedDocument, withRevision } from './preparedDocument'
import { putAside } from './setAside'
import { ReadableRows, type TextRow } from './readableRows'

/**
 * What changed: null before for a new one, null after for one that is removed; no `before` where it was not looked at.
 * `sentAt`: the clock of the device that sent it, as it sent it.
 */
export type Step<Doc> = { id: string; before?: Doc | null; after: Doc | null; sentAt?: string | undefined }
/** Writes rows elsewhere that follow from a document, in its transaction. */
export type Follow<Doc> = (tx: Tx, step: Step<Doc>) => Promise<void>
/** `inTime`: sets the times right that a device gave it; `before`: what stood there, null for a new one. */
export type InTime<Doc> = (tx: Tx, doc: Doc, given: { before: Doc | null; sentAt: string | undefined }) => Promise<Doc>
type Rules<Doc> = { follow?: Follow<Doc> | undefined; inTime?: InTime<Doc> | undefined }

/**
 * `row`: what stands under its id, null for nothing; not known where it was not looked for. `seen`: what whoever
 * changes it had seen, where others have changed it since.
 */
type WriteOptions<Doc> = {
  row?: Row<Doc> | null
  deletedAt?: string | null
  seen?: number
  sentAt?: string | undefined
}
/** What a device says beside its change: the revision it was made upon, and its clock as it sent it. */
type Sent = { seen?: number | undefined; sentAt?: string | undefined }

/** At most this many concurrent writes of one document are remembered. */
const MOST_CONCURRENT = 8
const IDS_AT_ONCE = 2000

/**
 * One collection of documents: list, read, create, merge-patch, remove and bring back. Every change is one
 * transaction through the write queue, and the document is checked against the contract before it is kept.
 */
export class DocumentStore<Doc extends Document> {
  readonly #sound: ReadableRows
  readonly #rows: DocumentRows<Doc>

  constructor(
    private readonly database: Database,
    private readonly table: DocumentTable,
    readonly name: string,
    readonly collection: Collection<Doc>,
    private readonly now: () => string,
    private readonly rules: Rules<Doc> = {},
  ) {
    this.#rows = new DocumentRows(database.db, table, collection.lookUps)
    this.#sound = new ReadableRows(database.soundness.upTo, collection.schema, (row, reason) =>
      this.#setAside(row, reason),
    )
  }

  /** A page of all by name, as JSON text: what was checked when it was kept goes out as it lies there. */
  async listText({ limit, offset }: { limit: number; offset: number }): Promise<string> {
    const { table } = this
    const rows = await this.database.db
      .select({ id: table.id, text: asText(table.doc), revision: table.revision })
      .from(table)
      .where(isNull(table.deletedAt))
      .orderBy(asc(table.name), asc(table.id))
      .limit(limit)
      .offset(offset)
    return listOf(await this.soundOf(rows))
  }

  /** The rows that can be read; what cannot is set aside, and the others are there as if it were not. */
  async soundOf<Row extends TextRow>(rows: readonly Row[]): Promise<Row[]> {
    const sound = await this.#sound.of(rows)
    if (sound.length < rows.length) {
      this.database.soundness.faults++
      this.database.soundness.all = false
    }
    return sound
  }

  /** @throws NotKept */
  async get(id: string): Promise<Doc> {
    return JSON.parse(await this.getText(id)) as Doc
  }

  /** @throws NotKept */
  async getText(id: string): Promise<string> {
    const [found] = await this.#rows.read.all({ id })
    if (found && this.#sound.knows(found.revision)) return found.text
    const [row] = found ? await this.soundOf([{ ...found, id }]) : []
    if (!row) throw new NotFound(id)
    return row.text
  }

  /**
   * Keeps a new document; when the id is taken already, answers with what is kept, so that asking twice is safe.
   * @throws Removed
   */
  create(doc: Doc, { sentAt }: Sent = {}): Promise<Doc> {
    return this.database.writes.run(async (tx) => {
      const known = await this.findIn(tx, doc.id)
      if (known?.deletedAt) throw new Removed(doc.id)
      if (known) return known.doc
      const inTime = await this.#inTime(tx, doc, { before: null, sentAt })
      return this.put(tx, inTime, { row: null, sentAt })
    })
  }

  /**
   * Merges a JSON merge patch (RFC 7396) into the document. `seen`: the revision it was made upon; where others have
   * changed the document since, that is noted, so that they can be told. Answers with its JSON text.
   * @throws NotKept, ChangeOfRemoved, ZodError
   */
  patch(id: string, patch: object, { seen, sentAt }: Sent = {}): Promise<string> {
    return this.database.writes.run(async (tx) => {
      const row = await this.findIn(tx, id)
      if (!row) throw new NotFound(id)
      if (row.deletedAt !== null) throw new ChangeOfRemoved(id)
      const { createdAt, revision } = row.doc
      const set = { id, createdAt, revision, updatedAt: this.now() }
      const merged = mergeInto(this.collection.schema, row.doc, patch)
      const given = this.collection.schema.parse({ ...merged, ...set })
      const doc = await this.#inTime(tx, given, { before: row.doc, sentAt })
      return this.#write(tx, doc, { row, sentAt, ...(seen! < row.revision ? { seen: seen! } : {}) })
    })
  }

  remove(id: string): Promise<void> {
    return this.#mark(id, this.now())
  }

  restore(id: string): Promise<void> {
    return this.#mark(id, null)
  }

  /** Writes the document at a revision of its own, over an older one; within a transaction that may hold more. */
  async put(tx: Tx, doc: Doc, beside: WriteOptions<Doc> = {}): Promise<Doc> {
    return JSON.parse(await this.#write(tx, doc, beside)) as Doc
  }

  #inTime: InTime<Doc> = async (tx, doc, given) => (await this.rules.inTime?.(tx, doc, given)) ?? doc

  async #write(tx: Tx, given: Doc, { row, deletedAt = null, seen, sentAt }: WriteOptions<Doc>): Promise<string> {
    const revision = this.database.revisions.take()
    const doc = { ...given, revision }
    const text = JSON.stringify(doc)
    const known = row?.concurrentWrites ?? null
    const concurrentWrites =
      seen === undefined
        ? known
        : [...(known ?? []), [seen, revision] as ConcurrentWrites[number]].slice(-MOST_CONCURRENT)
    // Nothing can be concluded from what cannot be read.
    const was = row && !this.#sound.has(row) ? undefined : row
    await tx.run(this.#rows.keep({ doc, text, deletedAt, revision, concurrentWrites }, was))
    const before = was === undefined ? {} : { before: was?.deletedAt === null ? was.doc : null }
    await this.rules.follow?.(tx, { id: doc.id, after: deletedAt === null ? doc : null, sentAt, ...before })
    this.#sound.know(revision)
    return text
  }

  /** @throws Unreadable */
  async find(id: string): Promise<Doc | null> {
    const row = await this.findIn(this.database.db, id)
    return row?.deletedAt === null ? row.doc : null
  }

  /** With what was removed. @throws Unreadable */
  async findIn(tx: Db | Tx, id: string): Promise<Row<Doc> | null> {
    const [row] = await tx.all<TextRow & { deletedAt: string | null; concurrentWrites: string | null }>(
      this.#rows.find(id),
    )
    if (!row) return null
    try {
      const concurrentWrites =
        row.concurrentWrites === null ? null : (JSON.parse(row.concurrentWrites) as ConcurrentWrites)
      return { ...row, concurrentWrites, doc: JSON.parse(row.text) as Doc }
    } catch {
      throw new Unreadable(id)
    }
  }

  /**
   * Writes new documents that were checked and made ready elsewhere, one by one within a large transaction; answers with
   * the revision of each. What follows from them is for the caller to write.
   */
  async writerOfNew(prepare: Prepare): Promise<(one: PreparedDocument) => number> {
    const insert = await prepare(this.#rows.insertNew)
    return ({ id, name, text, createdAt, updatedAt, lookUps }) => {
      const revision = this.database.revisions.take()
      insert([id, name, withRevision(text, revision), createdAt, updatedAt, null, revision, null, ...lookUps])
      this.#sound.know(revision)
      return revision
    }
  }

  /** The ids of all that is there, with what was removed, some at a time. */
  async *everyId(db: Db | Tx): AsyncGenerator<string[]> {
    const { id } = this.table
    for (let last = ''; ; ) {
      const rows = await db.select({ id }).from(this.table).where(gt(id, last)).orderBy(asc(id)).limit(IDS_AT_ONCE)
      if (rows.length > 0) yield rows.map((row) => row.id)
      if (rows.length < IDS_AT_ONCE) return
      last = rows.at(-1)!.id
    }
  }

  /** The ids of all that is not removed. */
  async standingIds(db: Db | Tx): Promise<string[]> {
    const { table } = this
    return (await db.select({ id: table.id }).from(table).where(isNull(table.deletedAt))).map(({ id }) => id)
  }

  /** Removes one within a transaction that holds more; what cannot be read stays to be set aside. */
  async removeIn(tx: Tx, id: string): Promise<void> {
    const row = await this.findIn(tx, id)
    const read = row && this.collection.schema.safeParse(row.doc)
    if (row && read?.success) await this.put(tx, read.data, { row, deletedAt: this.now() })
  }

  #mark(id: string, deletedAt: string | null): Promise<void> {
    return this.database.writes.run(async (tx) => {
      const row = await this.findIn(tx, id)
      if (!row) throw new NotFound(id)
      await this.put(tx, this.collection.schema.parse(row.doc), { row, deletedAt })
    })
  }

  /** Takes one that cannot be read out of the collection; its row stays, as of one that was removed. */
  #setAside({ id, text, revision }: TextRow, reason: string): Promise<void> {
    const { table, name } = this
    return this.database.writes.run(async (tx) => {
      const taken = this.database.revisions.take()
      const gone = { deletedAt: this.now(), revision: taken }
      const standing = and(eq(table.id, id), eq(table.revision, revision), isNull(table.deletedAt))
      const { rowsAffected } = await tx.update(table).set(gone).where(standing)
      if (rowsAffected === 0) return
      await putAside(tx, { collection: name, id, text, reason })
      await this.rules.follow?.(tx, { id, after: null })
    })
  }
}

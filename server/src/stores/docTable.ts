import { and, asc, eq, isNull } from 'drizzle-orm'
import type { designs, hoops, items, pieces, supplies, threads } from '../db/schema'
import type { Database, Tx } from '../db/openDatabase'
import type { ZodType } from 'zod'
import { mergeInto } from './mergeInto'
import { NotKept } from './notKept'

export type Kept = { id: string; name: string; createdAt: string; updatedAt: string }
type Table = typeof hoops | typeof supplies | typeof threads | typeof designs | typeof items | typeof pieces

/** What a collection needs beyond its table: extra columns, and rows elsewhere that follow from a document. */
export type Follow<Doc> = {
  columns?: (doc: Doc) => object
  after?: (tx: Tx, doc: Doc, deleted: boolean) => Promise<void>
}

/**
 * One collection of documents: list, read, create, merge-patch, remove and bring back. Every change is one
 * transaction through the write queue, and the document is checked against the contract before it is kept.
 */
export class DocTable<Doc extends Kept> {
  constructor(
    private readonly database: Database,
    private readonly table: Table,
    private readonly schema: ZodType<Doc>,
    private readonly now: () => string,
    private readonly follow: Follow<Doc> = {},
  ) {}

  async list(limit: number): Promise<Doc[]> {
    const { table } = this
    const rows = await this.database.db
      .select({ doc: table.doc })
      .from(table)
      .where(isNull(table.deletedAt))
      .orderBy(asc(table.name))
      .limit(limit)
    return rows.map((row) => row.doc as unknown as Doc)
  }

  /** @throws NotKept */
  async get(id: string): Promise<Doc> {
    const { table } = this
    const [row] = await this.database.db
      .select({ doc: table.doc })
      .from(table)
      .where(and(eq(table.id, id), isNull(table.deletedAt)))
    if (!row) throw new NotKept(id)
    return row.doc as unknown as Doc
  }

  /** Keeps a new document; when the id is taken already, answers with what is kept, so that asking twice is safe. */
  create(doc: Doc): Promise<Doc> {
    return this.database.writes.run(async (tx) => (await this.#find(tx, doc.id))?.doc ?? this.put(tx, doc))
  }

  /** Merges a JSON merge patch (RFC 7396) into the document. @throws NotKept, ZodError */
  patch(id: string, patch: object): Promise<Doc> {
    return this.database.writes.run(async (tx) => {
      const row = await this.#find(tx, id)
      if (!row) throw new NotKept(id)
      const { createdAt } = row.doc
      return this.put(
        tx,
        this.schema.parse({ ...mergeInto(row.doc, patch), id, createdAt, updatedAt: this.now() }),
        row.deletedAt,
      )
    })
  }

  remove(id: string): Promise<void> {
    return this.#mark(id, this.now())
  }

  restore(id: string): Promise<void> {
    return this.#mark(id, null)
  }

  /** Writes the document as it is, over an older one; used inside a transaction that may hold more. */
  async put(tx: Tx, doc: Doc, deletedAt: string | null = null): Promise<Doc> {
    const { id, name, createdAt, updatedAt } = doc
    const row = { id, name, doc: doc as never, createdAt, updatedAt, deletedAt, ...this.follow.columns?.(doc) }
    await tx
      .insert(this.table)
      .values(row as never)
      .onConflictDoUpdate({ target: this.table.id, set: row as never })
    await this.follow.after?.(tx, doc, deletedAt !== null)
    return doc
  }

  async #find(tx: Tx, id: string): Promise<{ doc: Doc; deletedAt: string | null } | null> {
    const { table } = this
    const [row] = await tx.select({ doc: table.doc, deletedAt: table.deletedAt }).from(table).where(eq(table.id, id))
    return row ? { doc: row.doc as unknown as Doc, deletedAt: row.deletedAt } : null
  }

  #mark(id: string, deletedAt: string | null): Promise<void> {
    return this.database.writes.run(async (tx) => {
      const row = await this.#find(tx, id)
      if (!row) throw new NotKept(id)
      await this.put(tx, row.doc, deletedAt)
    })
  }
}

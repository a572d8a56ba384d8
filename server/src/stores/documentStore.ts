import type { Collection, Document } from '@thimble/contract'
import { and, asc, eq, isNull } from 'drizzle-orm'
import { asText, listOf } from '../db/asText'
import type { Database, Tx } from '../db/database'
import type { DocumentTable } from '../db/tables'
import { mergeInto } from './mergeInto'
import { NotKept, Removed } from './notKept'

/** Rows elsewhere that follow from a document, written in its transaction. */
export type Follow<Doc> = (tx: Tx, doc: Doc, removed: boolean) => Promise<void>

/**
 * One collection of documents: list, read, create, merge-patch, remove and bring back. Every change is one
 * transaction through the write queue, and the document is checked against the contract before it is kept.
 */
export class DocumentStore<Doc extends Document> {
  constructor(
    private readonly database: Database,
    private readonly table: DocumentTable,
    readonly collection: Collection<Doc>,
    private readonly now: () => string,
    private readonly follow?: Follow<Doc>,
  ) {}

  async list(limit: number): Promise<Doc[]> {
    return JSON.parse(await this.listText({ limit, offset: 0 })) as Doc[]
  }

  /** A page of all by name, as JSON text: what was checked when it was kept goes out as it lies there. */
  async listText({ limit, offset }: { limit: number; offset: number }): Promise<string> {
    const { table } = this
    const rows = await this.database.db
      .select({ text: asText(table.doc) })
      .from(table)
      .where(isNull(table.deletedAt))
      .orderBy(asc(table.name), asc(table.id))
      .limit(limit)
      .offset(offset)
    return listOf(rows)
  }

  /** @throws NotKept */
  async get(id: string): Promise<Doc> {
    return JSON.parse(await this.getText(id)) as Doc
  }

  /** @throws NotKept */
  async getText(id: string): Promise<string> {
    const { table } = this
    const [row] = await this.database.db
      .select({ text: asText(table.doc) })
      .from(table)
      .where(and(eq(table.id, id), isNull(table.deletedAt)))
    if (!row) throw new NotKept(id)
    return row.text
  }

  /**
   * Keeps a new document; when the id is taken already, answers with what is kept, so that asking twice is safe.
   * @throws Removed
   */
  create(doc: Doc): Promise<Doc> {
    return this.database.writes.run(async (tx) => {
      const known = await this.#find(tx, doc.id)
      if (known?.deletedAt) throw new Removed(doc.id)
      return known?.doc ?? this.put(tx, doc)
    })
  }

  /** Merges a JSON merge patch (RFC 7396) into the document. @throws NotKept, ZodError */
  patch(id: string, patch: object): Promise<Doc> {
    return this.database.writes.run(async (tx) => {
      const row = await this.#find(tx, id)
      if (!row) throw new NotKept(id)
      const { createdAt } = row.doc
      const merged = { ...mergeInto(this.collection.schema, row.doc, patch), id, createdAt, updatedAt: this.now() }
      return this.put(tx, this.collection.schema.parse(merged), row.deletedAt)
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
    const lookUps = Object.fromEntries(
      Object.entries(this.collection.lookUps).map(([column, { of }]) => [column, of(doc)]),
    )
    const row = { id, name, doc, createdAt, updatedAt, deletedAt, ...lookUps }
    await tx.insert(this.table).values(row).onConflictDoUpdate({ target: this.table.id, set: row })
    await this.follow?.(tx, doc, deletedAt !== null)
    return doc
  }

  async #find(tx: Tx, id: string): Promise<{ doc: Doc; deletedAt: string | null } | null> {
    const { table } = this
    const [row] = await tx.select({ doc: table.doc, deletedAt: table.deletedAt }).from(table).where(eq(table.id, id))
    return row ? { doc: row.doc as Doc, deletedAt: row.deletedAt } : null
  }

  #mark(id: string, deletedAt: string | null): Promise<void> {
    return this.database.writes.run(async (tx) => {
      const row = await this.#find(tx, id)
      if (!row) throw new NotKept(id)
      await this.put(tx, row.doc, deletedAt)
    })
  }
}

import type { Collection, Document } from '@thimble/contract'
import { and, eq, getTableName, isNull, type SQL, sql } from 'drizzle-orm'
import { asText } from '../db/asText'
import type { Db } from '../db/database'
import type { DocumentTable } from '../db/tables'

/** A document with what stands beside it in its row. */
export type Row<Doc> = {
  doc: Doc
  text: string
  deletedAt: string | null
  revision: number
  concurrentWrites: ConcurrentWrites | null
}
/** Changes made by someone who had not seen the one before. */
export type ConcurrentWrites = [seen: number, became: number][]

/**
 * The statements for the rows of one collection, put together once, as these are asked more often than anything else.
 */
export class DocumentRows<Doc extends Document> {
  /** One that is not removed, by `id`. */
  readonly read: ReturnType<typeof readOne>
  /** One that is not there yet, by its id and its values in the order of the columns. */
  readonly insertNew: string
  readonly #find: SQL
  readonly #insert: SQL
  readonly #overOlder: SQL
  readonly #update: SQL

  constructor(
    db: Db,
    private readonly table: DocumentTable,
    private readonly lookUps: Collection<Doc>['lookUps'],
  ) {
    this.read = readOne(db, table)
    const { doc, deletedAt, revision, concurrentWrites } = table
    const [name, columns] = [getTableName(table), this.#columnNames()]
    this.#find = sql.raw(
      `SELECT id, ${doc.name} AS text, ${deletedAt.name} AS deletedAt, ${revision.name} AS revision, ${concurrentWrites.name} AS concurrentWrites FROM "${name}" WHERE id = `,
    )
    const places = Array.from({ length: columns.length + 1 }, () => '?')
    this.insertNew = `INSERT INTO "${name}" (id,${columns.join()}) VALUES (${places.join()})`
    this.#insert = sql.raw(`INSERT INTO "${name}" (id,${columns.join()}) VALUES (`)
    const set = columns.map((column) => `${column} = excluded.${column}`)
    this.#overOlder = sql.raw(`) ON CONFLICT (id) DO UPDATE SET ${set.join()}`)
    this.#update = sql.raw(`UPDATE "${name}" SET `)
  }

  /** A whole row, of one that was removed too. */
  find(id: string): SQL {
    return sql.join([this.#find, sql.param(id)])
  }

  /**
   * Writes a row. Over `was`, only the columns that differ: an index whose column is named is rewritten even where
   * nothing changes in it. Without, over whatever has its id.
   */
  keep(row: Row<Doc>, was?: Row<Doc> | null): SQL {
    const [now, id] = [this.#valuesOf(row), sql.param(row.doc.id)]
    if (!was) {
      const values = [id, ...now.map((value) => sql.param(value))]
      return sql.join([this.#insert, sql.join(values, COMMA), this.#overOlder])
    }
    const [before, names] = [this.#valuesOf(was), this.#columnNames()]
    const changed = now.flatMap((value, i) =>
      value === before[i] ? [] : sql.join([sql.raw(`${names[i]!} = `), sql.param(value)]),
    )
    return sql.join([this.#update, sql.join(changed, COMMA), WHERE_ID, id])
  }

  #columnNames(): string[] {
    const { name, doc, createdAt, updatedAt, deletedAt, revision, concurrentWrites } = this.table
    const common = [name, doc, createdAt, updatedAt, deletedAt, revision, concurrentWrites].map((column) => column.name)
    return [...common, ...Object.keys(this.lookUps)].map((column) => `"${column}"`)
  }

  /** In the order of the names. */
  #valuesOf({ doc, text, deletedAt, revision, concurrentWrites }: Row<Doc>): unknown[] {
    const { name, createdAt, updatedAt } = doc
    const common = [
      name,
      text,
      createdAt,
      updatedAt,
      deletedAt,
      revision,
      concurrentWrites && JSON.stringify(concurrentWrites),
    ]
    return [...common, ...Object.values(this.lookUps).map(({ of }) => of(doc))]
  }
}

const COMMA = sql.raw(',')
const WHERE_ID = sql.raw(' WHERE id = ')

const readOne = (db: Db, table: DocumentTable) =>
  db
    .select({ text: asText(table.doc), revision: table.revision })
    .from(table)
    .where(and(eq(table.id, sql.placeholder('id')), isNull(table.deletedAt)))
    .prepare()

import type { Collection, Document } from '@thimble/contract'
import type { ChangedThing, RemovedThing } from '@thimble/contract/answers'
import { sql, type SQL } from 'drizzle-orm'
import type { Database } from '../db/database'
import { type DocumentTable, setAside, shops } from '../db/tables'
import type { DocumentStore } from './documentStore'
import type { TextRow } from './readableRows'

/** One collection as the feed reads it. */
export type Fed = { name: string; table: DocumentTable; one: Collection<Document>; store: DocumentStore<Document> }

type Row = TextRow & { collection: string; removed: 0 | 1; concurrentWrites: string | null }

/**
 * `start`: the start of the program last heard from. `held`: only what a device that starts over has to hold, so
 * nothing that was removed, and no finished piece.
 */
type ChangesQuery = { since: number; start?: string; held: boolean; limit: number }

const SHOP = 'shop'

/** All that has changed since a revision, in all collections. */
export class ChangeFeed {
  constructor(
    private readonly database: Database,
    private readonly fed: readonly Fed[],
  ) {}

  /** A page of it as JSON text: `Changes` of the contract. */
  async text({ since, start, held, limit }: ChangesQuery): Promise<string> {
    const { db, revisions } = this.database
    const { last } = revisions
    if (start !== undefined && !revisions.knows({ start, revision: since })) return this.#page([], 0, last, true)
    const told = this.fed.filter(({ one }) => one.kept === 'on every device')
    const each = [...told.map((one) => changesOf(one, since, held)), shopChange(since)]
    const rows = await db.all<Row>(sql`${sql.join(each, sql` UNION ALL `)} ORDER BY revision LIMIT ${limit}`)
    const reached = rows.at(-1)?.revision ?? 0
    const next = rows.length < limit ? Math.max(last, reached) : reached
    return this.#page(await this.#readable(rows), next, Math.max(last, reached), false)
  }

  /** What was removed and can be brought back, the latest first; not what was set aside, as it cannot be read. */
  removed(limit: number): Promise<RemovedThing[]> {
    const each = this.fed.map(
      ({ name, table }) =>
        sql`SELECT ${name} AS collection, id, doc ->> 'name' AS name, deleted_at AS removedAt FROM ${table} WHERE deleted_at IS NOT NULL AND json_valid(doc) AND id NOT IN (SELECT id FROM ${setAside} WHERE collection = ${name})`,
    )
    return this.database.db.all(sql`${sql.join(each, sql` UNION ALL `)} ORDER BY removedAt DESC LIMIT ${limit}`)
  }

  #page(changes: readonly string[], next: number, last: number, anew: boolean): string {
    const start = JSON.stringify(this.database.revisions.start)
    return `{"start":${start},"anew":${anew},"changes":[${changes.join()}],"next":${next},"last":${last}}`
  }

  /** What cannot be read is left out: it is set aside meanwhile, and told of as removed. */
  async #readable(rows: readonly Row[]): Promise<string[]> {
    const unread = new Set(rows.filter(({ removed, collection }) => !removed && collection !== SHOP))
    for (const { name, store } of this.fed)
      for (const row of await store.soundOf([...unread].filter(({ collection }) => collection === name)))
        unread.delete(row)
    return rows.filter((row) => !unread.has(row)).map(asChange)
  }
}

function changesOf({ name, table, one }: Fed, since: number, held: boolean): SQL {
  const wanted = held
    ? sql` AND deleted_at IS NULL${one.heldBy ? sql` AND ${sql.identifier(one.heldBy)} = 1` : sql``}`
    : sql``
  return sql`SELECT ${name} AS collection, id, revision, deleted_at IS NOT NULL AS removed, blind AS "concurrentWrites", doc AS text FROM ${table} WHERE revision > ${since}${wanted}`
}

const shopChange = (since: number): SQL =>
  sql`SELECT ${SHOP} AS collection, ${SHOP} AS id, revision, NOT json_valid(doc) AS removed, NULL AS "concurrentWrites", doc AS text FROM ${shops} WHERE revision > ${since}`

function asChange({ collection, id, revision, removed, concurrentWrites, text }: Row): string {
  const known: Omit<ChangedThing, 'doc' | 'concurrentWrites'> = { collection, id, revision }
  return `${JSON.stringify(known).slice(0, -1)},"concurrentWrites":${concurrentWrites ?? 'null'},"doc":${removed ? 'null' : text}}`
}

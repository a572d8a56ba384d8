import { sql } from 'drizzle-orm'
import { randomUUID } from 'node:crypto'
import type { Db } from './connection'
import { documentTables, shops, starts } from './tables'

/** How far a device has come: the start of the program it last heard from, and the revision it had then. */
type Seen = { start: string; revision: number }

type Start = { id: string; began: number }

/**
 * Numbers the changes of a shop. One writer at a time takes numbers; they count, and are told of, once what carries
 * them is written. A number that was taken for nothing is not given again.
 */
export class Revisions {
  readonly #starts: readonly Start[]
  readonly #listeners = new Set<() => void>()
  #taken: number
  #last: number
  #ended = false

  private constructor(known: readonly Start[], last: number) {
    this.#starts = known
    this.#taken = last
    this.#last = last
  }

  /** Counts on from the highest that is kept, and notes that the program was started here. */
  static async open(db: Db): Promise<Revisions> {
    const began = await highest(db)
    await db.insert(starts).values({ id: randomUUID().slice(0, 8), began })
    const known = await db.select().from(starts).orderBy(sql`rowid`)
    return new Revisions(known, began)
  }

  /** This start of the program. */
  get start(): string {
    return this.#starts.at(-1)!.id
  }

  /** The highest that is written. */
  get last(): number {
    return this.#last
  }

  /** For what is about to be written. */
  take(): number {
    return ++this.#taken
  }

  /** What took numbers is written: they count. */
  count(): void {
    if (this.#taken === this.#last) return
    this.#last = this.#taken
    for (const tell of this.#listeners) tell()
  }

  get ended(): boolean {
    return this.#ended
  }

  /** No more is written: who listens is told so. */
  end(): void {
    this.#ended = true
    for (const tell of this.#listeners) tell()
  }

  /** Calls back after each change and at the end; answers how to stop. */
  listen(tell: () => void): () => void {
    this.#listeners.add(tell)
    return () => void this.#listeners.delete(tell)
  }

  /**
   * Whether what a device has seen belongs to the history of this file. It does not when the file was copied or put
   * back since: then the device has heard from a start that is not known here, or of changes beyond its end.
   */
  knows({ start, revision }: Seen): boolean {
    const at = this.#starts.findIndex(({ id }) => id === start)
    if (at < 0) return false
    return revision <= (this.#starts[at + 1]?.began ?? this.#last)
  }
}

async function highest(db: Db): Promise<number> {
  const tables = [...Object.values(documentTables), shops]
  const each = tables.map((table) => sql`SELECT MAX(${sql.identifier('revision')}) AS last FROM ${table}`)
  const row = await db.get<{ last: number | null }>(
    sql`SELECT MAX(last) AS last FROM (${sql.join(each, sql` UNION ALL `)})`,
  )
  return row?.last ?? 0
}

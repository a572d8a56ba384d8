import type { LogRow, LogSort } from '@thimble/contract'
import { sql } from 'drizzle-orm'
import type { Database } from '../db/database'
import { documentTables, logRows } from '../db/tables'
import { takingTurns } from '../shopFile/takingTurns'
import { entryOf, Facets, type LogEntry } from './logEntry'

const CHUNK = 1000
/** More changes than this are sorted anew and not put in one by one. */
const FEW = 64

type Changed = { id: string; revision: number; n: number | null; doc: string | null }

/**
 * The log in memory, as numbers: fifty thousand rows are counted by a dozen kinds in the time of a few disk reads. It
 * catches up with the database before each question, by the revisions of the pieces.
 */
export class LogIndex {
  readonly facets = new Facets()
  readonly #entries = new Map<string, LogEntry>()
  readonly #sorted = new Map<LogSort, LogEntry[]>()
  #seen = 0
  #catching: Promise<void> | null = null
  /** Rises with every change of it. */
  version = 0

  constructor(private readonly database: Database) {}

  get size(): number {
    return this.#entries.size
  }

  /** Reads what has changed since it last looked. */
  async catchUp(): Promise<void> {
    // Who asks while it reads may have written what it has passed already.
    if (this.#catching) await this.#catching
    this.#catching ??= this.#read().finally(() => (this.#catching = null))
    return this.#catching
  }

  /** All of it in an order; not to be changed. */
  inOrder(sort: LogSort): readonly LogEntry[] {
    const known = this.#sorted.get(sort)
    if (known) return known
    const made = [...this.#entries.values()].sort(orders[sort])
    this.#sorted.set(sort, made)
    return made
  }

  async #read(): Promise<void> {
    const giveTurn = takingTurns()
    for (;;) {
      const changed = await this.#changedSince()
      if (changed.length === 0) return
      const few = changed.length <= FEW
      if (!few) this.#sorted.clear()
      for (const one of changed) {
        this.#take(one, few)
        await giveTurn()
      }
      this.#seen = changed.at(-1)!.revision
      this.version++
      if (changed.length < CHUNK) return
    }
  }

  #changedSince(): Promise<Changed[]> {
    const { pieces } = documentTables
    return this.database.db.all<Changed>(sql`
      SELECT ${pieces.id} AS id, ${pieces.revision} AS revision, ${logRows.n} AS n, ${logRows.doc} AS doc
      FROM ${pieces} LEFT JOIN ${logRows} ON ${logRows.pieceId} = ${pieces.id}
      WHERE ${pieces.revision} > ${this.#seen} ORDER BY ${pieces.revision} LIMIT ${CHUNK}`)
  }

  #take({ id, n, doc }: Changed, few: boolean): void {
    const before = this.#entries.get(id)
    const row = doc === null || n === null ? null : readRow(doc)
    const after = row && entryOf(n!, row, this.facets)
    if (!before && !after) return
    if (after) this.#entries.set(id, after)
    else this.#entries.delete(id)
    if (!few) return
    for (const [sort, list] of this.#sorted) {
      const kept = before ? list.filter((one) => one !== before) : [...list]
      if (after) kept.splice(placeIn(kept, after, orders[sort]), 0, after)
      this.#sorted.set(sort, kept)
    }
  }
}

/** What somebody else has spoilt is not there. */
function readRow(text: string): LogRow | null {
  try {
    return JSON.parse(text) as LogRow
  } catch {
    return null
  }
}

type Order = (a: LogEntry, b: LogEntry) => number

const byText = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0)
const newest: Order = (a, b) => byText(b.at, a.at) || byText(a.id, b.id)
/** The most first; what is not known comes last. */
const most =
  (of: (entry: LogEntry) => number | null): Order =>
  (a, b) =>
    (of(b) ?? -1) - (of(a) ?? -1) || newest(a, b)

const orders: Readonly<Record<LogSort, Order>> = {
  newest,
  oldest: (a, b) => byText(a.at, b.at) || byText(a.id, b.id),
  name: (a, b) => byText(a.name, b.name) || newest(a, b),
  off: most((one) => one.off),
  minutes: most((one) => one.minutes),
  tries: most((one) => one.tries),
}

function placeIn(list: readonly LogEntry[], entry: LogEntry, order: Order): number {
  let [low, high] = [0, list.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if (order(list[middle]!, entry) < 0) low = middle + 1
    else high = middle
  }
  return low
}

import type { LogRow, LogSort } from '@thimble/contract/log'
import { sql } from 'drizzle-orm'
import type { Database } from '../db/database'
import { documentTables, logRows } from '../db/tables'
import { takingTurns } from '../shopFile/takingTurns'
import { LogColumns } from './logColumns'

const CHUNK = 1000
/** More changes than this are sorted again and not put in one by one. */
const FEW = 64

type Changed = { id: string; revision: number; n: number | null; doc: string | null }

/**
 * The log in memory, which catches up with the database before each question, by the revisions of the pieces; so that it
 * is counted by a dozen kinds at once as something is typed.
 */
export class LogIndex {
  readonly columns = new LogColumns()
  readonly #places = new Map<string, number>()
  readonly #sorted = new Map<LogSort, Int32Array>()
  #seen = 0
  #catching: Promise<void> | null = null
  /** Rises with every change of it. */
  version = 0

  constructor(private readonly database: Database) {}

  /** Reads what has changed since it last looked. */
  async catchUp(): Promise<void> {
    // Who asks while it reads may have written what it has passed already.
    if (this.#catching) await this.#catching
    this.#catching ??= this.#read().finally(() => (this.#catching = null))
    return this.#catching
  }

  /** The places of all of it in an order; not to be changed. */
  inOrder(sort: LogSort): Int32Array {
    const known = this.#sorted.get(sort)
    if (known) return known
    const made = Int32Array.from(this.#places.values()).sort(this.columns.order(sort))
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
    const before = this.#places.get(id)
    const row = doc === null || n === null ? null : readRow(doc)
    if (before === undefined && !row) return
    if (before !== undefined) {
      if (few)
        for (const [sort, list] of this.#sorted)
          this.#sorted.set(
            sort,
            list.filter((slot) => slot !== before),
          )
      this.columns.remove(before)
      this.#places.delete(id)
    }
    if (!row) return
    const slot = this.columns.add(n!, row)
    this.#places.set(id, slot)
    if (few) for (const [sort, list] of this.#sorted) this.#sorted.set(sort, this.#with(list, slot, sort))
  }

  #with(list: Int32Array, slot: number, sort: LogSort): Int32Array {
    const order = this.columns.order(sort)
    let [low, high] = [0, list.length]
    while (low < high) {
      const middle = (low + high) >> 1
      if (order(list[middle]!, slot) < 0) low = middle + 1
      else high = middle
    }
    const longer = new Int32Array(list.length + 1)
    longer.set(list.subarray(0, low))
    longer[low] = slot
    longer.set(list.subarray(low), low + 1)
    return longer
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

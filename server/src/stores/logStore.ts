import type { Piece } from '@thimble/contract'
import type { LogFound, LogRow, LogInsights, ShopRecord } from '@thimble/contract/log'
import { logRowOf } from '@thimble/plan'
import { desc, eq, inArray, sql } from 'drizzle-orm'
import { asText, listOf } from '../db/asText'
import type { Database, Prepare, Tx } from '../db/database'
import { logRows } from '../db/tables'
import { findInLog, type LogQuery } from '../history/findInLog'
import { csvHead, csvRows } from '../history/logCsv'
import { LogIndex } from '../history/logIndex'
import { matchOf, wordsOf } from '../history/logWords'
import { recordOf } from '../history/shopRecord'
import { worksOf } from '../history/insights'
import type { PreparedLogRow } from '../shopFile/checkBatch'
import type { Step } from './documentStore'

type Page = { limit: number; offset: number }

const CSV_PAGE = 200

/** Finished pieces: listed, looked for, and what they teach. */
export class LogStore {
  readonly #index: LogIndex
  #record: { version: number; text: string } | null = null

  constructor(private readonly database: Database) {
    this.#index = new LogIndex(database)
  }

  /** The newest, as JSON text. */
  async listText(limit: number): Promise<string> {
    const rows = await this.database.db
      .select({ text: asText(logRows.doc) })
      .from(logRows)
      .where(sql`json_valid(${logRows.doc})`)
      .orderBy(desc(logRows.finishedAt))
      .limit(limit)
    return listOf(rows)
  }

  /** A page of those that fit, how many do, and how many would with something else picked; as JSON text. */
  async foundText(ask: LogQuery, { limit, offset }: Page): Promise<string> {
    const { slots, counts } = await this.#find(ask)
    const texts = await this.#textsOf(slots.subarray(offset, offset + limit))
    const found: Omit<LogFound, 'rows'> = { total: slots.length, counts }
    return `${JSON.stringify(found).slice(0, -1)},"rows":[${texts.join()}]}`
  }

  async works(ask: LogQuery): Promise<LogInsights> {
    const { slots } = await this.#find(ask)
    return worksOf(slots, this.#index.columns)
  }

  /** What plans may learn from all of it; worked out again when something was recorded. */
  async recordText(): Promise<string> {
    await this.#index.catchUp()
    const { version } = this.#index
    if (this.#record?.version !== version) {
      const record: ShopRecord = recordOf(this.#index.inOrder('newest'), this.#index.columns)
      this.#record = { version, text: JSON.stringify(record) }
    }
    return this.#record.text
  }

  /** Those that fit as CSV, bit by bit. */
  async *csv(ask: LogQuery): AsyncGenerator<string> {
    const { slots } = await this.#find(ask)
    const numbers = slots.map((slot) => this.#index.columns.of('n')[slot]!)
    yield csvHead()
    for (let i = 0; i < numbers.length; i += CSV_PAGE) {
      const texts = await this.#textsBy([...numbers.subarray(i, i + CSV_PAGE)])
      yield csvRows(texts.map((text) => JSON.parse(text) as LogRow))
    }
  }

  async #find(ask: LogQuery) {
    await this.#index.catchUp()
    const match = matchOf(ask.words ?? '')
    return findInLog(this.#index, ask, match === null ? null : await this.#named(match))
  }

  /** By their numbers: 1 for those with the words. A set of as many takes longer than all the rest of it. */
  async #named(match: string): Promise<Uint8Array> {
    const row = await this.database.db.get<{ found: string }>(
      sql`SELECT json_group_array(rowid) AS found FROM log_words WHERE log_words MATCH ${match}`,
    )
    const numbers = JSON.parse(row?.found ?? '[]') as number[]
    const named = new Uint8Array(numbers.reduce((most, n) => Math.max(most, n), 0) + 1)
    for (const n of numbers) named[n] = 1
    return named
  }

  #textsOf(slots: Int32Array): Promise<string[]> {
    const n = this.#index.columns.of('n')
    return this.#textsBy([...slots].map((slot) => n[slot]!))
  }

  /** Rows by their numbers, in that order; one that was rewritten meanwhile is left out. */
  async #textsBy(numbers: readonly number[]): Promise<string[]> {
    if (numbers.length === 0) return []
    const rows = await this.database.db
      .select({ n: logRows.n, text: asText(logRows.doc) })
      .from(logRows)
      .where(inArray(logRows.n, [...numbers]))
    const byNumber = new Map(rows.map(({ n, text }) => [n, text]))
    return numbers.flatMap((n) => byNumber.get(n) ?? [])
  }
}

/** Writes the rows of new pieces that were made ready elsewhere, within a large transaction. */
export async function writerOfLogRows(
  prepare: Prepare,
): Promise<(n: number, pieceId: string, row: PreparedLogRow) => void> {
  const [row, words] = [
    await prepare('INSERT INTO log (n, piece_id, doc, finished_at) VALUES (?,?,?,?)'),
    await prepare('INSERT INTO log_words (rowid, words) VALUES (?,?)'),
  ]
  return (n, pieceId, prepared) => {
    row([n, pieceId, prepared.text, prepared.finishedAt])
    words([n, prepared.words])
  }
}

/** Writes the log row that follows from a piece, in the piece's own transaction. */
export async function followInLog(tx: Tx, { id, before, after }: Step<Piece>): Promise<void> {
  const doc = after && logRowOf(after)
  const mayHaveRow = before === undefined || (before !== null && logRowOf(before) !== null)
  if (mayHaveRow) {
    await tx.run(sql`DELETE FROM log_words WHERE rowid IN (SELECT n FROM ${logRows} WHERE piece_id = ${id})`)
    await tx.delete(logRows).where(eq(logRows.pieceId, id))
  }
  if (!doc) return
  // No two documents of a shop have the same revision.
  const n = after!.revision
  await tx.insert(logRows).values({ n, pieceId: doc.pieceId, doc, finishedAt: doc.finishedAt })
  await tx.run(sql`INSERT INTO log_words(rowid, words) VALUES (${n}, ${wordsOf(doc)})`)
}

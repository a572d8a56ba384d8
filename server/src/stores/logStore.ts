import type { Piece } from '@thimble/contract'
import { logRowOf } from '@thimble/plan'
import { and, desc, eq, exists, gte, lt, sql, type SQL } from 'drizzle-orm'
import { asText, listOf } from '../db/asText'
import type { Database, Tx } from '../db/database'
import { logFaults, logRows } from '../db/tables'
import type { Step } from './documentStore'

type LogFilter = {
  cloth?: string
  holding?: string
  fault?: string
  verdict?: string
  before?: string
  since?: string
  /** All of them in its name or for whom it was. */
  words?: string
  limit: number
}

/** Finished pieces, newest first, as JSON text. */
export class LogStore {
  constructor(private readonly database: Database) {}

  async listText({ cloth, holding, verdict, before, since, fault, words = '', limit }: LogFilter): Promise<string> {
    const { db } = this.database
    const faulty = (id: string) =>
      db
        .select({ one: logFaults.fault })
        .from(logFaults)
        .where(and(eq(logFaults.pieceId, logRows.pieceId), eq(logFaults.fault, id)))
    const wanted: (SQL | undefined)[] = [
      sql`json_valid(${logRows.doc})`,
      cloth ? eq(logRows.cloth, cloth) : undefined,
      holding ? eq(logRows.holding, holding) : undefined,
      verdict ? eq(logRows.verdict, verdict) : undefined,
      before ? lt(logRows.finishedAt, before) : undefined,
      since ? gte(logRows.finishedAt, since) : undefined,
      fault ? exists(faulty(fault)) : undefined,
      ...words.split(/\s+/).filter(Boolean).map(named),
    ]
    const rows = await db
      .select({ text: asText(logRows.doc) })
      .from(logRows)
      .where(and(...wanted))
      .orderBy(desc(logRows.finishedAt))
      .limit(limit)
    return listOf(rows)
  }
}

/** `instr` and no pattern, so that what is typed stands for itself. */
const named = (word: string): SQL =>
  sql`instr(lower(${logRows.doc} ->> 'name' || ' ' || (${logRows.doc} ->> 'customer')), ${word.toLowerCase()}) > 0`

/** Writes the log row that follows from a piece, in the piece's own transaction. */
export async function followInLog(tx: Tx, { id, before, after }: Step<Piece>): Promise<void> {
  const doc = after && logRowOf(after)
  const mayHaveRow = before === undefined || (before !== null && logRowOf(before) !== null)
  if (mayHaveRow) {
    await tx.delete(logRows).where(eq(logRows.pieceId, id))
    await tx.delete(logFaults).where(eq(logFaults.pieceId, id))
  }
  if (!doc) return
  const { pieceId, finishedAt, cloth, holding, verdict, faults } = doc
  await tx.insert(logRows).values({ pieceId, doc, finishedAt, cloth, holding, verdict })
  if (faults.length > 0) await tx.insert(logFaults).values(faults.map((fault) => ({ pieceId, fault })))
}

import { type LogRow, Piece } from '@thimble/contract'
import { and, asc, desc, eq, exists, gte, inArray, isNotNull, isNull, lt, type SQL } from 'drizzle-orm'
import type { Database, Tx } from '../db/openDatabase'
import { logFaults, logRows, pieces } from '../db/schema'
import { DocTable } from './docTable'
import { logRowOf } from './logRowOf'

export type LogFilter = {
  cloth?: string
  holding?: string
  fault?: string
  verdict?: string
  before?: string
  since?: string
  limit: number
}

/** Pieces, and the log rows that follow from those that are finished. */
export class PieceStore extends DocTable<Piece> {
  constructor(
    private readonly data: Database,
    now: () => string,
  ) {
    super(data, pieces, Piece as never, now, {
      columns: ({ due, finishedAt }) => ({ due, dueOrLast: due ?? '9999-12-31', finishedAt }),
      after: keepLogRow,
    })
  }

  /** Pieces in work, the most urgent first; or the finished ones, newest first. */
  async listByState(state: 'bench' | 'finished', limit: number, offset: number): Promise<Piece[]> {
    const inState = state === 'bench' ? isNull(pieces.finishedAt) : isNotNull(pieces.finishedAt)
    const order = state === 'bench' ? [asc(pieces.dueOrLast), asc(pieces.createdAt)] : [desc(pieces.finishedAt)]
    const rows = await this.data.db
      .select({ doc: pieces.doc })
      .from(pieces)
      .where(and(isNull(pieces.deletedAt), inState))
      .orderBy(...order)
      .limit(limit)
      .offset(offset)
    return rows.map((row) => row.doc)
  }

  async log(filter: LogFilter): Promise<LogRow[]> {
    const { db } = this.data
    const faulty =
      filter.fault &&
      db
        .select({ one: logFaults.fault })
        .from(logFaults)
        .where(
          and(eq(logFaults.pieceId, logRows.pieceId), eq(logFaults.fault, filter.fault as LogRow['faults'][number])),
        )
    const wanted: (SQL | undefined)[] = [
      filter.cloth ? eq(logRows.cloth, filter.cloth) : undefined,
      filter.holding ? eq(logRows.holding, filter.holding as NonNullable<LogRow['holding']>) : undefined,
      filter.verdict ? eq(logRows.verdict, filter.verdict as NonNullable<LogRow['verdict']>) : undefined,
      filter.before ? lt(logRows.finishedAt, filter.before) : undefined,
      filter.since ? gte(logRows.finishedAt, filter.since) : undefined,
      faulty ? exists(faulty) : undefined,
    ]
    const rows = await db
      .select({ row: logRows, doc: pieces.doc })
      .from(logRows)
      .innerJoin(pieces, eq(pieces.id, logRows.pieceId))
      .where(and(...wanted))
      .orderBy(desc(logRows.finishedAt))
      .limit(filter.limit)
    const faults = await db
      .select()
      .from(logFaults)
      .where(
        inArray(
          logFaults.pieceId,
          rows.map((r) => r.row.pieceId),
        ),
      )
    return rows.map(({ row, doc }) => ({
      ...row,
      name: doc.name,
      customer: doc.customer,
      note: doc.record.nextTime || doc.record.note,
      faults: faults.filter((f) => f.pieceId === row.pieceId).map((f) => f.fault),
    }))
  }
}

async function keepLogRow(tx: Tx, piece: Piece, deleted: boolean): Promise<void> {
  await tx.delete(logRows).where(eq(logRows.pieceId, piece.id))
  await tx.delete(logFaults).where(eq(logFaults.pieceId, piece.id))
  const row = deleted ? null : logRowOf(piece)
  if (!row) return
  await tx.insert(logRows).values(row)
  const faults = piece.record.faults.map(({ id, howBad }) => ({ pieceId: piece.id, fault: id, howBad }))
  if (faults.length > 0) await tx.insert(logFaults).values(faults).onConflictDoNothing()
}

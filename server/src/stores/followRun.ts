import type { Document, Piece, RunEvent } from '@thimble/contract'
import { inWork } from '@thimble/plan'
import { and, eq, ne, sql } from 'drizzle-orm'
import type { Tx } from '../db/database'
import { documentTables } from '../db/tables'
import type { DocumentStore, Step } from './documentStore'

type Store = DocumentStore<Document>

const { runEvents } = documentTables
const column = (name: string) => sql`${sql.identifier(name)}`

/** Events of a piece's run are at hand as long as the piece is on the bench: devices let them go with it. */
export async function followRun(tx: Tx, events: Store, { before, after }: Step<Piece>): Promise<void> {
  if (!after || (before && inWork(before) === inWork(after))) return
  const atHand = inWork(after)
  const others = await tx
    .select({ id: runEvents.id })
    .from(runEvents)
    .where(and(eq(column('piece'), after.id), ne(column('at_hand'), Number(atHand))))
  for (const { id } of others) {
    const row = await events.findIn(tx, id)
    if (row) await events.put(tx, { ...row.doc, atHand } as RunEvent, { row, deletedAt: row.deletedAt })
  }
}

/** An event that comes after its piece went into the log, from a phone that was away, is not at hand either. */
export async function followEvent(
  tx: Tx,
  { events, pieces }: { events: Store; pieces: Store },
  { before, after }: Step<RunEvent>,
): Promise<void> {
  if (before !== null || !after?.atHand) return
  const piece = (await pieces.findIn(tx, after.piece))?.doc as Piece | undefined
  if (!piece || inWork(piece)) return
  await events.put(tx, { ...after, atHand: false } as RunEvent, { row: await events.findIn(tx, after.id) })
}

import { and, asc, eq, isNull, sql } from 'drizzle-orm'
import { asText, listOf } from '../db/asText'
import { documentTables } from '../db/tables'
import type { ShopStore } from './shopStore'

const { runEvents } = documentTables
/** More of them no run has. */
const MOST = 5000

/** The events of a piece's run in the order in which they happened, as JSON text. */
export async function eventsText({ database, documents }: ShopStore, piece: string): Promise<string> {
  const rows = await database.db
    .select({ id: runEvents.id, text: asText(runEvents.doc), revision: runEvents.revision })
    .from(runEvents)
    .where(and(eq(sql`${sql.identifier('piece')}`, piece), isNull(runEvents.deletedAt)))
    .orderBy(asc(runEvents.createdAt), asc(sql`${sql.identifier('rowid')}`))
    .limit(MOST)
  return listOf(await documents.runEvents!.soundOf(rows))
}

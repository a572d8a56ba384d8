import { and, asc, desc, eq, isNotNull, isNull, sql } from 'drizzle-orm'
import { asText, listOf } from '../db/asText'
import { documentTables } from '../db/tables'
import type { ShopStore } from './shopStore'

const { pieces } = documentTables
const column = (name: string) => sql.identifier(name)
/** What is alike else keeps its order from page to page by this, which every index ends with. */
const ROW = sql`${column('rowid')}`

/** Pieces in work, the most urgent first; or the finished ones, newest first; as JSON text. */
export async function listPieces(
  { database, documents }: ShopStore,
  state: 'bench' | 'finished',
  limit: number,
  offset: number,
): Promise<string> {
  const inState = state === 'bench' ? eq(sql`${column('in_work')}`, 1) : isNotNull(sql`${column('finished_at')}`)
  const order =
    state === 'bench'
      ? [asc(sql`${column('due_or_last')}`), asc(pieces.createdAt), asc(ROW)]
      : [desc(sql`${column('finished_at')}`), desc(ROW)]
  const rows = await database.db
    .select({ id: pieces.id, text: asText(pieces.doc), revision: pieces.revision })
    .from(pieces)
    .where(and(isNull(pieces.deletedAt), inState))
    .orderBy(...order)
    .limit(limit)
    .offset(offset)
  return listOf(await documents.pieces!.soundOf(rows))
}

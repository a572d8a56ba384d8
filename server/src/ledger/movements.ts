import type { Account, Movement } from '@thimble/contract'
import { type Weighed } from '@thimble/core/learning'
import { and, desc, eq, isNull, sql } from 'drizzle-orm'
import { asText, listOf } from '../db/asText'
import type { Db } from '../db/database'
import { documentTables } from '../db/tables'

const { movements } = documentTables
const column = (name: string) => sql.identifier(name)

/** What moved of one thing, the latest first, as JSON text. */
export async function movementsText(db: Db, of: Account, ofId: string, limit: number): Promise<string> {
  const rows = await db
    .select({ text: asText(movements.doc) })
    .from(movements)
    .where(and(isNull(movements.deletedAt), eq(sql`${column('of')}`, of), eq(sql`${column('of_id')}`, ofId)))
    .orderBy(desc(movements.createdAt), desc(movements.id))
    .limit(limit)
  return listOf(rows)
}

type Row = { thread: string; text: string }

/** From one weighing of a thread to the next, all threads: what the forecasts came to, and what was gone. */
export async function weighedThreads(db: Db): Promise<Weighed[]> {
  const rows = await db.all<Row>(
    sql`SELECT of_id AS thread, doc AS text FROM movements WHERE "of" = 'threads.leftM' AND deleted_at IS NULL
      AND of_id IN (SELECT of_id FROM movements WHERE "of" = 'threads.leftM' AND kind = 'weighed' AND deleted_at IS NULL)
      ORDER BY of_id, created_at, id`,
  )
  const byThread = new Map<string, Movement[]>()
  for (const { thread, text } of rows)
    byThread.set(thread, [...(byThread.get(thread) ?? []), JSON.parse(text) as Movement])
  return [...byThread.values()].flatMap(betweenWeighings)
}

/** What was typed over in between says nothing of what was sewn: it starts over after that. */
function betweenWeighings(all: readonly Movement[]): Weighed[] {
  const found: Weighed[] = []
  let since: { left: number; reckoned: number } | null = null
  for (const { kind, amount, found: looked, factor, piece } of all) {
    if (kind === 'weighed') {
      if (since && since.reckoned > 0 && since.left >= looked!)
        found.push({ reckoned: since.reckoned, gone: since.left - looked! })
      since = { left: looked!, reckoned: 0 }
    } else if (looked !== null) since = null
    else if (since) {
      // What a record took was forecast; what a hand wrote down is known.
      if (kind === 'used' && piece !== null) since.reckoned -= amount / factor
      else since.left += amount
    }
  }
  return found
}

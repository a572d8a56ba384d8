import { type Account, accounts } from '@thimble/contract'
import { sql } from 'drizzle-orm'
import type { Db, Tx } from '../db/database'

type Looked = { found: number; at: string; row: number }
type Moved = { amount: number; bought: number; rows: number }

/** Millimetres, metres and pieces to the thousandth: what is added and taken away again comes to what it was. */
const THOUSANDTHS = 1000
const toTheThousandth = (value: number): number => Math.round(value * THOUSANDTHS) / THOUSANDTHS || 0

const standing = (of: Account, ofId: string) =>
  sql`FROM movements WHERE "of" = ${of} AND of_id = ${ofId} AND deleted_at IS NULL`

/**
 * What is left by the ledger: what was last found, and what came and went since, in the order in which it happened and, of one
 * moment, in which it was told. Null
 * while nobody has looked and nothing was bought, of what may be unknown; undefined where no ledger was begun.
 */
export async function leftNow(db: Db | Tx, of: Account, ofId: string): Promise<number | null | undefined> {
  const rows = standing(of, ofId)
  const [looked] = await db.all<Looked>(
    sql`SELECT found, created_at AS at, rowid AS row ${rows} AND found IS NOT NULL ORDER BY created_at DESC, rowid DESC LIMIT 1`,
  )
  const since = looked ? sql`AND (created_at, rowid) > (${looked.at}, ${looked.row})` : sql``
  const [moved] = await db.all<Moved>(
    sql`SELECT TOTAL(amount) AS amount, TOTAL(kind = 'bought') AS bought, COUNT(*) AS rows ${rows} ${since}`,
  )
  const { amount, bought, rows: count } = moved!
  if (!looked && count === 0) return undefined
  if (!looked && bought === 0 && accounts[of].unknown) return null
  return toTheThousandth((looked?.found ?? 0) + amount)
}

/** When the first movement of a thing was; null where nothing moved. */
export async function firstMoved(db: Db | Tx, of: Account, ofId: string): Promise<string | null> {
  const [first] = await db.all<{ at: string | null }>(sql`SELECT MIN(created_at) AS at ${standing(of, ofId)}`)
  return first?.at ?? null
}

/** When the last movement of a thing was, of those up to `until`; null where nothing moved. */
export async function lastMoved(db: Db | Tx, of: Account, ofId: string, until?: string): Promise<string | null> {
  const upTo = until === undefined ? sql`` : sql`AND created_at <= ${until}`
  const [last] = await db.all<{ at: string | null }>(sql`SELECT MAX(created_at) AS at ${standing(of, ofId)} ${upTo}`)
  return last?.at ?? null
}

/** The ids of a thing's movements later than `after`, in their order. */
export async function aheadOf(db: Db | Tx, of: Account, ofId: string, after: string): Promise<string[]> {
  const rows = sql`SELECT id ${standing(of, ofId)} AND created_at > ${after} ORDER BY created_at, rowid`
  return (await db.all<{ id: string }>(rows)).map(({ id }) => id)
}

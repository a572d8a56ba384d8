import { collections, fillIn, Hoop, Piece, Shop, Supply } from '@thimble/contract'
import type { Shelf } from '@thimble/plan'
import { upgradeDesign, upgradePacked, upgradePiece } from '@thimble/plan/upgrade'
import { and, eq, gt, isNull, sql } from 'drizzle-orm'
import { type z, ZodError } from 'zod'
import { DocumentStore } from '../stores/documentStore'
import { followInLog } from '../stores/logStore'
import { putAside, reasonOf } from '../stores/setAside'
import type { Database, Db, Tx } from './database'
import { documentTables, packedDesigns, shops } from './tables'

/** Which shape the documents have; kept in the database's `user_version`. 2: pieces have stages. 3: the log is searched. */
export const DOCUMENTS = 3
const [STAGES, SEARCHED] = [2, 3]

export async function documentsVersion(db: Db): Promise<number> {
  const row = await db.get<{ user_version: number }>(sql`PRAGMA user_version`)
  return row?.user_version ?? 0
}

/**
 * Brings documents of an older version up to date, all in one transaction. One that cannot be read is set aside with
 * its reason and the rest come over.
 */
export async function upgradeDocuments(database: Database): Promise<void> {
  const version = await documentsVersion(database.db)
  if (version >= DOCUMENTS) return
  await database.writes.run(async (tx) => {
    if (version < STAGES) await upgradePieces(tx, database, await upgradeShelf(tx))
    else if (version < SEARCHED) await fillLog(tx, database)
    await tx.run(sql.raw(`PRAGMA user_version = ${DOCUMENTS}`))
  })
}

async function upgradeShelf(tx: Tx): Promise<Shelf> {
  const { designs, hoops, supplies } = documentTables
  const [shop] = await tx.select().from(shops)
  const cards: Record<string, Shelf['designs'][string]> = {}
  for (const row of await tx.select().from(designs))
    await orSetAside(tx, 'designs', row, async () => {
      const card = upgradeDesign(row.doc)
      await tx.update(designs).set({ doc: card }).where(eq(designs.id, row.id))
      if (!row.deletedAt) cards[row.id] = card
    })
  for (const { designId } of await tx.select({ designId: packedDesigns.designId }).from(packedDesigns)) {
    const [row] = await tx.select().from(packedDesigns).where(eq(packedDesigns.designId, designId))
    await orSetAside(tx, 'packedDesigns', { id: designId, doc: row!.doc }, async () => {
      const doc = upgradePacked(row!.doc)
      await tx.update(packedDesigns).set({ doc }).where(eq(packedDesigns.designId, designId))
    })
  }
  // What an older version did not know of them is as the schemas have it.
  const standing = async <Doc>(table: typeof hoops, schema: z.ZodType<Doc>): Promise<Doc[]> =>
    (await tx.select().from(table)).filter((row) => !row.deletedAt).map((row) => fillIn(schema, row.doc))
  return {
    shop: shop?.doc ?? Shop.parse({}),
    designs: cards,
    machines: [],
    hoops: await standing(hoops, Hoop),
    supplies: await standing(supplies, Supply),
  }
}

async function upgradePieces(tx: Tx, database: Database, shelf: Shelf): Promise<void> {
  const { pieces } = documentTables
  const store = new DocumentStore<Piece>(database, pieces, 'pieces', collections.pieces, () => '', {
    follow: followInLog,
  })
  for (const row of await tx.select().from(pieces))
    await orSetAside(tx, 'pieces', row, async () => {
      await store.put(tx, upgradePiece(row.doc, shelf), { deletedAt: row.deletedAt })
    })
}

/** The log of pieces that have been recorded; one that cannot be read is set aside when it is next asked for. */
async function fillLog(tx: Tx, { revisions }: Database): Promise<void> {
  const { pieces } = documentTables
  for (let last = ''; ; ) {
    const page = await tx
      .select({ id: pieces.id, doc: pieces.doc })
      .from(pieces)
      .where(and(gt(pieces.id, last), isNull(pieces.deletedAt)))
      .orderBy(pieces.id)
      .limit(PAGE)
    for (const { id, doc } of page) {
      const piece = Piece.safeParse(doc)
      // Pieces of before revisions have none, and the log numbers its rows by them.
      if (piece.success)
        await followInLog(tx, { id, before: null, after: { ...piece.data, revision: revisions.take() } })
    }
    if (page.length < PAGE) return
    last = page.at(-1)!.id
  }
}
const PAGE = 200

/** A document that has no place any more leaves its collection, whole and with why. */
async function orSetAside(tx: Tx, collection: string, row: { id: string; doc: unknown }, bring: () => Promise<void>) {
  try {
    await bring()
  } catch (error) {
    if (!(error instanceof ZodError)) throw error
    await putAside(tx, { collection, id: row.id, text: JSON.stringify(row.doc), reason: reasonOf(error) })
    const table = collection === 'packedDesigns' ? null : documentTables[collection as 'pieces' | 'designs']
    if (table) await tx.delete(table).where(eq(table.id, row.id))
    else await tx.delete(packedDesigns).where(eq(packedDesigns.designId, row.id))
  }
}

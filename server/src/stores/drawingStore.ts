import type { Drawing } from '@thimble/contract'
import { eq, isNull } from 'drizzle-orm'
import type { Database, Tx } from '../db/openDatabase'
import { designs, drawings } from '../db/schema'
import { NotKept } from './notKept'

/** The drawings of designs. One is kept whole or not at all, and is never changed: an edit is told by the design. */
export class DrawingStore {
  constructor(private readonly database: Database) {}

  /** @throws NotKept */
  async get(designId: string): Promise<Drawing> {
    const [row] = await this.database.db.select().from(drawings).where(eq(drawings.designId, designId))
    if (!row) throw new NotKept(designId)
    return row.doc
  }

  /** Asking twice is safe. @throws NotKept when no such design was ever kept */
  keep(designId: string, drawing: Drawing): Promise<void> {
    return this.database.writes.run(async (tx) => {
      const [design] = await tx.select({ id: designs.id }).from(designs).where(eq(designs.id, designId))
      if (!design) throw new NotKept(designId)
      await this.put(tx, designId, drawing)
    })
  }

  async put(tx: Tx, designId: string, doc: Drawing): Promise<void> {
    await tx.insert(drawings).values({ designId, doc }).onConflictDoUpdate({ target: drawings.designId, set: { doc } })
  }

  /** Those of designs that are not removed. */
  async all(): Promise<{ id: string; drawing: Drawing }[]> {
    const rows = await this.database.db
      .select({ id: drawings.designId, drawing: drawings.doc })
      .from(drawings)
      .innerJoin(designs, eq(designs.id, drawings.designId))
      .where(isNull(designs.deletedAt))
    return rows
  }
}

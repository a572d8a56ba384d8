import type { PackedDesign } from '@thimble/contract'
import { eq, isNull } from 'drizzle-orm'
import { asText } from '../db/asText'
import type { Database, Tx } from '../db/database'
import { documentTables, packedDesigns } from '../db/tables'
import { NotKept } from './notKept'

const { designs } = documentTables

/** Designs as they were read. One is kept whole or not at all, and never changes: an edit is told by its card. */
export class PackedDesignStore {
  constructor(private readonly database: Database) {}

  /** @throws NotKept */
  async getText(designId: string): Promise<string> {
    const [row] = await this.database.db
      .select({ text: asText(packedDesigns.doc) })
      .from(packedDesigns)
      .where(eq(packedDesigns.designId, designId))
    if (!row) throw new NotKept(designId)
    return row.text
  }

  /** Asking twice is safe. @throws NotKept when no such design was ever kept */
  keep(designId: string, packed: PackedDesign): Promise<void> {
    return this.database.writes.run(async (tx) => {
      if (!(await this.putOfCard(tx, designId, packed))) throw new NotKept(designId)
    })
  }

  /** Writes it within a transaction that may hold more; false, and nothing written, where it has no card. */
  async putOfCard(tx: Tx, designId: string, doc: PackedDesign): Promise<boolean> {
    const [card] = await tx.select({ id: designs.id }).from(designs).where(eq(designs.id, designId))
    if (!card) return false
    await tx
      .insert(packedDesigns)
      .values({ designId, doc })
      .onConflictDoUpdate({ target: packedDesigns.designId, set: { doc } })
    return true
  }

  /** Those of designs that are not removed. */
  async all(): Promise<{ id: string; packed: PackedDesign }[]> {
    return this.database.db
      .select({ id: packedDesigns.designId, packed: packedDesigns.doc })
      .from(packedDesigns)
      .innerJoin(designs, eq(designs.id, packedDesigns.designId))
      .where(isNull(designs.deletedAt))
  }
}

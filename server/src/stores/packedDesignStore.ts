import type { PackedDesign } from '@thimble/contract'
import { eq } from 'drizzle-orm'
import { asText } from '../db/asText'
import type { Database, Db, Tx } from '../db/database'
import { documentTables, packedDesigns } from '../db/tables'
import { NotFound } from './notFound'

const { designs } = documentTables

/** Designs as they were read. One is kept whole or not at all, and never changes: an edit is told by its card. */
export class PackedDesignStore {
  constructor(private readonly database: Database) {}

  /** @throws NotKept */
  async getText(designId: string): Promise<string> {
    const text = await this.findText(designId)
    if (text === null) throw new NotFound(designId)
    return text
  }

  async findText(designId: string): Promise<string | null> {
    const [row] = await this.database.db
      .select({ text: asText(packedDesigns.doc) })
      .from(packedDesigns)
      .where(eq(packedDesigns.designId, designId))
    return row?.text ?? null
  }

  /** Asking twice is safe. @throws NotKept when no such design was ever kept */
  keep(designId: string, packed: PackedDesign): Promise<void> {
    return this.database.writes.run(async (tx) => {
      if (!(await this.hasCard(designId, tx))) throw new NotFound(designId)
      await this.put(tx, designId, packed)
    })
  }

  /** Whether there is a card it can be kept for. */
  async hasCard(designId: string, db: Db | Tx = this.database.db): Promise<boolean> {
    return (await db.select({ id: designs.id }).from(designs).where(eq(designs.id, designId))).length > 0
  }

  /** Writes it within a transaction that may hold more; its card has to be there. */
  async put(tx: Tx, designId: string, doc: PackedDesign): Promise<void> {
    await tx
      .insert(packedDesigns)
      .values({ designId, doc })
      .onConflictDoUpdate({ target: packedDesigns.designId, set: { doc } })
  }
}

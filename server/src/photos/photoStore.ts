import { shopComputer as t } from '@thimble/language/en/shopComputer'
import { CoreError } from '@thimble/core/errors'
import { eq } from 'drizzle-orm'
import type { Database, Db, Tx } from '../db/database'
import { photos } from '../db/tables'
import { NotFound } from '../stores/notFound'
import { sizeOfPlainJpeg } from './plainJpeg'

/** More than a phone’s screen shows nobody needs of a record. */
const MOST_SIDE = 2000

/** Photos of records and swatches: each kept whole, and never changed. */
export class PhotoStore {
  constructor(private readonly database: Database) {}

  /** @throws NotKept */
  async get(id: string): Promise<Uint8Array> {
    const [row] = await this.database.db.select({ jpeg: photos.jpeg }).from(photos).where(eq(photos.id, id))
    if (!row) throw new NotFound(id)
    return row.jpeg
  }

  async has(id: string): Promise<boolean> {
    return (await this.database.db.select({ id: photos.id }).from(photos).where(eq(photos.id, id))).length > 0
  }

  /** Asking twice is safe: what is kept under the id stays. @throws CoreError('bad-photo') */
  async keep(id: string, jpeg: Uint8Array): Promise<void> {
    requirePhoto(jpeg)
    await this.database.writes.run((tx) => this.put(tx, id, jpeg))
  }

  async ids(db: Db | Tx): Promise<string[]> {
    return (await db.select({ id: photos.id }).from(photos)).map(({ id }) => id)
  }

  async remove(tx: Tx, id: string): Promise<void> {
    await tx.delete(photos).where(eq(photos.id, id))
  }

  async put(tx: Tx, id: string, jpeg: Uint8Array): Promise<void> {
    await tx
      .insert(photos)
      .values({ id, jpeg: Buffer.from(jpeg) })
      .onConflictDoNothing()
  }
}

/** @throws CoreError('bad-photo') */
export function requirePhoto(jpeg: Uint8Array): void {
  const { width, height } = sizeOfPlainJpeg(jpeg)
  if (Math.max(width, height) > MOST_SIDE || Math.min(width, height) < 1)
    throw new CoreError('bad-photo', t('a-photo-can-be-pixels', { one: MOST_SIDE }), 'photo')
}

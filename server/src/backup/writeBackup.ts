import { BACKUP_FORMAT, BACKUP_VERSION, type BackupManifest } from '@thimble/contract/log'
import { and, asc, eq, isNull, sql } from 'drizzle-orm'
import { createHash } from 'node:crypto'
import { PassThrough, Readable } from 'node:stream'
import { ZipFile } from 'yazl'
import type { Db } from '../db/database'
import { readAsOne } from '../db/readAsOne'
import { documentTables, packedDesigns, photos } from '../db/tables'
import { cardIds, documentLines } from '../shopFile/writeShopOut'
import type { ShopStore } from '../stores/shopStore'

/** Where a zip's files lie, by what they are. */
export const places = {
  manifest: 'manifest.json',
  shop: 'shop.json',
  documents: (name: string): string => `documents/${name}.jsonl`,
  drawing: (id: string): string => `drawings/${id}.json`,
  photo: (id: string): string => `photos/${id}.jpg`,
} as const

/**
 * The whole shop as one zip, as it is at one moment: settings, documents a line each by their collection, drawings,
 * photos, and at the end the manifest with the checksums of all of them. A file is read when its turn comes, and waits
 * for whoever takes the zip.
 *
 * @param into takes the bytes; the zip waits for it
 */
export async function writeBackup(
  store: ShopStore,
  at: string,
  into: (bytes: Uint8Array) => Promise<unknown>,
): Promise<void> {
  await readAsOne(store.database.file, async (db) => {
    const zip = new ZipFile()
    const files: BackupManifest['files'] = []
    const add = (name: string, lines: () => AsyncIterable<string | Uint8Array>, compress = true): void =>
      zip.addReadStreamLazy(name, { compress, mtime: new Date(at) }, (give) => {
        give(null, counted(name, lines(), files))
      })
    const { revision, ...shop } = await store.shop()
    add(places.shop, () => once(JSON.stringify(shop)))
    for (const name of Object.keys(store.documents)) add(places.documents(name), () => documentLines(store, db, name))
    const cards = await cardIds(store, db)
    for (const id of (await drawingIds(db)).filter((one) => cards.has(one)))
      add(places.drawing(id), () => drawing(db, id))
    for (const id of await photoIds(db)) add(places.photo(id), () => photo(db, id), false)
    zip.addReadStreamLazy(places.manifest, { mtime: new Date(at) }, (give) => {
      const manifest: BackupManifest = { format: BACKUP_FORMAT, version: BACKUP_VERSION, shop: shop.name, at, files }
      give(null, Readable.from([JSON.stringify(manifest)]))
    })
    zip.end()
    const out = zip.outputStream.pipe(new PassThrough())
    zip.on('error', (error) => out.destroy(error as Error))
    for await (const bytes of out) await into(bytes as Uint8Array)
  })
}

/** A file's bytes as they are asked for; its length and checksum are noted at its end. */
function counted(name: string, parts: AsyncIterable<string | Uint8Array>, files: BackupManifest['files']): Readable {
  const hash = createHash('sha256')
  let bytes = 0
  async function* through(): AsyncGenerator<Buffer> {
    for await (const part of parts) {
      const buffer = typeof part === 'string' ? Buffer.from(part) : Buffer.from(part)
      hash.update(buffer)
      bytes += buffer.length
      yield buffer
    }
    files.push({ name, bytes, sha256: hash.digest('hex') })
  }
  return Readable.from(through(), { objectMode: false })
}

async function* once(text: string): AsyncGenerator<string> {
  yield text
}

const { designs } = documentTables

async function drawingIds(db: Db): Promise<string[]> {
  const rows = await db
    .select({ id: packedDesigns.designId })
    .from(packedDesigns)
    .innerJoin(designs, eq(designs.id, packedDesigns.designId))
    .where(and(isNull(designs.deletedAt), sql`json_valid(${packedDesigns.doc})`))
    .orderBy(asc(packedDesigns.designId))
  return rows.map(({ id }) => id)
}

async function* drawing(db: Db, id: string): AsyncGenerator<string> {
  const [row] = await db
    .select({ text: sql<string>`${packedDesigns.doc}` })
    .from(packedDesigns)
    .where(eq(packedDesigns.designId, id))
  yield row!.text
}

const photoIds = async (db: Db): Promise<string[]> =>
  (await db.select({ id: photos.id }).from(photos).orderBy(asc(photos.id))).map(({ id }) => id)

async function* photo(db: Db, id: string): AsyncGenerator<Uint8Array> {
  const [row] = await db.select({ jpeg: photos.jpeg }).from(photos).where(eq(photos.id, id))
  yield row!.jpeg
}

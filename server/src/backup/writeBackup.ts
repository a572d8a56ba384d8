import { BACKUP_FORMAT, BACKUP_VERSION, type BackupManifest } from '@thimble/contract/log'
import { and, asc, eq, isNull, sql } from 'drizzle-orm'
import { createHash } from 'node:crypto'
import { once } from 'node:events'
import { Readable } from 'node:stream'
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
 * The whole shop as the bytes of one zip, as it is at one moment: settings, documents a line each by their collection,
 * drawings, photos, and at the end the manifest with the checksums of all of them. A file is read when its turn comes.
 * Whoever stops taking the bytes stops the reading, and only then the database is let go.
 */
export const backupBytes = (store: ShopStore, at: string): AsyncGenerator<Uint8Array> =>
  readAsOne(store.database.file, (db) => zipBytes(new Date(at), (add) => addShop(add, store, db, at)))

/** Adds a file whose content is read when its turn comes. */
type AddFile = (name: string, parts: () => AsyncIterable<string | Uint8Array>, compress?: boolean) => void

async function addShop(add: AddFile, store: ShopStore, db: Db, at: string): Promise<void> {
  const files: BackupManifest['files'] = []
  const addCounted: AddFile = (name, parts, compress) => add(name, () => counted(name, parts(), files), compress)
  const { soundness } = store.database
  const { faults } = soundness
  const { revision, ...shop } = await store.shop()
  addCounted(places.shop, () => one(JSON.stringify(shop)))
  for (const name of Object.keys(store.documents))
    addCounted(places.documents(name), () => documentLines(store, db, name))
  const cards = await cardIds(store, db)
  for (const id of (await drawingIds(db)).filter((card) => cards.has(card)))
    addCounted(places.drawing(id), () => drawing(db, id))
  for (const id of await photoIds(db)) addCounted(places.photo(id), () => photo(db, id), false)
  add(places.manifest, () => {
    // All of it was looked through by now.
    soundness.all ||= soundness.faults === faults
    const manifest: BackupManifest = { format: BACKUP_FORMAT, version: BACKUP_VERSION, shop: shop.name, at, files }
    return one(JSON.stringify(manifest))
  })
}

/**
 * The bytes of a zip as its files are read. The library puts no listener on the errors of what it reads, and goes on
 * reading when nobody takes the zip any more: both are seen to here.
 */
async function* zipBytes(mtime: Date, addFiles: (add: AddFile) => Promise<void>): AsyncGenerator<Uint8Array> {
  const zip = new ZipFile()
  const out = zip.outputStream as Readable
  const fail = (error: unknown): void => void out.destroy(error as Error)
  const open = new Set<Readable>()
  // The loop below hears of it too, but only while it is asked for bytes.
  out.on('error', () => undefined)
  zip.on('error', fail)
  try {
    await addFiles((name, parts, compress = true) =>
      zip.addReadStreamLazy(name, { compress, mtime }, (give) => {
        const source = Readable.from(parts(), { objectMode: false })
        open.add(source)
        source.on('error', fail).on('close', () => open.delete(source))
        give(null, source)
      }),
    )
    zip.end()
    for await (const bytes of out) yield bytes as Uint8Array
  } finally {
    out.destroy()
    await Promise.all([...open].map((source) => once(source.destroy(), 'close').catch(() => undefined)))
  }
}

/** A file's bytes as they are asked for; its length and checksum are noted at its end. */
async function* counted(
  name: string,
  parts: AsyncIterable<string | Uint8Array>,
  files: BackupManifest['files'],
): AsyncGenerator<Buffer> {
  const hash = createHash('sha256')
  let bytes = 0
  for await (const part of parts) {
    const buffer = typeof part === 'string' ? Buffer.from(part) : Buffer.from(part)
    hash.update(buffer)
    bytes += buffer.length
    yield buffer
  }
  files.push({ name, bytes, sha256: hash.digest('hex') })
}

async function* one(text: string): AsyncGenerator<string> {
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

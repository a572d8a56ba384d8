import { createClient, type Client } from '@libsql/client'
import { sql } from 'drizzle-orm'
import { drizzle } from 'drizzle-orm/libsql'
import { migrate } from 'drizzle-orm/libsql/migrator'
import { accessSync, constants, existsSync, mkdirSync, renameSync, rmSync } from 'node:fs'
import path from 'node:path'
import { StartError } from '../startError'
import type { Database, Db } from './database'
import { DOCUMENTS, documentsVersion, upgradeDocuments } from './upgradeDocuments'
import { WriteQueue } from './writeQueue'

/**
 * Opens the shop's database in `folder`, brings its tables up to date and hands out one writer.
 * @throws StartError, in words, for a folder that cannot be written and a file that is not a database
 */
export async function openDatabase(folder: string, migrationsFolder: string): Promise<Database> {
  try {
    mkdirSync(folder, { recursive: true })
    accessSync(folder, constants.W_OK)
  } catch {
    throw new StartError(`The data folder ${folder} cannot be written: free it, or set ZT_DATA to another folder.`)
  }
  const file = path.join(folder, 'shop.db')
  let client: Client | undefined
  try {
    client = createClient({ url: `file:${file}`, timeout: 5000 })
    await client.execute('PRAGMA journal_mode = WAL')
    await client.execute('PRAGMA foreign_keys = ON')
    const db = drizzle(client)
    await copyBefore(db, folder)
    await migrate(db, { migrationsFolder })
    const writes = new WriteQueue(db)
    const opened = client
    const database = { db, writes, close: () => writes.idle().then(() => opened.close()) }
    await upgradeDocuments(database)
    return database
  } catch (error) {
    client?.close()
    throw new StartError(
      `The database ${file} cannot be opened (${reason(error)}): move it away or restore a backup, then start again.`,
    )
  }
}

/** A shop of an older version is copied before it is brought up to date; the copy of a first try is not written over. */
async function copyBefore(db: Db, folder: string): Promise<void> {
  if ((await documentsVersion(db)) >= DOCUMENTS) return
  const [old] = await db.all(sql`SELECT 1 FROM sqlite_master WHERE name = 'pieces'`)
  const copy = path.join(folder, `shop-before-version-${DOCUMENTS}.db`)
  if (!old || existsSync(copy)) return
  // A copy that was cut short is no copy: it gets its name once it is whole.
  const half = `${copy}.part`
  rmSync(half, { force: true })
  await db.run(sql`VACUUM INTO ${half}`)
  renameSync(half, copy)
}

function reason(error: unknown): string {
  let deepest = error
  while (deepest instanceof Error && deepest.cause) deepest = deepest.cause
  const text = deepest instanceof Error ? deepest.message : String(deepest)
  return text.split('\n')[0]!.replace(/^SQLITE_\w+: /, '')
}

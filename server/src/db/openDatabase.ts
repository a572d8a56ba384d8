import { createClient, type Client } from '@libsql/client'
import { drizzle, type LibSQLDatabase } from 'drizzle-orm/libsql'
import { migrate } from 'drizzle-orm/libsql/migrator'
import { accessSync, constants, mkdirSync } from 'node:fs'
import path from 'node:path'
import { StartError } from '../startError'
import * as schema from './schema'
import { WriteQueue } from './writeQueue'

export type Db = LibSQLDatabase<typeof schema>
export type Tx = Parameters<Parameters<Db['transaction']>[0]>[0]
export type Database = { db: Db; writes: WriteQueue; close: () => Promise<void> }

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
    const db = drizzle(client, { schema })
    await migrate(db, { migrationsFolder })
    const writes = new WriteQueue(db)
    const opened = client
    return { db, writes, close: () => writes.idle().then(() => opened.close()) }
  } catch (error) {
    client?.close()
    throw new StartError(
      `The database ${file} cannot be opened (${reason(error)}): move it away or restore a backup, then start again.`,
    )
  }
}

function reason(error: unknown): string {
  let deepest = error
  while (deepest instanceof Error && deepest.cause) deepest = deepest.cause
  const text = deepest instanceof Error ? deepest.message : String(deepest)
  return text.split('\n')[0]!.replace(/^SQLITE_\w+: /, '')
}

import { createClient } from '@libsql/client'
import { sql } from 'drizzle-orm'
import { drizzle } from 'drizzle-orm/libsql'
import type { Db } from './database'

/** Reads the database as it is at one moment, on a connection of its own, however long that takes. */
export async function readAsOne(file: string, work: (db: Db) => Promise<void>): Promise<void> {
  const client = createClient({ url: `file:${file}` })
  try {
    const db = drizzle(client)
    await db.run(sql`BEGIN`)
    await work(db)
  } finally {
    client.close()
  }
}

import { createClient } from '@libsql/client'
import { sql } from 'drizzle-orm'
import { drizzle } from 'drizzle-orm/libsql'
import type { Db } from './database'

/**
 * What `read` reads, all of it as the database is at one moment, on a connection of its own. The connection closes when
 * whoever takes the parts has the last one or stops taking them.
 */
export async function* readAsOne<Part>(file: string, read: (db: Db) => AsyncIterable<Part>): AsyncGenerator<Part> {
  const client = createClient({ url: `file:${file}` })
  try {
    const db = drizzle(client)
    await db.run(sql`BEGIN`)
    yield* read(db)
  } finally {
    client.close()
  }
}

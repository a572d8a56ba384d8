import { createClient } from '@libsql/client'
import { sql } from 'drizzle-orm'
import { drizzle } from 'drizzle-orm/libsql'
import Aside from 'libsql/promise'
import { open } from 'node:fs/promises'
import type { Tx } from './connection'

/**
 * A transaction that may write the whole shop, on a connection of its own. What an ordinary one leaves to its last
 * step, putting on the disk and into the file all that was written, would here hold up every other request for as long
 * as it takes; it is done beside them, before the last step and after it.
 */
export async function writeLarge<T>(file: string, blockMs: number, work: (tx: Tx) => Promise<T>): Promise<T> {
  const client = createClient({ url: `file:${file}`, timeout: blockMs })
  try {
    const db = drizzle(client)
    await db.run(sql`PRAGMA wal_autocheckpoint = 0`)
    const written = await db.transaction(async (tx) => {
      const done = await work(tx)
      await flush(`${file}-wal`)
      return done
    })
    void settleAside(file)
    return written
  } finally {
    client.close()
  }
}

async function flush(name: string): Promise<void> {
  const log = await open(name, 'r+')
  try {
    await log.datasync()
  } finally {
    await log.close()
  }
}

/** Whatever stands in its way, it is left to the next write or to the end of the program. */
async function settleAside(file: string): Promise<void> {
  try {
    const aside = new Aside(file, {})
    await aside.exec('PRAGMA wal_checkpoint(PASSIVE)')
    aside.close()
  } catch {
    return
  }
}

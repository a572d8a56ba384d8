import { createClient, type Client } from '@libsql/client'
import { sql } from 'drizzle-orm'
import { drizzle } from 'drizzle-orm/libsql'
import { migrate } from 'drizzle-orm/libsql/migrator'
import { readMigrationFiles } from 'drizzle-orm/migrator'
import { accessSync, constants, existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs'
import path from 'node:path'
import { clearStaged } from '../shopFile/stagedShop'
import { StartError } from '../startError'
import type { Database, Db, Soundness } from './database'
import { FileGone, fileFaultOf, type FileFault } from './fileFault'
import { lockFolder } from './folderLock'
import { writeLarge } from './largeWrite'
import { ownersOnly } from './ownersOnly'
import { withPatientReads } from './patientReads'
import { Revisions } from './revisions'
import { leaveSoundMark, takeSoundMark } from './soundMark'
import { DOCUMENTS, documentsVersion, upgradeDocuments } from './upgradeDocuments'
import { WriteQueue } from './writeQueue'

/** Longest a connection blocks for a lock; beyond it the write queue waits, which holds nothing up. */
const BLOCK_MS = 10

/**
 * Opens the shop's database in `folder`, which no other program can open meanwhile, brings its tables up to date and
 * hands out one writer. `afresh`: what lies there is removed first; `build`: which program this is.
 *
 * @throws StartError, in words and with the remedy, for a folder or file that cannot be used
 */
export async function openDatabase(
  folder: string,
  migrationsFolder: string,
  { afresh = false, build = '' } = {},
): Promise<Database> {
  readyFolder(folder)
  const release = await lockFolder(folder)
  const file = path.join(folder, 'shop.db')
  let client: Client | undefined
  try {
    await clearStaged(folder)
    if (afresh) for (const name of shopFiles(folder)) rmSync(path.join(folder, name))
    const upTo = takeSoundMark(folder, build)
    client = withPatientReads(createClient({ url: `file:${file}`, timeout: BLOCK_MS }))
    const db = drizzle(client)
    await requireSound(db, file, migrationsFolder)
    await client.execute('PRAGMA journal_mode = WAL')
    await copyBefore(db, folder)
    await migrate(db, { migrationsFolder })
    const assertFilePresent = presenceCheck(file)
    const opened = client
    const revisions = await Revisions.open(db)
    const reopen = async (): Promise<void> => opened.reconnect()
    const writes = new WriteQueue(db, {
      ...{ assertFilePresent, reopen, written: () => revisions.count() },
      writeLarge: (work) => writeLarge(file, BLOCK_MS, work),
    })
    const soundness: Soundness = { upTo, all: upTo === revisions.last, faults: 0 }
    const close = async (): Promise<void> => {
      await writes.idle()
      await settle(db).catch(() => undefined)
      opened.close()
      if (soundness.all) leaveSoundMark(folder, build, revisions.last)
      release()
    }
    const database = { folder, file, db, writes, revisions, soundness, assertFilePresent, close }
    await upgradeDocuments(database)
    await settle(db)
    for (const name of shopFiles(folder)) ownersOnly(path.join(folder, name))
    return database
  } catch (error) {
    client?.close()
    release()
    throw error instanceof StartError ? error : new StartError(cannotOpen(file, error))
  }
}

function readyFolder(folder: string): void {
  try {
    mkdirSync(folder, { recursive: true, mode: 0o700 })
    accessSync(folder, constants.W_OK)
  } catch {
    throw new StartError(`The data folder ${folder} cannot be written: free it, or set ZT_DATA to another folder.`)
  }
}

/** The database with all that lies beside it, but for the lock. */
const shopFiles = (folder: string): string[] =>
  readdirSync(folder).filter((name) => /^shop.*\.db(-wal|-shm|\.part)?$/.test(name))

/** Puts all that was written into the file itself, so that a copy of it alone is the whole shop. */
const settle = (db: Db) => db.run(sql`PRAGMA wal_checkpoint(TRUNCATE)`)

/** @throws StartError for a file that is damaged, or that a newer version of the program has written */
async function requireSound(db: Db, file: string, migrationsFolder: string): Promise<void> {
  try {
    accessSync(file, constants.R_OK | constants.W_OK)
  } catch {
    throw new StartError(remedies['read-only'](file))
  }
  const found = await db.all<{ quick_check: string }>(sql`PRAGMA quick_check(1)`)
  if (found[0]?.quick_check !== 'ok') throw new StartError(remedies.damaged(file))
  const newest = Math.max(...readMigrationFiles({ migrationsFolder }).map((one) => one.folderMillis))
  const [known] = await db.all(sql`SELECT 1 FROM sqlite_master WHERE name = '__drizzle_migrations'`)
  const [last] = known ? await db.all<{ at: number }>(sql`SELECT MAX(created_at) AS at FROM __drizzle_migrations`) : []
  if ((last?.at ?? 0) > newest || (await documentsVersion(db)) > DOCUMENTS)
    throw new StartError(
      `The shop in ${file} was written by a newer version of this program: start that version, or set ZT_DATA to another folder. Nothing was changed.`,
    )
}

/** A shop of an older version is copied before it is brought up to date; the copy of a first try is not overwritten. */
async function copyBefore(db: Db, folder: string): Promise<void> {
  if ((await documentsVersion(db)) >= DOCUMENTS) return
  const [old] = await db.all(sql`SELECT 1 FROM sqlite_master WHERE name = 'pieces'`)
  const copy = path.join(folder, `shop-before-version-${DOCUMENTS}.db`)
  if (!old || existsSync(copy)) return
  await copyWhole(db, copy)
}

/** A copy that was cut short is no copy: it gets its name once it is whole. */
export async function copyWhole(db: Db, copy: string): Promise<void> {
  const half = `${copy}.part`
  rmSync(half, { force: true })
  await db.run(sql`VACUUM INTO ${half}`)
  ownersOnly(half)
  renameSync(half, copy)
}

/** Whether the file under its name is still the one that was opened. */
function presenceCheck(file: string): () => void {
  const { ino, dev } = statSync(file)
  return () => {
    const now = statSync(file, { throwIfNoEntry: false })
    if (now?.ino !== ino || now.dev !== dev) throw new FileGone()
  }
}

const restore = (file: string): string =>
  `put a backup in its place (copy it to ${file} and delete ${path.basename(file)}-wal and -shm beside it), then start again`

const remedies: Record<FileFault, (file: string) => string> = {
  busy: (file) => `Another program holds the database ${file}: close it there, then start again.`,
  'read-only': (file) => `The database ${file} is read-only: allow this user to write it, then start again.`,
  damaged: (file) => `The database ${file} is damaged or is none: ${restore(file)}.`,
  gone: (file) => `The database ${file} cannot be opened: allow this user to read and write it, then start again.`,
  full: (file) => `The disk of ${file} is full: free some space, then start again.`,
}

function cannotOpen(file: string, error: unknown): string {
  const fault = fileFaultOf(error)
  if (fault) return remedies[fault](file)
  let deepest = error
  while (deepest instanceof Error && deepest.cause) deepest = deepest.cause
  const text = deepest instanceof Error ? deepest.message : String(deepest)
  return `The database ${file} cannot be opened (${text.split('\n')[0]!.replace(/^SQLITE_\w+: /, '')}): ${restore(file)}.`
}

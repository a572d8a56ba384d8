import { shopComputer as t } from '@thimble/language/en/shopComputer'
import { createHash, randomBytes, randomUUID } from 'node:crypto'
import path from 'node:path'
import type { Database } from '../db/database'
import { phoneAccess, phones as oldPhones } from '../db/tables'
import { fileFaultOf } from '../db/fileFault'
import { StartError } from '../startError'
import { type PairedPhone, PhoneFiles, type Seen } from './phoneFiles'

/** How exactly it is kept when a phone was last here: not a write for each thing it asks. */
const SEEN_MS = 60_000

type Phone = Omit<PairedPhone, 'keyHash'>

const hashOf = (key: string): string => createHash('sha256').update(key).digest('hex')

/** The phones that were let in, each by the hash of its key; and whether the door for them stands open. */
export class PhoneStore {
  /** By the hash of their keys: every request looks here. */
  readonly #known = new Map<string, PairedPhone>()
  readonly #onOut = new Set<(id: string) => void>()
  #open = false

  private constructor(
    private readonly database: Database,
    private readonly files: PhoneFiles,
    private readonly now: () => string,
  ) {}

  static async of(database: Database, now: () => string): Promise<PhoneStore> {
    const store = new PhoneStore(database, await phoneFilesOf(database), now)
    store.noteShop()
    for (const phone of store.files.all()) store.#known.set(phone.keyHash, phone)
    store.#open = (await database.db.select().from(phoneAccess))[0]?.open ?? false
    return store
  }

  get open(): boolean {
    return this.#open
  }

  async setOpen(open: boolean): Promise<void> {
    await this.database.writes.run(async (tx) => {
      await tx.insert(phoneAccess).values({ id: 1, open }).onConflictDoUpdate({ target: phoneAccess.id, set: { open } })
    })
    this.#open = open
  }

  list(): Phone[] {
    return [...this.#known.values()]
      .map(({ keyHash: _, ...phone }) => phone)
      .sort((a, b) => (a.pairedAt < b.pairedAt ? -1 : 1))
  }

  /** Whose key it is, and that it was here. */
  knows(key: string): Phone | null {
    const phone = this.#known.get(hashOf(key))
    if (!phone) return null
    const now = this.now()
    if (Date.parse(now) - Date.parse(phone.lastSeenAt) > SEEN_MS) this.#see(phone, now)
    return phone
  }

  /** Lets a phone in. @returns its key, which is told nobody else and kept nowhere here */
  letIn(name: string): string {
    const [key, at] = [randomBytes(32).toString('base64url'), this.now()]
    const phone = { id: randomUUID(), name, keyHash: hashOf(key), pairedAt: at, lastSeenAt: at }
    this.files.add(phone)
    this.#known.set(phone.keyHash, phone)
    return key
  }

  /** Turns a phone out, at once and for good: nothing it has open goes on, and no later start knows it. */
  turnOut(id: string): boolean {
    const phone = [...this.#known.values()].find((one) => one.id === id)
    if (!phone) return false
    this.#known.delete(phone.keyHash)
    for (const tell of this.#onOut) tell(id)
    this.files.remove(id)
    this.noteShop()
    return true
  }

  onOut(tell: (id: string) => void): void {
    this.#onOut.add(tell)
  }

  /** Notes how far the shop's file has come, by which one that is put back later is told from it. */
  noteShop(): void {
    try {
      this.files.see(seenNow(this.database))
    } catch {
      // Without room the one before stands: it knows an older copy all the same, unless it was made since.
    }
  }

  /** Where it cannot be written it is known all the same until the next start. */
  #see(phone: PairedPhone, at: string): void {
    phone.lastSeenAt = at
    try {
      this.files.touch(phone.id, at)
    } catch {
      return
    }
    this.noteShop()
  }
}

const seenNow = ({ revisions }: Database) => ({ start: revisions.start, revision: revisions.last })

/** @throws StartError where the folder cannot be made */
function begun(folder: string, phones: readonly PairedPhone[], seen: Seen): PhoneFiles {
  try {
    return PhoneFiles.begin(folder, phones, seen)
  } catch (error) {
    const full = fileFaultOf(error) === 'full' ? t('the-disk-is-full-free-2') : t('allow-this-user-to-write')
    throw new StartError(`The folder ${folder} cannot be made; ${full}, then start again.`)
  }
}

/**
 * The phones of this very shop's file. Where an older copy of it, or another, was put in its place since they were last
 * here, all of them have to be let in again: the copy says nothing of who was turned out.
 */
async function phoneFilesOf(database: Database): Promise<PhoneFiles> {
  const folder = path.join(database.folder, 'phones')
  const before = await database.db.select().from(oldPhones)
  const known = PhoneFiles.open(folder)
  const files = known ?? begun(folder, before, seenNow(database))
  if (before.length > 0) await database.writes.run((tx) => tx.delete(oldPhones))
  if (known && !(known.seen && database.revisions.knows(known.seen))) for (const { id } of known.all()) known.remove(id)
  return files
}

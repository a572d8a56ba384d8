import { createHash, randomBytes, randomUUID } from 'node:crypto'
import { eq } from 'drizzle-orm'
import type { Database } from '../db/database'
import { door, phones } from '../db/tables'

/** How exactly it is kept when a phone was last here: not a write for each thing it asks. */
const SEEN_MS = 60_000

type Phone = { id: string; name: string; pairedAt: string; lastSeenAt: string }
type Kept = Phone & { keyHash: string }

const hashOf = (key: string): string => createHash('sha256').update(key).digest('hex')

/** The phones that were let in, each by the hash of its key; and whether the door for them stands open. */
export class PhoneStore {
  /** By the hash of their keys: every request looks here. */
  readonly #known = new Map<string, Kept>()
  readonly #onOut = new Set<(id: string) => void>()
  #open = false

  private constructor(
    private readonly database: Database,
    private readonly now: () => string,
  ) {}

  static async of(database: Database, now: () => string): Promise<PhoneStore> {
    const store = new PhoneStore(database, now)
    for (const phone of await database.db.select().from(phones)) store.#known.set(phone.keyHash, phone)
    store.#open = (await database.db.select().from(door))[0]?.open ?? false
    return store
  }

  get open(): boolean {
    return this.#open
  }

  async setOpen(open: boolean): Promise<void> {
    await this.database.writes.run(async (tx) => {
      await tx.insert(door).values({ id: 1, open }).onConflictDoUpdate({ target: door.id, set: { open } })
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
  async letIn(name: string): Promise<string> {
    const [key, at] = [randomBytes(32).toString('base64url'), this.now()]
    const phone = { id: randomUUID(), name, keyHash: hashOf(key), pairedAt: at, lastSeenAt: at }
    await this.database.writes.run((tx) => tx.insert(phones).values(phone))
    this.#known.set(phone.keyHash, phone)
    return key
  }

  /** Turns a phone out, at once: nothing it has open goes on. */
  async turnOut(id: string): Promise<boolean> {
    const phone = [...this.#known.values()].find((one) => one.id === id)
    if (!phone) return false
    this.#known.delete(phone.keyHash)
    for (const tell of this.#onOut) tell(id)
    await this.database.writes.run((tx) => tx.delete(phones).where(eq(phones.id, id)))
    return true
  }

  onOut(tell: (id: string) => void): void {
    this.#onOut.add(tell)
  }

  /** Where it cannot be written it is known all the same until the next start. */
  #see(phone: Kept, at: string): void {
    phone.lastSeenAt = at
    void this.database.writes
      .run((tx) => tx.update(phones).set({ lastSeenAt: at }).where(eq(phones.id, phone.id)))
      .catch(() => undefined)
  }
}

import type { CollectionName, Docs, Patch, Shop } from '@thimble/contract'

/** One change on its way to the server. Kept on the device from the moment it is made until the server has it. */
export type Change =
  | { [Name in CollectionName]: DocumentChange<Name> }[CollectionName]
  | { kind: 'delete' | 'restore'; resource: CollectionName; id: string }
  /** A design as it was read, which waits in the device's database. */
  | { kind: 'packed'; resource: 'designs'; id: string }
  | { kind: 'shop'; body: Patch<Shop> }

type DocumentChange<Name extends CollectionName> =
  | { kind: 'put'; resource: Name; id: string; body: Docs[Name] }
  | { kind: 'patch'; resource: Name; id: string; body: Patch<Docs[Name]> }

type Waiting = { key: string; change: Change }
export type Store = Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>

/** Raised with the documents' shape; see `upgradeOutbox`. */
export const PREFIX = 'zt.out2.'
const REFUSED = 'zt.refused.'

/**
 * The changes not yet kept by the server, oldest first, in the device's storage: one entry a change, so that two
 * tabs never write over each other. Typing in one field replaces its own last entry as long as nothing came between
 * and it has not been sent.
 */
export class Outbox {
  readonly #store: Store
  readonly #now: () => number
  #sending: string | null = null
  #last = 0

  constructor(store: Store, now: () => number) {
    this.#store = store
    this.#now = now
  }

  /** @throws whatever the storage throws when the device is full; nothing is added then */
  add(change: Change): void {
    const last = this.#read(this.#keys(PREFIX).slice(-1))[0]
    if (last && last.key !== this.#sending && sameField(last.change, change)) {
      this.#store.setItem(last.key, JSON.stringify(change))
      return
    }
    this.#last = Math.max(this.#last + 1, this.#now() * 1000)
    this.#store.setItem(`${PREFIX}${String(this.#last).padStart(20, '0')}`, JSON.stringify(change))
  }

  waiting(): Waiting[] {
    return this.#read(this.#keys(PREFIX))
  }

  get size(): number {
    return this.#keys(PREFIX).length
  }

  /** Marks the oldest as on its way: what is typed from now on gets an entry of its own. */
  startNext(): Waiting | null {
    const [oldest] = this.waiting()
    this.#sending = oldest?.key ?? null
    return oldest ?? null
  }

  forget(key: string): void {
    this.#store.removeItem(key)
    this.#sending = null
  }

  /** Sets a change aside that the server will not take, with its reason; what was typed is not thrown away. */
  refuse({ key, change }: Waiting, reason: string): void {
    this.#store.setItem(key.replace(PREFIX, REFUSED), JSON.stringify({ change, reason }))
    this.forget(key)
  }

  #read(keys: string[]): Waiting[] {
    return keys.map((key) => ({ key, change: JSON.parse(this.#store.getItem(key)!) as Change }))
  }

  #keys(prefix: string): string[] {
    const keys: string[] = []
    for (let i = 0; i < this.#store.length; i++) {
      const key = this.#store.key(i)
      if (key?.startsWith(prefix)) keys.push(key)
    }
    return keys.sort()
  }
}

function sameField(a: Change, b: Change): boolean {
  if (a.kind === 'shop' && b.kind === 'shop') return pathsOf(a.body) === pathsOf(b.body)
  if (a.kind !== 'patch' || b.kind !== 'patch') return false
  return a.resource === b.resource && a.id === b.id && pathsOf(a.body) === pathsOf(b.body)
}

/** The leaves a patch sets, without their values. */
function pathsOf(value: unknown): string {
  if (value === null || typeof value !== 'object' || Array.isArray(value)) return '.'
  return `{${Object.entries(value)
    .map(([key, inner]) => `${key}:${pathsOf(inner)}`)
    .sort()
    .join()}}`
}

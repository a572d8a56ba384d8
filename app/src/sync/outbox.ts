import type { Change, RefusedChange } from '../state/change'
import type { Store } from '../state/deviceStorage'

/** `text`: as it lies in the storage; while it still does, this is what is to be sent. */
type Waiting = { key: string; text: string; change: Change }

/** Raised with the documents' shape; see `upgradeOutbox`. */
export const PREFIX = 'zt.out2.'
const REFUSED = 'zt.refused.'
/** Which change a tab is sending this moment, told to the others. */
const SENDING = 'zt.sending'

/**
 * The changes not yet kept by the server, oldest first, in the device's storage: one entry a change, each of one tab.
 * Typing in one field replaces its own last entry as long as nothing came between and no tab is sending it. What the
 * device has no room for waits in the page until it is sent.
 */
export class Outbox {
  readonly #store: Store
  readonly #now: () => number
  readonly #tab: string
  /** What the device has no room for, by the key it would have there. */
  readonly #onPage = new Map<string, string>()
  #last = 0

  /** `tab`: tells this page's changes from those of others. */
  constructor(store: Store, now: () => number, tab: string) {
    this.#store = store
    this.#now = now
    this.#tab = tab
  }

  /** Answers whether the device keeps it; when not, it waits in the page and has to be sent at once. */
  add(change: Change): boolean {
    const [key, text] = this.#texts(PREFIX).at(-1) ?? []
    const own = key?.endsWith(`.${this.#tab}`) && key !== this.#store.getItem(SENDING)
    const before = own && text ? (JSON.parse(text) as Change) : null
    if (!before || !sameField(before, change)) return this.#put(this.#newKey(), JSON.stringify(change))
    return this.#put(key!, JSON.stringify('seen' in before ? { ...change, seen: before.seen } : change))
  }

  waiting(): Waiting[] {
    return this.#texts(PREFIX).map(([key, text]) => ({ key, text, change: JSON.parse(text) as Change }))
  }

  get size(): number {
    return this.#texts(PREFIX).length
  }

  /** Marks the oldest as on its way: what is typed from now on gets an entry of its own. */
  startNext(): Waiting | null {
    const [oldest] = this.waiting()
    // Without room for the mark a change may be replaced while it is sent; it is not forgotten then.
    if (oldest) this.#tryPut(SENDING, oldest.key)
    return oldest ?? null
  }

  /** Removes what was sent, unless something else has come in its place meanwhile. */
  forget({ key, text }: Waiting): void {
    if (this.#store.getItem(key) === text) this.#store.removeItem(key)
    if (this.#onPage.get(key) === text) this.#onPage.delete(key)
    this.#store.removeItem(SENDING)
  }

  /** Sets a change aside that the server will not take, with its reason; what was typed is not thrown away. */
  refuse(sent: Waiting, why: Pick<RefusedChange, 'reason' | 'name' | 'removed'>): void {
    const [key, text] = [sent.key.replace(PREFIX, REFUSED), JSON.stringify({ change: sent.change, ...why })]
    const stored = this.#put(key, text)
    this.forget(sent)
    if (!stored) this.#put(key, text)
  }

  /** Sets a change aside that was kept and has been overwritten since, with why. */
  overtake(change: Change, reason: string, name?: string): void {
    this.#put(this.#newKey().replace(PREFIX, REFUSED), JSON.stringify({ change, reason, name }))
  }

  refused(): RefusedChange[] {
    return this.#texts(REFUSED).map(([key, text]) => ({ key, ...(JSON.parse(text) as Omit<RefusedChange, 'key'>) }))
  }

  /** Puts a refused change at the end of what is to be sent. */
  sendAgain({ key, change, name }: RefusedChange): void {
    this.#put(this.#newKey(), JSON.stringify(name ? { ...change, named: name } : change))
    this.letGo(key)
  }

  /** Throws a refused change away, as the worker wished. */
  letGo(key: string): void {
    this.#store.removeItem(key)
    this.#onPage.delete(key)
  }

  /** After all that wait, even where the clock was set back. */
  #newKey(): string {
    const newest = Number(this.#texts(PREFIX).at(-1)?.[0].slice(PREFIX.length).split('.')[0] ?? 0)
    this.#last = Math.max(this.#last + 1, newest + 1, this.#now() * 1000)
    return `${PREFIX}${String(this.#last).padStart(20, '0')}.${this.#tab}`
  }

  #put(key: string, text: string): boolean {
    const stored = this.#tryPut(key, text)
    if (stored) this.#onPage.delete(key)
    else this.#onPage.set(key, text)
    return stored
  }

  #tryPut(key: string, text: string): boolean {
    try {
      this.#store.setItem(key, text)
      return true
    } catch {
      return false
    }
  }

  /** All under a prefix, oldest first; of one key what is stored before what waits in the page. */
  #texts(prefix: string): [key: string, text: string][] {
    const stored = Array.from({ length: this.#store.length }, (_, i) => this.#store.key(i))
      .filter((key): key is string => key?.startsWith(prefix) ?? false)
      .map((key): [string, string] => [key, this.#store.getItem(key)!])
    const onPage = [...this.#onPage].filter(([key]) => key.startsWith(prefix))
    return [...stored, ...onPage].sort(([a], [b]) => (a < b ? -1 : a > b ? 1 : 0))
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

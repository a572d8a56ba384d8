import { collectionNames } from '@thimble/contract'
import { whole } from './documents'
import type { Store } from './outbox'
import type { ShelfState } from './shelf'

/** Raised when documents change their shape: what an older app kept is fetched again instead of read. */
const KEY = 'zt.shelf.2'
const OLD_KEYS = ['zt.shelf']

type Known = Pick<ShelfState, 'shop' | 'docs' | 'log'>

/** The last known shelf on this device, so that the app opens with it while the server is away. */
export function recall(storage: Store): Known | null {
  for (const key of OLD_KEYS) storage.removeItem(key)
  try {
    const known = JSON.parse(storage.getItem(KEY) ?? 'null') as Known | null
    if (!known) return null
    // What an older version kept may lack a collection or a key.
    const docs = collectionNames.map((name) => [
      name,
      Object.fromEntries(Object.entries(known.docs[name] ?? {}).map(([id, doc]) => [id, whole(name, doc)])),
    ])
    return { ...known, docs: Object.fromEntries(docs) }
  } catch {
    return null
  }
}

/** Only a convenience: when the device has no room for it, it is left out, never what was typed. */
export function remember(storage: Store, { shop, docs, log }: Known): void {
  try {
    storage.setItem(KEY, JSON.stringify({ shop, docs, log }))
  } catch {
    storage.removeItem(KEY)
  }
}

/** Gives the room of what is only a convenience back. */
export const forgetRemembered = (storage: Store): void => storage.removeItem(KEY)

import { resources, withEmpties } from './resources'
import type { ShelfState } from './shelf'

const KEY = 'zt.shelf'

/** The last known shelf on this device, so that the app opens with it while the server is away. */
export function recall(storage: Storage): Pick<ShelfState, 'shop' | 'docs' | 'log'> | null {
  try {
    const text = storage.getItem(KEY)
    if (!text) return null
    const known = JSON.parse(text)
    // What an older version kept may lack a collection or a key.
    for (const resource of resources) {
      const docs: Record<string, object> = known.docs[resource] ?? {}
      known.docs[resource] = Object.fromEntries(
        Object.entries(docs).map(([id, doc]) => [id, withEmpties(resource, doc)]),
      )
    }
    return known
  } catch {
    return null
  }
}

/** Only a convenience: when the device has no room for it, it is left out, never what was typed. */
export function remember(storage: Storage, { shop, docs, log }: ShelfState): void {
  try {
    storage.setItem(KEY, JSON.stringify({ shop, docs, log }))
  } catch {
    storage.removeItem(KEY)
  }
}

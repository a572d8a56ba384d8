export type Store = Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>

/** What a page keeps while its browser lets it keep nothing: gone with the page. */
function pageMemory(): Store {
  const kept = new Map<string, string>()
  return {
    get length() {
      return kept.size
    },
    key: (i) => [...kept.keys()][i] ?? null,
    getItem: (key) => kept.get(key) ?? null,
    setItem: (key, value) => void kept.set(key, value),
    removeItem: (key) => void kept.delete(key),
  }
}

function allowed(): Storage | null {
  try {
    return globalThis.localStorage
  } catch {
    return null
  }
}

/** Whether this browser keeps anything for the page at all. */
export const keepsNothing = allowed() === null

/** The device's storage; where the browser denies it, the page's own memory. */
export const deviceStorage: Store = allowed() ?? pageMemory()

type Json = Record<string, unknown>

const isObject = (value: unknown): value is Json => typeof value === 'object' && value !== null && !Array.isArray(value)

/** The merge patch that takes another one back: all it changes as it stands now, and nothing else. */
export function wayBack(doc: Json, patch: Json): Json {
  return Object.fromEntries(
    Object.entries(patch).map(([key, value]) => {
      const now = doc[key]
      return [key, isObject(value) && isObject(now) ? wayBack(now, value) : (now ?? null)]
    }),
  )
}

import { z } from './sentences'
import { bare } from './bare'

/**
 * Paths of the keys in a merge patch that the document has no place for. Parsing what was merged would not find those
 * that are to be taken away.
 */
export function unknownKeys(schema: z.core.$ZodType, patch: unknown, path: readonly string[] = []): string[][] {
  if (patch === null || typeof patch !== 'object' || Array.isArray(patch)) return []
  const here = bare(schema)
  return Object.entries(patch).flatMap(([key, value]) => {
    const at = [...path, key]
    if (here instanceof z.ZodRecord) return unknownKeys(here.def.valueType, value, at)
    if (!(here instanceof z.ZodObject)) return []
    const field = Object.hasOwn(here.shape, key) ? (here.shape[key] as z.core.$ZodType) : undefined
    return field ? unknownKeys(field, value, at) : [at]
  })
}

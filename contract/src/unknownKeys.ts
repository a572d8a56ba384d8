import { z } from './sentences'
import { bare } from './bare'

type Path = readonly string[]

/**
 * Paths of the keys in a merge patch that the document has no place for, no more than `most` of them. Parsing what was
 * merged would not find those that are to be taken away.
 */
export function unknownKeys(schema: z.core.$ZodType, patch: unknown, most = 20): Path[] {
  const found: Path[] = []
  collect(schema, patch, [], { found, most })
  return found
}

function collect(schema: z.core.$ZodType, patch: unknown, path: Path, so: { found: Path[]; most: number }): void {
  if (patch === null || typeof patch !== 'object' || Array.isArray(patch)) return
  const here = bare(schema)
  const isRecord = here instanceof z.ZodRecord
  if (!isRecord && !(here instanceof z.ZodObject)) return
  for (const [key, value] of Object.entries(patch)) {
    if (so.found.length === so.most) return
    const field = isRecord ? here.def.valueType : Object.hasOwn(here.shape, key) ? here.shape[key] : undefined
    if (field) collect(field as z.core.$ZodType, value, [...path, key], so)
    else so.found.push([...path, key])
  }
}

import { z } from './sentences'
import { bare } from './bare'

const isPlain = (value: unknown): value is Record<string, unknown> =>
  value !== null && typeof value === 'object' && !Array.isArray(value)

/**
 * A document with its schema's defaults where it lacks a key, at whatever depth: a merge patch takes one away by null,
 * and an older version did not know it. The document itself is not changed.
 *
 * @example fillIn(Piece, { …, finish: { minutes: '9' } }).finish.verdict // null
 */
export function fillIn<Doc>(schema: z.ZodType<Doc>, doc: object): Doc {
  return filled(schema, doc) as Doc
}

function filled(schema: z.core.$ZodType, doc: object): object {
  const here = bare(schema)
  if (here instanceof z.ZodRecord) {
    const inner = Object.entries(doc).map(([id, one]) => [id, isPlain(one) ? filled(here.def.valueType, one) : one])
    return Object.fromEntries(inner)
  }
  if (!(here instanceof z.ZodObject)) return doc
  const whole: Record<string, unknown> = { ...doc }
  for (const [key, field] of Object.entries(here.shape as Record<string, z.core.$ZodType>)) {
    const value = whole[key]
    if (value === undefined) {
      const usual = defaultOf(field)
      if (usual !== undefined) whole[key] = usual
    } else if (isPlain(value)) whole[key] = filled(field, value)
  }
  return whole
}

/** What a key is when nothing is said of it, made anew; undefined where it has to be said. */
function defaultOf(field: z.core.$ZodType): unknown {
  if (field instanceof z.ZodDefault || field instanceof z.ZodPrefault) return (field as z.ZodType).parse(undefined)
  if (!(field instanceof z.ZodObject)) return undefined
  const inner = filled(field, {})
  return Object.keys(inner).length > 0 ? inner : undefined
}

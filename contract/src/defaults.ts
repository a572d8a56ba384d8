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
    else if (Array.isArray(value)) whole[key] = filledList(field, value)
  }
  return whole
}

/** A list whose documents may lack a key, as decisions of an older version do. */
function filledList(schema: z.core.$ZodType, list: unknown[]): unknown[] {
  const here = bare(schema)
  const inner = here instanceof z.ZodArray ? bare(here.def.element) : null
  if (!(inner instanceof z.ZodObject) || !knowsDefaults(inner)) return list
  return list.map((one) => (isPlain(one) ? filled(inner, one) : one))
}

const known = new WeakMap<z.core.$ZodType, boolean>()

/** Whether some key in it has a default: long lists of points and marks have none, and are left alone. */
function knowsDefaults(schema: z.core.$ZodType): boolean {
  const found = known.get(schema)
  if (found !== undefined) return found
  known.set(schema, false)
  const here = bare(schema)
  const inner =
    here instanceof z.ZodObject
      ? Object.values(here.shape as Record<string, z.core.$ZodType>)
      : here instanceof z.ZodArray
        ? [here.def.element]
        : []
  const knows = inner.some((field) => defaultOf(field) !== undefined || knowsDefaults(field))
  known.set(schema, knows)
  return knows
}

/** What a key is when nothing is said of it, made again; undefined where it has to be said. */
function defaultOf(field: z.core.$ZodType): unknown {
  if (field instanceof z.ZodDefault || field instanceof z.ZodPrefault) return (field as z.ZodType).parse(undefined)
  if (!(field instanceof z.ZodObject)) return undefined
  const inner = filled(field, {})
  return Object.keys(inner).length > 0 ? inner : undefined
}

import { unknownKeys } from '@thimble/contract'
import { CoreError } from '@thimble/core/errors'
import { apply } from 'json-merge-patch'
import type { ZodType } from 'zod'
import { UnknownKeys } from './notKept'

const UNSAFE = new Set(['__proto__', 'prototype', 'constructor'])

/**
 * The document with a JSON merge patch (RFC 7396) applied to it; it is changed itself.
 * @throws UnknownKeys for keys that the document has no place for, CoreError('bad-patch') for one that would reach into
 *   the language instead of the document
 */
export function mergeInto(schema: ZodType, doc: object, patch: object): object {
  refuseUnsafe(patch, '')
  const unknown = unknownKeys(schema, patch)
  if (unknown.length > 0) throw new UnknownKeys(unknown)
  return apply(doc, patch) as object
}

function refuseUnsafe(value: unknown, path: string): void {
  if (value === null || typeof value !== 'object') return
  for (const key of Object.keys(value)) {
    const here = path ? `${path}.${key}` : key
    if (UNSAFE.has(key)) throw new CoreError('bad-patch', `“${key}” cannot be a field’s name.`, here)
    refuseUnsafe((value as Record<string, unknown>)[key], here)
  }
}

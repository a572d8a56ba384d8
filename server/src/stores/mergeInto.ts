import { CoreError } from '@thimble/core'
import { apply } from 'json-merge-patch'

const UNSAFE = new Set(['__proto__', 'prototype', 'constructor'])

/**
 * A copy of the document with a JSON merge patch (RFC 7396) applied.
 * @throws CoreError('bad-patch') for a key that would reach into the language instead of the document
 */
export function mergeInto<Doc extends object>(doc: Doc, patch: object): object {
  refuseUnsafe(patch, '')
  return apply(structuredClone(doc), patch) as object
}

function refuseUnsafe(value: unknown, path: string): void {
  if (value === null || typeof value !== 'object') return
  for (const key of Object.keys(value)) {
    const here = path ? `${path}.${key}` : key
    if (UNSAFE.has(key)) throw new CoreError('bad-patch', `“${key}” cannot be a field’s name.`, here)
    refuseUnsafe((value as Record<string, unknown>)[key], here)
  }
}

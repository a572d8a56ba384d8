import { shopComputer as t } from '@thimble/language/en/shopComputer'
import { unknownKeys } from '@thimble/contract'
import { CoreError } from '@thimble/core/errors'
import { apply } from 'json-merge-patch'
import type { ZodType } from 'zod'
import { UnknownKeys } from './notFound'

const UNSAFE = new Set(['__proto__', 'prototype', 'constructor'])

/**
 * The document with a JSON merge patch (RFC 7396) applied to it; what is given is not changed.
 * @throws UnknownKeys for keys that the document has no place for, CoreError('bad-patch') for one that would reach into
 *   the language instead of the document
 */
export function mergeInto(schema: ZodType, doc: object, patch: object): object {
  refuseUnsafe(patch, '')
  const unknown = unknownKeys(schema, patch)
  if (unknown.length > 0) throw new UnknownKeys(unknown)
  return apply(copyAlong(doc, patch), patch) as object
}

/** A copy of what the patch reaches into; the rest is shared, as the patch changes nothing there. */
function copyAlong(doc: object, patch: object): object {
  const copy: Record<string, unknown> = { ...doc }
  for (const [key, reached] of Object.entries(patch)) {
    const value = Object.hasOwn(copy, key) ? copy[key] : undefined
    if (isPlain(reached) && isPlain(value)) copy[key] = copyAlong(value, reached)
  }
  return copy
}

const isPlain = (value: unknown): value is object =>
  value !== null && typeof value === 'object' && !Array.isArray(value)

function refuseUnsafe(value: unknown, path: string): void {
  if (value === null || typeof value !== 'object') return
  for (const key of Object.keys(value)) {
    const here = path ? `${path}.${key}` : key
    if (UNSAFE.has(key)) throw new CoreError('bad-patch', t('cant-be-a-fields-name', { key }), here)
    refuseUnsafe((value as Record<string, unknown>)[key], here)
  }
}

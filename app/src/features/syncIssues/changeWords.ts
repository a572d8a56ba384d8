import { device as t } from '@thimble/language/en/device'
import type { Change, RefusedChange } from '@/state/change'
import { collectionWords, oneOf } from '@/words/collectionWords'

const MOST_LINES = 6

const deeds = {
  delete: t('to-be-removed'),
  restore: t('to-be-brought-back'),
  packed: t('its-stitches-and-outlines'),
  photo: t('a-photo'),
}

/** Where what was changed can be opened and mended. */
export function pathOf(change: Change): string {
  if (change.kind === 'shop') return '/settings'
  if (change.kind === 'photo') return change.resource === 'pieces' ? '/' : '/stash'
  if (change.resource === 'runEvents' && change.kind === 'put') return `/piece/${change.body.piece}`
  return collectionWords[change.resource].page(change.id)
}

/** What it is about when its name is not known here. */
export const nounOf = (change: Change): string => (change.kind === 'shop' ? t('the-settings') : oneOf(change.resource))

/** What was to change, a line a field as it was typed; of a long one the first few. */
export function linesOf({ change }: RefusedChange): string[] {
  if (!('body' in change)) return [deeds[change.kind]]
  if (change.kind === 'put') return [t('newly-made')]
  const lines = leavesOf(change.body, [])
  return lines.length > MOST_LINES
    ? [...lines.slice(0, MOST_LINES), t('and-more', { lines: lines.length - MOST_LINES })]
    : lines
}

function leavesOf(value: unknown, path: readonly string[]): string[] {
  if (typeof value === 'object' && value !== null && 'text' in value && typeof value.text === 'string')
    return [`${wordsOf(path)}: ${value.text}`]
  if (typeof value === 'object' && value !== null && !Array.isArray(value))
    return Object.entries(value).flatMap(([key, inner]) => leavesOf(inner, [...path, key]))
  return [value === null || Array.isArray(value) ? wordsOf(path) : `${wordsOf(path)}: ${String(value)}`]
}

/** The last of a path in words: “chestWidth” is “chest width”. */
const wordsOf = (path: readonly string[]): string =>
  (path.at(-1) ?? '').replace(/([a-z])([A-Z])/g, (_, a: string, b: string) => `${a} ${b.toLowerCase()}`)

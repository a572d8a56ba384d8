import type { CollectionName } from '@thimble/contract'
import type { Change, RefusedChange } from '@/state/change'

const MOST_LINES = 6

const paths: Record<Exclude<CollectionName, 'movements' | 'corrections'>, string> = {
  machines: '/stash/machine',
  hoops: '/stash/hoop',
  supplies: '/stash/supply',
  swatches: '/stash/swatch',
  threads: '/stash/thread',
  needles: '/stash/needle',
  bobbins: '/stash/bobbin',
  adhesives: '/stash/adhesive',
  designs: '/designs',
  items: '/items',
  orders: '/runs/order',
  pieces: '/piece',
  runEvents: '/piece',
}
export const nouns: Record<CollectionName, string> = {
  machines: 'A machine',
  hoops: 'A hoop',
  supplies: 'A backing or topping',
  swatches: 'A swatch',
  threads: 'A thread',
  needles: 'A needle',
  bobbins: 'A bobbin',
  adhesives: 'An adhesive',
  movements: 'A movement of stock',
  designs: 'A design',
  items: 'An item',
  corrections: 'What is added to moves',
  orders: 'An order',
  pieces: 'A piece',
  runEvents: 'Something noted at the machine',
}

const deeds = {
  delete: 'To be removed',
  restore: 'To be brought back',
  packed: 'Its stitches and outlines',
  photo: 'A photo',
}

/** Where what was changed can be opened and mended. */
export function pathOf(change: Change): string {
  if (change.kind === 'shop') return '/settings'
  if (change.kind === 'photo') return change.resource === 'pieces' ? '/' : '/stash'
  // A movement has no page of its own: it is seen at what it moved.
  if (change.resource === 'runEvents') return change.kind === 'put' ? `/piece/${change.body.piece}` : '/'
  if (change.resource === 'corrections') return '/log/works'
  return change.resource === 'movements' ? '/stash' : `${paths[change.resource]}/${change.id}`
}

/** What it is about when its name is not known here. */
export const nounOf = (change: Change): string => (change.kind === 'shop' ? 'The settings' : nouns[change.resource])

/** What was to change, a line a field as it was typed; of a long one the first few. */
export function linesOf({ change }: RefusedChange): string[] {
  if (!('body' in change)) return [deeds[change.kind]]
  if (change.kind === 'put') return ['Newly made']
  const lines = leavesOf(change.body, [])
  return lines.length > MOST_LINES ? [...lines.slice(0, MOST_LINES), `and ${lines.length - MOST_LINES} more`] : lines
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

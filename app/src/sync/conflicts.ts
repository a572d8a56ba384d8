import type { ChangedThing } from '@thimble/contract/answers'
import { keyOf } from '../state/changeKeys'
import type { Change } from '../state/change'

/** What was written from here in a document, by the path of the field: its value, and the revision that came of it. */
export type LocalWrites = Record<string, { value: unknown; revision: number }>

/** As many fields of a document are remembered, the last written. */
const MOST = 100

/** The fields a change sets, by path; a typed length is one, and so is a list. */
export function fieldsOf(body: unknown, path = ''): [path: string, value: unknown][] {
  const isField = body === null || typeof body !== 'object' || Array.isArray(body) || 'text' in body
  if (isField && path !== '') return [[path, body]]
  return Object.entries(body as object).flatMap(([key, inner]) => fieldsOf(inner, path ? `${path}/${key}` : key))
}

/** What was written from here, with what a change that came to `revision` has set. */
export function withLocalWrites(localWrites: LocalWrites, change: Change, revision: number): LocalWrites {
  if (change.kind !== 'patch') return localWrites
  const fields = fieldsOf(change.body).map(([path, value]) => [path, { value, revision }] as const)
  const others = Object.entries(localWrites).filter(([path]) => !fields.some(([own]) => own === path))
  return Object.fromEntries([...others, ...fields].slice(-MOST))
}

/** `by`: whether another device wrote over it, or a file that was taken in. */
type Conflict = { path: string; value: unknown; now: unknown; by: 'device' | 'file' }
/** What a file had seen of what is here. */
const NOTHING_SEEN = 0
const byFile = ([seen]: readonly (number | undefined)[]): boolean => seen === NOTHING_SEEN

/**
 * Of what was written from here: what has since been overwritten by someone who had not seen it, and what of it still
 * stands. Who had seen it has changed it on purpose.
 */
export function conflictsIn(
  localWrites: LocalWrites,
  { collection, id, doc, concurrentWrites }: ChangedThing,
  waiting: readonly Change[],
): { lost: Conflict[]; localWrites: LocalWrites } {
  const key = `${collection}/${id}`
  const own = waiting.filter((change) => change.kind === 'patch' && keyOf(change) === key)
  const pending = new Set(
    own.flatMap((change) => ('body' in change ? fieldsOf(change.body).map(([path]) => path) : [])),
  )
  const lost: Conflict[] = []
  const standing: [string, LocalWrites[string]][] = []
  for (const [path, written] of Object.entries(localWrites)) {
    const now = valueAt(doc, path)
    const over =
      concurrentWrites?.filter(([seen, became]) => seen! < written.revision && written.revision < became!) ?? []
    if (pending.has(path) || holds(now, written.value)) standing.push([path, written])
    else if (over.length > 0) lost.push({ path, value: written.value, now, by: over.some(byFile) ? 'file' : 'device' })
  }
  return { lost, localWrites: Object.fromEntries(standing) }
}

/** The change that would set one field again. */
export const bodyOf = (path: string, value: unknown): object =>
  path.split('/').reduceRight<unknown>((inner, key) => ({ [key]: inner }), value) as object

function valueAt(doc: unknown, path: string): unknown {
  return path
    .split('/')
    .reduce<unknown>((inner, key) => (inner && typeof inner === 'object' ? (inner as never)[key] : undefined), doc)
}

/**
 * Whether a field says what was written, as the server keeps it: with its keys in another order, what was left out filled
 * in, and texts trimmed. Null took the field away, so that it is as if it had never been set.
 */
function holds(now: unknown, written: unknown): boolean {
  if (written === null) return true
  if (Array.isArray(written))
    return Array.isArray(now) && now.length === written.length && written.every((one, i) => sameIn(now[i], one))
  if (typeof written === 'object' && now && typeof now === 'object')
    return Object.entries(written).every(([key, value]) => holds((now as Record<string, unknown>)[key], value))
  if (typeof written === 'string' && typeof now === 'string') return now.trim() === written.trim()
  return now === written
}

/** Within a list, which is written whole, nothing stands for nothing. */
function sameIn(now: unknown, written: unknown): boolean {
  if (written === null || written === undefined) return now === null || now === undefined
  if (typeof written !== 'object' || Array.isArray(written)) return holds(now, written)
  if (!now || typeof now !== 'object') return false
  return Object.entries(written).every(([key, value]) => sameIn((now as Record<string, unknown>)[key], value))
}

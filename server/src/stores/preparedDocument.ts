import type { Collection, Document } from '@thimble/contract'

type ColumnValue = string | number | null

/** A new document ready to be written: its text without its revision, and what stands beside it in its row. */
export type PreparedDocument = {
  id: string
  name: string
  createdAt: string
  updatedAt: string
  /** What it is looked up by, in the registry's order. */
  lookUps: ColumnValue[]
  text: string
}

/** @param text the document as JSON without its revision, where that is known */
export function prepareDocument(one: Collection<Document>, doc: Document, text?: string): PreparedDocument {
  const { id, name, createdAt, updatedAt } = doc
  const lookUps = Object.values(one.lookUps).map(({ of }) => of(doc))
  return { id, name, createdAt, updatedAt, lookUps, text: text ?? textOf(doc) }
}

function textOf({ revision, ...rest }: Document): string {
  return JSON.stringify(rest)
}

/**
 * Whether a document as its schema has it says what was given, in the same order, with nothing filled in, trimmed or left
 * out, whatever its revision: then what was given may be kept as it came. Both are as JSON was parsed.
 */
export function isUnchanged(given: object, checked: object): boolean {
  const own = (doc: object): string[] => Object.keys(doc).filter((key) => key !== 'revision')
  return sameFields(given, checked, own(given), own(checked))
}

function same(given: unknown, checked: unknown): boolean {
  if (given === checked) return true
  if (typeof given !== 'object' || typeof checked !== 'object' || given === null || checked === null) return false
  return sameFields(given, checked, Object.keys(given), Object.keys(checked))
}

function sameFields(given: object, checked: object, keys: readonly string[], names: readonly string[]): boolean {
  if (keys.length !== names.length) return false
  for (let i = 0; i < keys.length; i++) {
    const key = keys[i]!
    if (key !== names[i] || !same((given as Fields)[key], (checked as Fields)[key])) return false
  }
  return true
}
type Fields = Readonly<Record<string, unknown>>

const SIGN = '"revision":'
const MOST_DIGITS = 20

/**
 * The text without its revision, where it is there once: then it is the document's own, as within a string its quotes would
 * have a backslash before them. Null where that cannot be told without parsing it.
 *
 * @example withoutRevision('{"id":"a","revision":7}') is '{"id":"a"}'
 */
export function withoutRevision(text: string): string | null {
  const at = text.indexOf(SIGN)
  if (at < 0 || text.indexOf(SIGN, at + 1) >= 0) return null
  const number = /^\d+(?=[,}])/.exec(text.slice(at + SIGN.length, at + SIGN.length + MOST_DIGITS))?.[0]
  if (number === undefined) return null
  const rest = text.slice(at + SIGN.length + number.length)
  // With the comma after it, or the one before it where it is the last.
  return rest.startsWith(',') ? text.slice(0, at) + rest.slice(1) : text.slice(0, at).replace(/,$/, '') + rest
}

/** The text of a document that is kept, without its revision. */
export const bareText = (text: string): string => withoutRevision(text) ?? textOf(JSON.parse(text) as Document)

/** The text with its revision in it. */
export const withRevision = (text: string, revision: number): string => `${text.slice(0, -1)},"revision":${revision}}`

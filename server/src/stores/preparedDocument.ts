import type { Collection, Document } from '@thimble/contract'

export type ColumnValue = string | number | null

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

export function prepareDocument(one: Collection<Document>, doc: Document): PreparedDocument {
  const { revision, ...rest } = doc
  const { id, name, createdAt, updatedAt } = doc
  const lookUps = Object.values(one.lookUps).map(({ of }) => of(doc))
  return { id, name, createdAt, updatedAt, lookUps, text: JSON.stringify(rest) }
}

/** The text with its revision in it. */
export const withRevision = (text: string, revision: number): string => `${text.slice(0, -1)},"revision":${revision}}`

import type { z } from 'zod'
import type { Instant } from './stored'

/** What every document has. */
export type Document = {
  id: string
  name: string
  createdAt: z.infer<typeof Instant>
  updatedAt: string
  revision: number
}

/** A column beside a document, for look-ups: its type in the table, and how it follows from the document. */
type LookUp<Doc> = { type: 'text' | 'integer' | 'real'; of(doc: Doc): string | number | null }

/**
 * One collection of documents: what it holds, and what it is looked up by. Routes, tables, stores, the shop's file
 * and the app's shelf all follow from the registry of these.
 */
export type Collection<Doc extends Document> = {
  schema: z.ZodType<Doc>
  lookUps: Readonly<Record<string, LookUp<Doc>>>
  /** Columns of the indexes beside the one by name, each list in the order it is looked up in. */
  indexes: readonly (readonly string[])[]
  /** The column that is 1 while a document is of those that devices hold; without one they hold all. */
  heldBy: string | null
  /** Where it lies: devices are not told of what is asked for only where it is looked at. */
  kept: 'on every device' | 'on the server'
}

export const collection = <Doc extends Document>(
  schema: z.ZodType<Doc>,
  {
    lookUps = {},
    indexes = [],
    heldBy = null,
    kept = 'on every device',
  }: Partial<Omit<Collection<Doc>, 'schema'>> = {},
): Collection<Doc> => ({ schema, lookUps, indexes, heldBy, kept })

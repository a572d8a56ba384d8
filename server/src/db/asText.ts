import { sql, type SQL } from 'drizzle-orm'
import type { SQLiteColumn } from 'drizzle-orm/sqlite-core'

/** A JSON column as the text it lies there as, for answers that nobody on this side looks into. */
export const asText = (column: SQLiteColumn): SQL<string> => sql<string>`${column}`

/** Rows of such texts as one JSON list. */
export const listOf = (rows: readonly { text: string }[]): string => `[${rows.map(({ text }) => text).join()}]`

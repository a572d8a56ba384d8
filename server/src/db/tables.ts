import {
  type Collection,
  collections,
  type Document,
  type PackedDesign,
  type Registry,
  type Shop,
} from '@thimble/contract'
import type { LogRow } from '@thimble/contract/log'
import type { Loaded, Memory } from '../devices/sewing/machineMemory'
import { blob, index, integer, primaryKey, real, sqliteTable, text } from 'drizzle-orm/sqlite-core'

/** Columns every document has. `doc` is the whole of it as the contract defines it; the others serve look-ups. */
const common = () => ({
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  doc: text('doc', { mode: 'json' }).$type<Document>().notNull(),
  createdAt: text('created_at').notNull(),
  updatedAt: text('updated_at').notNull(),
  deletedAt: text('deleted_at'),
  /** Rises with every change of the shop; what was removed keeps its row, and tells of it by this. */
  revision: integer('revision').notNull().default(0),
  /** Changes made by someone who had not seen the one before: what they had seen, and what came of it. */
  concurrentWrites: text('blind', { mode: 'json' }).$type<[seen: number, became: number][]>(),
})

const columnOf = {
  text: (name: string) => text(name),
  integer: (name: string) => integer(name),
  real: (name: string) => real(name),
}

/** The table of one collection: the common columns and those it is looked up by, as the registry says. */
function documentTable(name: string, { lookUps, indexes }: Collection<Document>) {
  const own = Object.fromEntries(Object.entries(lookUps).map(([column, { type }]) => [column, columnOf[type](column)]))
  return sqliteTable(name, { ...common(), ...own }, (table) => {
    const byColumn = new Map(Object.values(table).map((column) => [column.name, column]))
    const columns = (names: readonly string[]) => names.map((column) => byColumn.get(column)!)
    return [['deleted_at', 'name'], ['revision'], ...indexes].map((names, i) => {
      const [first, ...rest] = columns(names)
      return index(i === 0 ? `${name}_listed` : `${name}_by_${names.filter((n) => n !== 'deleted_at').join('_')}`).on(
        first!,
        ...rest,
      )
    })
  })
}

export type DocumentTable = ReturnType<typeof documentTable>

/** A table for each collection of a registry. */
export const tablesOf = <R extends Registry>(registry: R) =>
  Object.fromEntries(Object.entries(registry).map(([name, one]) => [name, documentTable(name, one)])) as {
    [Name in keyof R]: DocumentTable
  }

/** The tables of what every shop keeps. */
export const documentTables = tablesOf(collections)

export const shops = sqliteTable('shop', {
  id: integer('id').primaryKey(),
  doc: text('doc', { mode: 'json' }).$type<Shop>().notNull(),
  revision: integer('revision').notNull().default(0),
})

/**
 * Every start of the program on this file: its id, and the revision it began at. A file that was copied or put back
 * lacks the starts that others have seen, and so is told from the one they knew.
 */
export const starts = sqliteTable('starts', {
  id: text('id').primaryKey(),
  began: integer('began').notNull(),
})

/** Designs as they were read, apart from their cards: a shelf is listed without them. */
export const packedDesigns = sqliteTable('packed_designs', {
  designId: text('design_id')
    .primaryKey()
    .references(() => documentTables.designs.id, { onDelete: 'cascade' }),
  doc: text('doc', { mode: 'json' }).$type<PackedDesign>().notNull(),
})

/**
 * The log: each row whole, written in the transaction of the piece it follows from. `n` is its number in `log_words`, the
 * full-text index beside it, which only SQL knows of.
 */
export const logRows = sqliteTable(
  'log',
  {
    n: integer('n').primaryKey(),
    pieceId: text('piece_id')
      .notNull()
      .unique()
      .references(() => documentTables.pieces.id, { onDelete: 'cascade' }),
    doc: text('doc', { mode: 'json' }).$type<LogRow>().notNull(),
    finishedAt: text('finished_at').notNull(),
  },
  (t) => [index('log_by_date').on(t.finishedAt)],
)

/** Photos of records and swatches, small JPEGs; documents name them by their ids. */
export const photos = sqliteTable('photos', {
  id: text('id').primaryKey(),
  jpeg: blob('jpeg', { mode: 'buffer' }).notNull(),
})

/** Where phones that were let in were kept until they got files of their own (`phones/phoneFiles`); empty since. */
export const phones = sqliteTable('phones', {
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  keyHash: text('key_hash').notNull().unique(),
  pairedAt: text('paired_at').notNull(),
  lastSeenAt: text('last_seen_at').notNull(),
})

/** Whether phones may come in from the network: one row, once it was said. */
export const phoneAccess = sqliteTable('door', {
  id: integer('id').primaryKey(),
  open: integer('open', { mode: 'boolean' }).notNull(),
})

/** What the stand-ins for machines remember without power: how each stands, and what it was given to sew. */
export const sewingMachines = sqliteTable('sewing_machines', {
  id: text('id').primaryKey(),
  memory: text('memory', { mode: 'json' }).$type<Memory>().notNull(),
  loaded: text('loaded', { mode: 'json' }).$type<Loaded>().notNull(),
})

/** Documents that cannot be read, with why; kept so that nothing is lost. */
export const setAside = sqliteTable(
  'set_aside',
  {
    collection: text('collection').notNull(),
    id: text('id').notNull(),
    doc: text('doc').notNull(),
    reason: text('reason').notNull(),
  },
  (t) => [primaryKey({ columns: [t.collection, t.id] })],
)

import type { Design, Drawing, Hoop, LogRow, Piece, SavedItem, Shop, Supply, Thread } from '@thimble/contract'
import { index, integer, primaryKey, real, sqliteTable, text } from 'drizzle-orm/sqlite-core'

/** Columns every kept thing has. `doc` is the whole of it as the contract defines it; the others serve look-ups. */
const kept = <Doc>() => ({
  id: text('id').primaryKey(),
  name: text('name').notNull(),
  doc: text('doc', { mode: 'json' }).$type<Doc>().notNull(),
  createdAt: text('created_at').notNull(),
  updatedAt: text('updated_at').notNull(),
  deletedAt: text('deleted_at'),
})

export const shops = sqliteTable('shop', {
  id: integer('id').primaryKey(),
  doc: text('doc', { mode: 'json' }).$type<Shop>().notNull(),
})

export const hoops = sqliteTable('hoops', kept<Hoop>(), (t) => [index('hoops_listed').on(t.deletedAt, t.name)])
export const supplies = sqliteTable('supplies', kept<Supply>(), (t) => [
  index('supplies_listed').on(t.deletedAt, t.name),
])
export const designs = sqliteTable('designs', kept<Design>(), (t) => [index('designs_listed').on(t.deletedAt, t.name)])

export const threads = sqliteTable('threads', kept<Thread>(), (t) => [index('threads_listed').on(t.deletedAt, t.name)])

/** Drawings of designs, apart from them: a shelf is listed without them. */
export const drawings = sqliteTable('drawings', {
  designId: text('design_id')
    .primaryKey()
    .references(() => designs.id, { onDelete: 'cascade' }),
  doc: text('doc', { mode: 'json' }).$type<Drawing>().notNull(),
})

export const items = sqliteTable('items', kept<SavedItem>(), (t) => [index('items_listed').on(t.deletedAt, t.name)])

export const pieces = sqliteTable(
  'pieces',
  { ...kept<Piece>(), due: text('due'), dueOrLast: text('due_or_last').notNull(), finishedAt: text('finished_at') },
  (t) => [index('pieces_bench').on(t.deletedAt, t.finishedAt, t.dueOrLast, t.createdAt)],
)

/** What the log filters by, written in the same transaction as the piece it is drawn from. */
export const logRows = sqliteTable(
  'log_rows',
  {
    pieceId: text('piece_id')
      .primaryKey()
      .references(() => pieces.id, { onDelete: 'cascade' }),
    finishedAt: text('finished_at').notNull(),
    cloth: text('cloth').notNull(),
    stack: text('stack').notNull(),
    holding: text('holding').$type<LogRow['holding']>(),
    verdict: text('verdict').$type<LogRow['verdict']>(),
    dx: real('dx'),
    dy: real('dy'),
  },
  (t) => [
    index('log_newest').on(t.finishedAt),
    index('log_cloth').on(t.cloth, t.finishedAt),
    index('log_holding').on(t.holding, t.finishedAt),
  ],
)

export const logFaults = sqliteTable(
  'log_faults',
  {
    pieceId: text('piece_id')
      .notNull()
      .references(() => pieces.id, { onDelete: 'cascade' }),
    fault: text('fault').$type<LogRow['faults'][number]>().notNull(),
    howBad: integer('how_bad').notNull(),
  },
  (t) => [primaryKey({ columns: [t.pieceId, t.fault] }), index('log_faults_by_fault').on(t.fault)],
)

import { SHOP_FILE_VERSION, SHOP_FORMAT } from '@thimble/contract/answers'
import { asc, and, eq, gt, isNull, sql } from 'drizzle-orm'
import { setImmediate } from 'node:timers/promises'
import { asText } from '../db/asText'
import type { Db } from '../db/database'
import { type DocumentTable, documentTables, packedDesigns, photos, tablesOf } from '../db/tables'
import { bareText } from '../stores/preparedDocument'
import type { ShopStore } from '../stores/shopStore'

const PAGE = 100

/**
 * The whole shop as JSON text, a document a line, in parts: read at one moment, never held at once. What cannot be read
 * is left out, so that all of it can come in again.
 */
export async function* writeShopOut(store: ShopStore, db: Db): AsyncGenerator<string> {
  const { revision, ...shop } = await store.shop()
  yield `${JSON.stringify({ format: SHOP_FORMAT, version: SHOP_FILE_VERSION, shop }).slice(0, -1)}\n`
  const cards = await cardIds(store, db)
  for (const name of Object.keys(store.documents)) yield* listOf(name, documentTexts(store, db, name))
  yield* listOf(
    'packedDesigns',
    pagesOf(async (after) => {
      const row = await packedAfter(db, after)
      const texts = row && cards.has(row.id) ? [`{"id":${JSON.stringify(row.id)},"packed":${row.text}}`] : []
      return { last: row?.id, texts }
    }),
  )
  yield* listOf(
    'photos',
    pagesOf(async (after) => {
      const row = await photoAfter(db, after)
      const texts = row ? [JSON.stringify({ id: row.id, jpeg: Buffer.from(row.jpeg).toString('base64') })] : []
      return { last: row?.id, texts }
    }),
  )
  yield '}\n'
}

/** All documents of a collection as JSON text, without their revisions: those are this shop's own. */
function documentTexts(store: ShopStore, db: Db, name: string): AsyncGenerator<string> {
  return flat(documentPages(store, db, name))
}

/** The same, a line each, many at a time. */
export async function* documentLines(store: ShopStore, db: Db, name: string): AsyncGenerator<string> {
  for await (const texts of documentPages(store, db, name)) yield texts.map((text) => `${text}\n`).join('')
}

async function* documentPages(store: ShopStore, db: Db, name: string): AsyncGenerator<string[]> {
  const tables: Readonly<Record<string, DocumentTable>> = tablesOf(store.registry)
  for (let after = ''; ; ) {
    const rows = await documentPage(db, tables[name]!, after)
    const sound = await store.documents[name]!.soundOf(rows)
    if (sound.length > 0) yield sound.map(({ text }) => bareText(text))
    // Others are waiting.
    await setImmediate()
    if (rows.length < PAGE) return
    after = rows.at(-1)!.id
  }
}

async function* flat(pages: AsyncIterable<string[]>): AsyncGenerator<string> {
  for await (const texts of pages) yield* texts
}

/** Designs whose cards can be read: what was drawn of others could not come in again. */
export async function cardIds(store: ShopStore, db: Db): Promise<ReadonlySet<string>> {
  const cards = new Set<string>()
  for await (const text of documentTexts(store, db, 'designs')) cards.add((JSON.parse(text) as { id: string }).id)
  return cards
}

type Page = { last: string | undefined; texts: string[] }

async function* pagesOf(page: (after: string) => Promise<Page>): AsyncGenerator<string> {
  for (let after: string | undefined = ''; ; ) {
    const { last, texts }: Page = await page(after)
    yield* texts
    if (last === undefined) return
    after = last
  }
}

async function* listOf(name: string, texts: AsyncIterable<string>): AsyncGenerator<string> {
  yield `,"${name}":[\n`
  let between = ''
  for await (const text of texts) {
    yield `${between}${text}\n`
    between = ','
  }
  yield ']\n'
}

const documentPage = (db: Db, table: DocumentTable, after: string) =>
  db
    .select({ id: table.id, revision: table.revision, text: asText(table.doc) })
    .from(table)
    // With the plus no index is taken for it: by that of removals every page would sort the whole table.
    .where(and(gt(table.id, after), sql`+${table.deletedAt} IS NULL`))
    .orderBy(asc(table.id))
    .limit(PAGE)

/** One at a time, as a design may be large. */
async function packedAfter(db: Db, after: string) {
  const { designs } = documentTables
  const [row] = await db
    .select({ id: packedDesigns.designId, text: sql<string>`${packedDesigns.doc}` })
    .from(packedDesigns)
    .innerJoin(designs, eq(designs.id, packedDesigns.designId))
    .where(and(gt(packedDesigns.designId, after), isNull(designs.deletedAt), sql`json_valid(${packedDesigns.doc})`))
    .orderBy(asc(packedDesigns.designId))
    .limit(1)
  return row
}

/** One at a time, as all of them together are large. */
async function photoAfter(db: Db, after: string) {
  const [row] = await db.select().from(photos).where(gt(photos.id, after)).orderBy(asc(photos.id)).limit(1)
  return row
}

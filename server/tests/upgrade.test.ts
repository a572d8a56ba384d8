import { createClient } from '@libsql/client'
import type { Piece, StageId } from '@thimble/contract'
import type { ShopFile } from '@thimble/contract/answers'
import type { LogRow } from '@thimble/contract/log'
import { layerNames, writeMessage } from '@thimble/language'
import { copyFileSync, existsSync, mkdtempSync, readFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { api, type Database, openDatabase, ShopStore } from '../src'

/** The demo shop, with odd pieces added, as it was kept before pieces had stages; and its log of that day. */
const fixture = path.join(__dirname, 'fixtures/shop-before-stages.db')
const logBefore = JSON.parse(readFileSync(path.join(__dirname, 'fixtures/log-before-stages.json'), 'utf8'))
const migrations = path.join(__dirname, '../drizzle')
const fresh = (): string => mkdtempSync(path.join(os.tmpdir(), 'thimble-'))

type Row = { id: string; doc: any; deletedAt: string | null }
const folder = fresh()
const before: Record<string, Row[]> = {}
let database: Database
let after: ShopFile
let app: ReturnType<typeof api>

const rowsOf = async (file: string, table: string, key = 'id'): Promise<Row[]> => {
  const client = createClient({ url: `file:${file}` })
  const { rows } = await client.execute(`SELECT * FROM ${table} ORDER BY ${key}`)
  client.close()
  return rows.map((row) => ({
    id: String(row[key]),
    doc: JSON.parse(String(row.doc)),
    deletedAt: row.deleted_at as string | null,
  }))
}
const json = async (where: string, init?: RequestInit) => (await app.request(where, init)).json() as Promise<any>
const byId = (docs: { id: string }[]): object[] => [...docs].sort((a, b) => (a.id < b.id ? -1 : 1))

beforeAll(async () => {
  for (const table of ['hoops', 'supplies', 'threads', 'items', 'designs', 'pieces'])
    before[table] = await rowsOf(fixture, table)
  before.drawings = await rowsOf(fixture, 'drawings', 'design_id')
  copyFileSync(fixture, path.join(folder, 'shop.db'))
  database = await openDatabase(folder, migrations)
  app = api(new ShopStore(database, () => ''))
  after = await json('/export')
})
afterAll(() => database.close())

const stages: Record<string, StageId> = {
  measuredAt: 'measure',
  builtAt: 'build',
  hoopedAt: 'hoop',
  stitchedAt: 'stitch',
  finishedAt: 'finish',
}
type Chosen = NonNullable<Piece['build']['stack']>
const listed = <T extends { order?: number }>(things: Record<string, T>) =>
  Object.entries(things)
    .sort(([, a], [, b]) => (a.order ?? 0) - (b.order ?? 0))
    .map(([id, { order, ...thing }]) => ({ id, ...thing }))

/** A stack as it was written before: needle and bobbin as the words on the screen. */
const stackBefore = (stack: Chosen | null) =>
  stack && {
    ...{ recipe: stack.recipe, holding: stack.holding, speedSpm: stack.speedSpm },
    layers: listed(stack.layers).map(({ id, crossed, own, piece, ...layer }) => ({
      ...layer,
      ...(crossed ? { crossed } : {}),
      ...(own ? { own } : {}),
      ...(piece ? { piece } : {}),
    })),
    needle: stack.needle
      ? `${stack.needle.size} ${stack.needle.point.replace('-', ' ')}${stack.needle.coated ? ', coated' : ''}`
      : '',
    bobbin: stack.bobbin ? `${stack.bobbin.weight} wt ${stack.bobbin.colour.replace(/^match$/, 'matched')}` : '',
  }

/** A piece as it was written before, put together from where its parts lie now. */
/** Where on the design a fault is was not told then. */
const faultsBefore = (faults: object): Record<string, object> =>
  Object.fromEntries(Object.entries(faults).map(([id, { at: _, ...fault }]) => [id, fault as object]))

function pieceBefore({ item, order, measure, build, hoop, stitch, finish, ...top }: Omit<Piece, 'revision'>) {
  const { kept: k1, reopened: r1, declined: d1, zones, carried: taken, ownChange, markedSaid, spots, ...tape } = measure
  const { shape, stitches, ...ownDesign } = tape.ownDesign
  const { told, swatch, tested, ...cloth } = build.cloth
  const { toy, noCover, ...use } = build.use
  const carried = taken && { from: taken.from, measures: taken.measures, distances: taken.distances }
  const { steps, low, side, faults, verdict, minutes, note, nextTime } = finish
  const when = Object.entries(stages).map(([key, stage]) => {
    const pieces = { measure, build, hoop, stitch, finish }
    return [key, pieces[stage].kept[0]?.at ?? null]
  })
  return {
    ...top,
    ...{ itemKind: item.kind, size: item.size, itemId: item.shared, customItem: item.own },
    ...tape,
    ...{ zones: listed(zones), carried, ownDesign },
    ...{ cloth, use, thread: build.thread, stack: stackBefore(build.stack) },
    ...{ hoopId: hoop.hoopId, holding: hoop.holding, checks: stitch.checks, finishing: steps },
    record: { low, side, faults: listed(faultsBefore(faults)), verdict, minutes, note, nextTime },
    ...Object.fromEntries(when),
  }
}

describe('the shop of before', () => {
  it('comes over with everything in the stash, and its settings, as they were', async () => {
    for (const table of ['hoops', 'supplies', 'threads', 'items'] as const)
      expect(byId(after[table])).toEqual(before[table]!.map((row) => row.doc))
    expect(after.shop.name).toBe('Marram & Tide')
  })

  it('comes over with its designs, their advice as data', () => {
    const bare = (summary: any) => summary && { ...summary, warnings: summary.warnings.length }
    const told = ({ shape, parts, ofOrder, apart, roles, smallLetterColours, ...design }: any) => ({
      ...design,
      summary: bare(design.summary),
    })
    expect(byId(after.designs).map(told)).toEqual(before.designs!.map((row) => told(row.doc)))
    expect(byId(after.packedDesigns).map((d: any) => bare(d.packed))).toEqual(
      before.drawings!.map((row) => bare(row.doc)),
    )
  })

  it('comes over with everything that was put in or done of each piece, removed ones too', async () => {
    const pieces = await rowsOf(path.join(folder, 'shop.db'), 'pieces')
    expect(pieces.map((row) => [row.id, row.deletedAt])).toEqual(before.pieces!.map((row) => [row.id, row.deletedAt]))
    for (const [i, { doc }] of before.pieces!.entries()) {
      const { hoopTurn, holdingWhy, record, ...old } = doc
      const { hoopName, stack, ...recorded } = record
      const { revision, ...now }: Piece = pieces[i]!.doc
      expect(pieceBefore(now)).toEqual({ ...old, record: recorded })
      if (stack) expect(stackBefore(now.finish.stack ?? now.build.stack)).toEqual(stack)
      expect(now.finish.kept[0]?.hoop?.name ?? '').toBe(doc.finishedAt ? hoopName : '')
    }
  })

  it('decides its marks where they were, to the number that was shown', () => {
    const marks = (id: string): string => {
      const [kept] = after.pieces.find((piece) => piece.id === id)!.measure.kept
      return kept ? writeMessage(kept.placed, { unit: 'mm' }) : 'not decided'
    }
    expect(marks('piece-polo-3')).toBe('Cross 190 mm below the shoulder point, 90 mm from centre')
  })

  it('has the log it had, row for row', async () => {
    const rows: LogRow[] = await json('/log?limit=200')
    const worded = rows.map(({ layers, ...row }) => ({
      ...row,
      faults: row.faults.sort(),
      stack: layers === null ? '' : layers.map((kind) => layerNames[kind]).join(' + ') || 'No backing',
    }))
    expect(worded).toMatchObject(logBefore)
  })

  it('sets nothing aside, keeps a copy of itself as it was, and is not brought over twice', async () => {
    expect(await rowsOf(path.join(folder, 'shop.db'), 'set_aside')).toEqual([])
    const copy = path.join(folder, 'shop-before-version-3.db')
    expect((await rowsOf(copy, 'pieces')).map((row) => row.doc)).toEqual(before.pieces!.map((row) => row.doc))
    await database.close()
    database = await openDatabase(folder, migrations)
    const store = new ShopStore(database, () => '')
    const [first] = after.pieces
    expect(await store.documents.pieces!.get(first!.id)).toMatchObject(first!)
  })
})

it('comes in as a shop file of the first version just the same', async () => {
  const other = await openDatabase(fresh(), migrations)
  const door = api(new ShopStore(other, () => ''))
  const docs = (table: string) => before[table]!.flatMap((row) => (row.deletedAt ? [] : [row.doc]))
  const file = {
    ...{ format: 'zealous-thimble-shop', version: 1, shop: after.shop },
    ...Object.fromEntries(['hoops', 'supplies', 'threads', 'items', 'designs', 'pieces'].map((t) => [t, docs(t)])),
    drawings: before.drawings!.map(({ id, doc }) => ({ id, drawing: doc })),
  }
  const answer = await door.request('/import', {
    method: 'POST',
    body: JSON.stringify(file),
    headers: { 'content-type': 'application/json' },
  })
  expect(await answer.json()).toMatchObject({ pieces: before.pieces!.length - 1, packedDesigns: 7 })
  const out = (await (await door.request('/export')).json()) as ShopFile
  expect(byId(out.pieces)).toEqual(byId(after.pieces))
  await other.close()
})

it('sets a piece aside that has no place any more, with why, and brings the others over', async () => {
  const where = fresh()
  const file = path.join(where, 'shop.db')
  copyFileSync(fixture, file)
  const client = createClient({ url: `file:${file}` })
  await client.execute(`UPDATE pieces SET doc = json_set(doc, '$.itemKind', 'sail') WHERE id = 'piece-polo-3'`)
  client.close()
  const opened = await openDatabase(where, migrations)
  await opened.close()
  const [aside, ...others] = await rowsOf(file, 'set_aside')
  expect([aside!.id, aside!.doc.itemKind, others]).toEqual(['piece-polo-3', 'sail', []])
  expect(await rowsOf(file, 'pieces')).toHaveLength(before.pieces!.length - 1)
  expect(existsSync(path.join(where, 'shop-before-version-3.db.part'))).toBe(false)
})

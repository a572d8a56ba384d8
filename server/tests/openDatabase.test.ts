import { createClient } from '@libsql/client'
import { Hoop, type Piece } from '@thimble/contract'
import { writeMessage } from '@thimble/language'
import { drizzle } from 'drizzle-orm/libsql'
import { migrate } from 'drizzle-orm/libsql/migrator'
import { cpSync, existsSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { openDatabase, ShopStore } from '../src'

const migrations = path.join(__dirname, '../drizzle')
const at = '2026-11-20T08:00:00.000Z'

it('brings over a piece of the very first version, which lacks half of what later ones asked', async () => {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-'))
  // The migrations as the first version had them.
  const first = mkdtempSync(path.join(os.tmpdir(), 'thimble-first-'))
  cpSync(migrations, first, { recursive: true })
  const journal = path.join(first, 'meta/_journal.json')
  const entries = JSON.parse(readFileSync(journal, 'utf8'))
  writeFileSync(journal, JSON.stringify({ ...entries, entries: entries.entries.slice(0, 1) }))
  const client = createClient({ url: `file:${path.join(folder, 'shop.db')}` })
  await migrate(drizzle(client), { migrationsFolder: first })
  const old = {
    ...{ id: 'p', name: 'Crew polo', createdAt: at, updatedAt: at, customer: 'Ferry', run: '', due: null, note: '' },
    ...{ itemKind: 'polo', size: 'm', placement: 'left-chest', distances: {}, designId: null, marked: { dots: true } },
    measures: { chestWidth: { text: '540', unit: 'mm' } },
    ...{ cloth: { family: 'pique', stretch: '8', colour: '#27406b' }, use: {}, thread: {}, stack: null },
    ...{ hoopId: null, hoopTurn: 0, holding: null, holdingWhy: '', checks: { 'check.trace': true }, finishing: {} },
    record: { faults: [], verdict: null, minutes: '', note: '', nextTime: '', stack: null, hoopName: '' },
    ...{ measuredAt: at, builtAt: null, hoopedAt: null, stitchedAt: null, finishedAt: null },
  }
  await client.execute({
    sql: 'INSERT INTO pieces (id, name, doc, created_at, updated_at, due_or_last) VALUES (?, ?, ?, ?, ?, ?)',
    args: [old.id, old.name, JSON.stringify(old), at, at, '9999-12-31'],
  })
  client.close()

  const database = await openDatabase(folder, migrations)
  const piece = (await new ShopStore(database, () => '').documents.pieces!.get('p')) as Piece
  expect([piece.customer, piece.build.cloth.stretch, piece.stitch.checks]).toEqual([
    'Ferry',
    '8',
    { 'check.trace': true },
  ])
  expect(piece.measure).toMatchObject({ measures: old.measures, marked: { dots: true }, zones: {} })
  // A chest of 540 puts the cross 190 below the shoulder point; it was marked done, so that is decided.
  expect(writeMessage(piece.measure.kept[0]!.placed, { unit: 'mm' })).toMatch(/^Cross 190 mm below the shoulder point/)
  await database.close()
})

const field = { shape: 'rect', width: 100, height: 100, cornerRadius: 4 }
const square = Hoop.parse({
  ...{ id: 'square', name: 'Square 100', createdAt: at, updatedAt: at },
  ...{ field, outside: { width: 134, height: 150 } },
})

describe('what was sound as the shop was closed', () => {
  const spoil = async (folder: string): Promise<void> => {
    const client = createClient({ url: `file:${path.join(folder, 'shop.db')}` })
    await client.execute(`UPDATE hoops SET doc = json_set(doc, '$.field.width', 'wide')`)
    client.close()
  }
  const opened = async (folder: string, build = 'build-7') => openDatabase(folder, migrations, { build })
  const closedShop = async (): Promise<string> => {
    const folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-'))
    const database = await opened(folder)
    await new ShopStore(database, () => at).documents.hoops!.create(square)
    await database.close()
    return folder
  }
  const upTo = async (folder: string, build?: string) => {
    const database = await opened(folder, build)
    const { soundness, revisions } = database
    const listed = JSON.parse(
      await new ShopStore(database, () => at).documents.hoops!.listText({ limit: 9, offset: 0 }),
    ) as unknown[]
    await database.close()
    return { trusted: soundness.upTo === revisions.last, listed: listed.length }
  }

  it('is not looked through again by the same program on the same file', async () => {
    const folder = await closedShop()
    expect(await upTo(folder)).toEqual({ trusted: true, listed: 1 })
    expect(await upTo(folder, 'build-8')).toEqual({ trusted: false, listed: 1 })
  })

  it('is looked through where anything wrote to the file, or the program ended without closing it', async () => {
    const folder = await closedShop()
    await spoil(folder)
    expect(await upTo(folder)).toEqual({ trusted: false, listed: 0 })
    const other = await closedShop()
    const open = await opened(other)
    expect(existsSync(path.join(other, 'shop.sound.json'))).toBe(false)
    await open.close()
  })
})

import { createClient } from '@libsql/client'
import { Piece } from '@thimble/contract'
import { cpSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { openDatabase, ShopStore, StartError } from '../src'

it('says in one sentence that a database file is broken, and what to do', async () => {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-'))
  writeFileSync(
    path.join(folder, 'shop.db'),
    'this is no database, but it is long enough to have a header of its own '.repeat(20),
  )
  await expect(openDatabase(folder, path.join(__dirname, '../drizzle'))).rejects.toThrow(StartError)
  await expect(openDatabase(folder, path.join(__dirname, '../drizzle'))).rejects.toThrow(
    /cannot be opened .*restore a backup/,
  )
})

it('gives pieces of the first version what the second asks of them, and leaves all else', async () => {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-'))
  // The migrations as the first version had them.
  const first = mkdtempSync(path.join(os.tmpdir(), 'thimble-first-'))
  cpSync(path.join(__dirname, '../drizzle'), first, { recursive: true })
  const journal = path.join(first, 'meta/_journal.json')
  const entries = JSON.parse(readFileSync(journal, 'utf8'))
  writeFileSync(journal, JSON.stringify({ ...entries, entries: entries.entries.slice(0, 1) }))
  await (await openDatabase(folder, first)).close()

  const demo = JSON.parse(readFileSync(path.join(__dirname, '../../demo/shop.json'), 'utf8'))
  const { itemId, customItem, choices, anchors, zones, row, markWith, carried, ...old } = Piece.parse(demo.pieces[0])
  const client = createClient({ url: `file:${path.join(folder, 'shop.db')}` })
  await client.execute({
    sql: 'INSERT INTO pieces (id, name, doc, created_at, updated_at, due_or_last) VALUES (?, ?, ?, ?, ?, ?)',
    args: [old.id, old.name, JSON.stringify(old), old.createdAt, old.updatedAt, '9999-12-31'],
  })
  client.close()

  const database = await openDatabase(folder, path.join(__dirname, '../drizzle'))
  const kept = await new ShopStore(database, () => '').pieces.get(old.id)
  expect(kept).toEqual({ ...old, itemId, customItem, choices, anchors, zones, row, markWith, carried })
  expect(Piece.safeParse(kept).success).toBe(true)
  await database.close()
})

import { createClient } from '@libsql/client'
import { copyFileSync, mkdtempSync, readdirSync, readFileSync, renameSync, statSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { api, backUp, type Database, openDatabase, ShopStore, StartError } from '../src'
import type { Piece } from '@thimble/contract'
import { crewPolo } from './crewPolo'

const migrations = path.join(__dirname, '../drizzle')
const freshFolder = () => mkdtempSync(path.join(os.tmpdir(), 'thimble-file-'))
const fileIn = (folder: string) => path.join(folder, 'shop.db')

let open: Database | null = null
const opened = async (folder: string, afresh = false): Promise<Database> =>
  (open = await openDatabase(folder, migrations, { afresh }))
const closed = async (): Promise<void> => {
  await open?.close()
  open = null
}
afterEach(closed)

/** A shop with one piece in it, shut again. */
async function shopWithPiece(): Promise<string> {
  const folder = freshFolder()
  await storeOf(await opened(folder)).documents.pieces!.create(crewPolo('a'))
  await closed()
  return folder
}
const storeOf = (database: Database) => new ShopStore(database, () => '2026-11-23T10:00:00.000Z')
const piecesIn = async (database: Database) =>
  JSON.parse(await storeOf(database).documents.pieces!.listText({ limit: 10, offset: 0 })).map((p: Piece) => p.id)

describe('a data folder', () => {
  it('is one program’s at a time: a second is refused before it touches anything, even to begin afresh', async () => {
    const folder = freshFolder()
    const database = await opened(folder)
    await storeOf(database).documents.pieces!.create(crewPolo('a'))
    for (const afresh of [false, true]) {
      const second = openDatabase(folder, migrations, { afresh })
      await expect(second).rejects.toThrow(StartError)
      await expect(second).rejects.toThrow(/is open already: stop the program/)
    }
    expect(await piecesIn(database)).toEqual(['a'])
    await closed()
    expect(await piecesIn(await opened(folder, true))).toEqual([])
  })

  it('can be read by its owner only', async () => {
    const folder = await shopWithPiece()
    const modes = readdirSync(folder).map((name) => statSync(path.join(folder, name)).mode & 0o077)
    expect(modes).toEqual(modes.map(() => 0))
  })
})

describe('the file', () => {
  it('is whole by itself after a stop and at a start, and a backup is while the shop is open', async () => {
    const folder = await shopWithPiece()
    const alone = async (file: string): Promise<string[]> => {
      const elsewhere = freshFolder()
      copyFileSync(file, fileIn(elsewhere))
      const other = await openDatabase(elsewhere, migrations)
      const found = await piecesIn(other)
      await other.close()
      return found
    }
    expect(await alone(fileIn(folder))).toEqual(['a'])

    // As a kill leaves it: what was written last is in the file beside it.
    const killed = freshFolder()
    const writer = createClient({ url: `file:${fileIn(folder)}` })
    await writer.execute('PRAGMA wal_autocheckpoint = 0')
    await writer.execute("UPDATE pieces SET id = 'b', doc = json_set(doc, '$.id', 'b')")
    for (const end of ['', '-wal']) copyFileSync(fileIn(folder) + end, fileIn(killed) + end)
    writer.close()
    const database = await opened(killed)
    expect(await alone(fileIn(killed))).toEqual(['b'])

    await storeOf(database).documents.pieces!.create(crewPolo('c'))
    const copy = path.join(killed, 'backups/monday.db')
    await backUp(killed, copy)
    expect(await alone(copy)).toEqual(['b', 'c'])
    await expect(backUp(killed, copy)).rejects.toThrow(/is there already/)
    await expect(backUp(freshFolder(), copy + '2')).rejects.toThrow(/There’s no shop in/)
  })

  it('taken away or replaced under a running server is said, and nothing is acknowledged', async () => {
    const folder = await shopWithPiece()
    const database = await opened(folder)
    const app = api(storeOf(database))
    const patch = () =>
      app.request('/pieces/a', {
        method: 'PATCH',
        body: '{"note":"lost?"}',
        headers: { 'content-type': 'application/json' },
      })
    expect((await patch()).status).toBe(200)
    copyFileSync(fileIn(folder), fileIn(folder) + '.other')
    renameSync(fileIn(folder) + '.other', fileIn(folder))
    for (const answer of [await patch(), await app.request('/pieces/a')]) {
      expect([answer.status, answer.headers.get('content-type')]).toEqual([503, 'application/problem+json'])
      expect(((await answer.json()) as { detail: string }).detail).toMatch(/moved or replaced.*start it again/)
    }
    // Taken away while a write is on its way: it is not acknowledged either.
    await closed()
    const again = await opened(folder)
    const late = again.writes.run(async () => renameSync(fileIn(folder), fileIn(folder) + '.gone'))
    await expect(late).rejects.toThrow()
  })

  it('from a newer version, damaged, or no database at all, has its own sentence and stays as it is', async () => {
    const newer = await shopWithPiece()
    const client = createClient({ url: `file:${fileIn(newer)}` })
    await client.execute('PRAGMA user_version = 99')
    // Into the file itself, so that no connection that is let go of late writes it there in the middle of this.
    await client.execute('PRAGMA wal_checkpoint(TRUNCATE)')
    client.close()
    const damaged = await shopWithPiece()
    const bytes = readFileSync(fileIn(damaged))
    bytes.fill(0x5a, 4096, bytes.length)
    writeFileSync(fileIn(damaged), bytes)
    const none = freshFolder()
    writeFileSync(fileIn(none), 'no database, though long enough to have the header of one '.repeat(20))
    for (const [folder, says] of [
      [newer, /written by a newer version of this program: start that version.*Nothing was changed/],
      [damaged, /is damaged or is none: put a backup in its place \(copy it to .*shop\.db and delete shop\.db-wal/],
      [none, /is damaged or is none: put a backup in its place/],
    ] as const) {
      const before = readFileSync(fileIn(folder))
      const start = openDatabase(folder, migrations)
      await expect(start).rejects.toThrow(StartError)
      await expect(start).rejects.toThrow(says)
      expect(readFileSync(fileIn(folder)).equals(before)).toBe(true)
    }
  })

  it('held by another program is waited for without holding anything up, said, and written to once it is let go', async () => {
    const folder = await shopWithPiece()
    const app = api(storeOf(await opened(folder)))
    const patch = (note: string) =>
      app.request('/pieces/a', {
        method: 'PATCH',
        body: JSON.stringify({ note }),
        headers: { 'content-type': 'application/json' },
      })
    expect((await patch('before')).status).toBe(200)
    const other = createClient({ url: `file:${fileIn(folder)}` })
    const held = await other.transaction('write')
    let longest = 0
    let last = performance.now()
    const clock = setInterval(() => {
      longest = Math.max(longest, performance.now() - last)
      last = performance.now()
    }, 5)
    const refused = await Promise.all(Array.from({ length: 9 }, (_, i) => patch(`while held ${i}`)))
    clearInterval(clock)
    expect(refused.map((answer) => answer.status)).toEqual(refused.map(() => 503))
    expect(((await refused[0]!.json()) as { detail: string }).detail).toMatch(/Another program has the shop’s file/)
    expect(longest).toBeLessThan(400)
    await held.rollback()
    other.close()
    expect((await patch('let go')).status).toBe(200)
  }, 30_000)
})

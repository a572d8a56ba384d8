import { once } from 'node:events'
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { promisify } from 'node:util'
import yauzl, { type Entry } from 'yauzl'
import { ZipFile } from 'yazl'
import { readyDemo } from '../../demo/readyDemo'
import { api, type Database, openDatabase, ShopStore } from '../src'
import { DailyBackups } from '../src/backup/dailyBackups'
import { tinyPicture } from './pictures'

// A whole shop goes out and in several times.
jest.setTimeout(60_000)

const migrations = path.join(__dirname, '../drizzle')
const demo = readyDemo()
const folders: string[] = []
const open: Database[] = []

async function shop() {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-backup-'))
  folders.push(folder)
  const database = await openDatabase(folder, migrations)
  open.push(database)
  const now = (): string => '2026-11-28T10:00:00.000Z'
  const store = new ShopStore(database, now)
  return { folder, database, store, app: api(store, { now }) }
}
type Shop = Awaited<ReturnType<typeof shop>>

/** The demo shop with two photos in it. */
async function full(): Promise<Shop> {
  const made = await shop()
  const photos = [1, 2].map((n) => ({ id: `photo-${n}`, jpeg: Buffer.from(tinyPicture(n)).toString('base64') }))
  await made.app.request('/import', {
    ...{ method: 'POST', body: JSON.stringify({ ...demo, photos }), headers: { 'content-type': 'application/json' } },
  })
  return made
}

const backupOf = async ({ app }: Shop): Promise<Buffer> =>
  Buffer.from(await (await app.request('/backup')).arrayBuffer())

async function give({ app }: Shop, zip: Uint8Array, query = '') {
  const headers = { 'content-type': 'application/zip' }
  const answer = await app.request(`/import${query}`, { method: 'POST', body: zip as BodyInit, headers })
  return { status: answer.status, body: (await answer.json()) as any }
}

const unzip = promisify<Buffer, yauzl.Options, yauzl.ZipFile>(yauzl.fromBuffer)

/** Every file in a zip by its name. */
async function filesIn(zip: Buffer): Promise<Record<string, string>> {
  const opened = await unzip(zip, { lazyEntries: true })
  const files: Record<string, string> = {}
  opened.on('entry', (entry: Entry) =>
    opened.openReadStream(entry, (_, stream) => {
      const chunks: Buffer[] = []
      stream!.on('data', (chunk: Buffer) => chunks.push(chunk))
      stream!.on('end', () => {
        files[entry.fileName] = Buffer.concat(chunks).toString('latin1')
        opened.readEntry()
      })
    }),
  )
  opened.readEntry()
  await once(opened, 'end')
  return files
}

async function zipOf(files: Readonly<Record<string, string | Buffer>>): Promise<Buffer> {
  const zip = new ZipFile()
  for (const [name, text] of Object.entries(files))
    zip.addBuffer(Buffer.isBuffer(text) ? text : Buffer.from(text, 'latin1'), name)
  zip.end()
  const chunks: Buffer[] = []
  for await (const chunk of zip.outputStream) chunks.push(chunk as Buffer)
  return Buffer.concat(chunks)
}

let source: Shop
let zip: Buffer
beforeAll(async () => {
  source = await full()
  zip = await backupOf(source)
})
afterAll(async () => {
  for (const database of open) await database.close()
  for (const folder of folders) rmSync(folder, { recursive: true, force: true })
})

describe('a backup', () => {
  it('brings an empty shop to the same, file for file, and names each with its checksum', async () => {
    const empty = await shop()
    const { status, body } = await give(empty, zip)
    expect([status, body.pieces, body.photos]).toEqual([200, demo.pieces.length, 2])
    const [first, second] = [await filesIn(zip), await filesIn(await backupOf(empty))]
    expect(Object.keys(second).sort()).toEqual(Object.keys(first).sort())
    for (const [name, text] of Object.entries(first)) expect([name, second[name] === text]).toEqual([name, true])
    expect(JSON.parse(first['manifest.json']!).files).toHaveLength(Object.keys(first).length - 1)
    expect(first['documents/pieces.jsonl']!.trim().split('\n')).toHaveLength(demo.pieces.length)
  })

  it('says first what it would do, and in the shop’s place takes away what it does not have', async () => {
    const other = await full()
    const headers = { 'content-type': 'application/json' }
    await other.app.request('/pieces/piece-polo-4', { method: 'PATCH', body: '{"note":"newer"}', headers })
    const extra = { ...demo.hoops[0], id: 'hoop-extra', name: 'Not in the backup' }
    await other.app.request('/hoops/hoop-extra', { method: 'PUT', body: JSON.stringify(extra), headers })
    const merged = (await give(other, zip, '?dry=true')).body
    expect(merged.pieces).toMatchObject({ changed: 1, same: demo.pieces.length - 1 })
    expect(merged.hoops.removed).toBe(0)
    expect((await give(other, zip, '?dry=true&how=replace')).body.hoops.removed).toBe(1)
    expect((await other.app.request('/hoops/hoop-extra')).status).toBe(200)
    expect((await give(other, zip, '?how=replace')).status).toBe(200)
    expect((await other.app.request('/hoops/hoop-extra')).status).toBe(404)
    const [first, now] = [await filesIn(zip), await filesIn(await backupOf(other))]
    for (const [name, text] of Object.entries(first)) if (name !== 'manifest.json') expect(now[name]).toBe(text)
  })

  it('is refused with its reason where it is damaged, cut short, foreign, newer or made to harm, and changes nothing', async () => {
    const empty = await shop()
    const files = await filesIn(zip)
    const manifest = JSON.parse(files['manifest.json']!)
    const withManifest = (change: object, more: object = {}) =>
      zipOf({ ...files, ...more, 'manifest.json': JSON.stringify({ ...manifest, ...change }) })
    const flipped = Buffer.from(zip)
    // A photo lies in the zip as it is: its last byte but two tells the one from the other.
    const photo = flipped.indexOf(Buffer.from(tinyPicture(2)))
    flipped[photo + tinyPicture(2).length - 4] = 99
    const out = Buffer.from(zip)
    for (let at = out.indexOf('photos/photo-1.jpg'); at >= 0; at = out.indexOf('photos/photo-1.jpg', at + 1))
      out.write('../../../photo.jpg', at)
    const bad: [string, Buffer, RegExp][] = [
      ['damaged', flipped, /damaged since/],
      ['cut short', zip.subarray(0, zip.length - 40), /isn’t a zip file, or it’s cut short/],
      ['no zip', Buffer.from('a letter to the shop'), /isn’t a zip/],
      ['foreign', await zipOf({ 'letter.txt': 'dear shop' }), /no manifest/],
      ['another format', await withManifest({ format: 'something' }), /no backup of a shop/],
      ['newer', await withManifest({ version: 7 }), /newer version \(7\)/],
      ['out of itself', out, /damaged/],
      ['a file more', await zipOf({ ...files, 'run.sh': 'rm' }), /doesn’t list this file/],
      [
        'a file less',
        await withManifest({
          files: [...manifest.files, { name: 'documents/x.jsonl', bytes: 1, sha256: '0'.repeat(64) }],
        }),
        /missing/,
      ],
      [
        'changed',
        await zipOf({ ...files, 'shop.json': files['shop.json']!.replace('Marram', 'Barram') }),
        /damaged since/,
      ],
      ['huge', await zipOf({ ...files, 'documents/hoops.jsonl': Buffer.alloc(30_000_000) }), /too large for a shop/],
    ]
    for (const [what, bytes, says] of bad) {
      const { status, body } = await give(empty, bytes)
      expect([what, status, body.detail]).toEqual([what, 422, expect.stringMatching(says)])
    }
    expect(await (await empty.app.request('/pieces')).json()).toEqual([])
    expect(readdirSync(empty.folder).filter((name) => name.startsWith('import-'))).toEqual([])
  })
})

describe('backups by themselves', () => {
  it('are taken once a day and seven are kept; one can be brought back, and the list says what went wrong', async () => {
    let day = 1
    const now = (): string => `2026-11-${String(day).padStart(2, '0')}T18:00:00.000Z`
    const daily = new DailyBackups(source.store, now)
    for (day = 1; day <= 9; day++) await daily.takeWhereDue()
    const { kept, problem } = await daily.list()
    expect(problem).toBeNull()
    expect(kept.map(({ name }) => name)).toEqual([9, 8, 7, 6, 5, 4, 3].map((n) => `shop-2026-11-0${n}.zip`))
    const empty = await shop()
    const file = await daily.find(kept[0]!.name)
    expect((await give(empty, readFileSync(file!))).status).toBe(200)
    expect(await daily.find('../shop.db')).toBeNull()
    // Where the folder is in the way of the file, it says so and leaves the others.
    rmSync(daily.folder, { recursive: true })
    writeFileSync(daily.folder, '')
    await daily.take()
    expect((await daily.list()).problem).toMatch(/couldn’t be written/)
    rmSync(daily.folder)
    daily.stop()
  })
})

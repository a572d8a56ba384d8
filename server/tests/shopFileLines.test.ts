import { collections } from '@thimble/contract'
import { mkdtempSync, readdirSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { readyDemo } from '../../demo/readyDemo'
import { api, type Database, openDatabase, ShopStore } from '../src'
import { readParts } from '../src/shopFile/readParts'

const demo = readyDemo()
const folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-file-'))
let database: Database
let give: (text: string, query?: string) => Promise<{ status: number; body: any }>
let take: () => Promise<string>

beforeAll(async () => {
  database = await openDatabase(folder, path.join(__dirname, '../drizzle'))
  const app = api(new ShopStore(database, () => '2026-11-25T10:00:00.000Z'))
  give = async (body, query = '') => {
    const headers = { 'content-type': 'application/json' }
    const answer = await app.request(`/import${query}`, { method: 'POST', body, headers })
    return { status: answer.status, body: await answer.json() }
  }
  take = async () => (await app.request('/export')).text()
  expect((await give(JSON.stringify(demo))).status).toBe(200)
})
afterAll(() => database.close())

const none = { added: 0, changed: 0, older: 0, same: 0 }

it('says what a file would do, and does nothing', async () => {
  const file = await take()
  const pieces = { ...none, same: demo.pieces.length }
  expect((await give(file, '?dry=true')).body).toMatchObject({ pieces, packedDesigns: { ...none, same: 7 } })
  const [first, second] = demo.hoops
  const changed = { ...first!, name: 'Mended', updatedAt: '2020-01-01T00:00:00.000Z' }
  const other = { ...demo, hoops: [changed, { ...second!, id: 'another' }], pieces: [], packedDesigns: [] }
  const effect = (await give(JSON.stringify(other), '?dry=true')).body
  expect(effect.hoops).toEqual({ added: 1, changed: 1, older: 1, same: 0, removed: 0 })
  expect(await take()).toBe(file)
})

it('writes nothing again where the file says what is there already', async () => {
  const { last } = database.revisions
  await give(await take())
  // The settings alone are written, whatever they say.
  expect(database.revisions.last).toBe(last + 1)
})

it('is one JSON text and stands a document a line, which comes in cut in any bits', async () => {
  const file = await take()
  expect(JSON.parse(file).pieces).toHaveLength(demo.pieces.length)
  const bytes = new TextEncoder().encode(file)
  for (const size of [97, 4096, bytes.length]) {
    async function* bits() {
      for (let i = 0; i < bytes.length; i += size) yield bytes.subarray(i, i + size)
    }
    const lists: string[] = []
    for await (const { list } of readParts(bits(), collections)) lists.push(list)
    expect(lists.filter((list) => list === 'pieces')).toHaveLength(demo.pieces.length)
  }
  const written = JSON.parse(file) as Record<string, unknown>
  const documents = Object.values(written).flatMap((list) => (Array.isArray(list) ? list : []))
  expect(file.split('\n').filter((line) => /^,?\{"id":/.test(line))).toHaveLength(documents.length)
  expect(documents.length).toBeGreaterThan(demo.pieces.length + demo.movements.length)
})

it('takes nothing of a file that is cut short, broken or strange, says where, and leaves nothing lying about', async () => {
  const file = await take()
  const lines = file.split('\n')
  const at = lines.findIndex((line) => line === ',"pieces":[')
  const said = async (text: string) => {
    const { status, body } = await give(text)
    return [status, body.errors[0]]
  }
  expect(await said(lines.slice(0, at + 2).join('\n'))).toEqual([
    422,
    { path: 'pieces.1', message: 'The file is cut short: its end is missing.' },
  ])
  expect(await said(file.replace(',"pieces":[\n{"', ',"pieces":[\n{'))).toEqual([
    422,
    { path: 'pieces.0', message: 'This line is not valid JSON.' },
  ])
  expect(await said(file.replace(',"pieces":[', ',"parcels":['))).toEqual([
    422,
    { path: 'parcels', message: 'A shop file has no such list.' },
  ])
  const [broken, long] = [{ path: '', message: 'The file is not valid JSON, or is cut short.' }, ' '.repeat(3_100_000)]
  for (const text of ['{"format":', `{"format":${long}`, `${JSON.stringify(demo)}${long}x`])
    expect(await said(text)).toEqual([422, broken])
  expect(await said('{"format":"zealous-thimble-shop","version":9,"shop":{}}')).toEqual([
    422,
    { path: 'version', message: 'Only versions 1 to 2 of the shop file are known.' },
  ])
  expect((await give(`${JSON.stringify(demo)}${long}`)).status).toBe(200)
  expect((await take()).length).toBe(file.length)
  expect(readdirSync(folder).filter((name) => name.startsWith('import-'))).toEqual([])
}, 30_000)

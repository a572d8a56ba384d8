import { mkdtempSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { type Database, openDatabase, ShopStore, site } from '../src'
import { crewPolo } from './crewPolo'

const folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-hostile-'))
const at = '2026-11-20T08:00:00.000Z'
const JSON_TYPE = { 'content-type': 'application/json' }
let database: Database
type Answer = { status: number; detail: string; paths: string[] }
let ask: (method: string, where: string, body?: string, headers?: Record<string, string>) => Promise<Answer>

beforeAll(async () => {
  database = await openDatabase(folder, path.join(__dirname, '../drizzle'))
  const app = site(new ShopStore(database, () => at), folder)
  ask = async (method, where, body, headers = JSON_TYPE) => {
    const init = { method, headers: { host: '127.0.0.1:4820', ...headers }, ...(body === undefined ? {} : { body }) }
    const answer = await app.request(`/api/v1${where}`, init)
    const said = answer.status === 204 ? {} : await answer.json()
    const { detail = '', errors = [] } = said as { detail?: string; errors?: { path: string }[] }
    return { status: answer.status, detail, paths: errors.map((e) => e.path) }
  }
  await ask('PUT', '/pieces/a', JSON.stringify(crewPolo('a')))
})
afterAll(() => database.close())

it('is changed from its own pages only, with a body or without', async () => {
  const elsewhere: Record<string, string>[] = [
    { 'sec-fetch-site': 'cross-site' },
    { 'sec-fetch-site': 'same-site' },
    { origin: 'http://shop.example' },
  ]
  for (const from of elsewhere)
    for (const [method, where, body] of [
      ['PATCH', '/pieces/a', '{"note":"from elsewhere"}'],
      ['DELETE', '/pieces/a', undefined],
      ['POST', '/pieces/a/restore', undefined],
    ] as const)
      expect((await ask(method, where, body, { ...JSON_TYPE, ...from })).status).toBe(403)
  const own = { 'sec-fetch-site': 'same-origin', origin: 'http://127.0.0.1:4820', ...JSON_TYPE }
  expect((await ask('PATCH', '/pieces/a', '{"note":"from here"}', own)).status).toBe(200)
  expect((await ask('GET', '/pieces/a', undefined, { 'sec-fetch-site': 'cross-site' })).status).toBe(403)
})

it('says what to send instead of a body that is not JSON, and takes none that is nested without end', async () => {
  const text = await ask('PATCH', '/pieces/a', 'note=1', { 'content-type': 'text/plain' })
  expect([text.status, text.detail]).toEqual([415, 'Send the body as JSON, with content-type: application/json.'])
  const deep = `${'{"measure":'.repeat(8000)}1${'}'.repeat(8000)}`
  for (const [method, where] of [
    ['PATCH', '/pieces/a'],
    ['PUT', '/hoops/h'],
  ] as const)
    expect(await ask(method, where, deep)).toMatchObject({
      status: 422,
      detail: 'Nothing here is nested more than 60 deep.',
    })
  // Brackets in what a person wrote are no nesting.
  expect((await ask('PATCH', '/pieces/a', JSON.stringify({ note: '[{"'.repeat(900) }))).status).toBe(200)
})

it('says of an import what has no place, and takes nothing of it', async () => {
  const file = { format: 'zealous-thimble-shop', version: 2, shop: {} }
  const packed = {
    ...{ source: 'stitches', width: 4, height: 1, warnings: [] },
    blocks: [{ colour: '#3e6b4c', stitchCount: 2, estimated: false, jumps: 0, trims: 0, stitches: [0, 0, 4000, 0] }],
  }
  const stray = { ...file, shop: { name: 'Stray' }, packedDesigns: [{ id: 'nobody', packed }] }
  expect(await ask('POST', '/import', JSON.stringify(stray))).toMatchObject({
    status: 422,
    paths: ['packedDesigns.0.id'],
  })
  const empty = { ...file, pieces: Array.from({ length: 100_000 }, () => ({})) }
  const answer = await ask('POST', '/import', JSON.stringify(empty))
  expect([answer.status, answer.paths[0]]).toEqual([422, 'pieces.0.id'])
  expect((await ask('GET', '/shop')).status).toBe(200)
})

it('gives no removed id to something new, and brings back by its own door', async () => {
  const body = JSON.stringify(crewPolo('gone'))
  await ask('PUT', '/pieces/gone', body)
  await ask('DELETE', '/pieces/gone')
  expect(await ask('PUT', '/pieces/gone', body)).toMatchObject({
    status: 409,
    detail: expect.stringMatching(/Bring it back/),
  })
  expect((await ask('POST', '/pieces/gone/restore')).status).toBe(204)
  expect((await ask('PUT', '/pieces/gone', body)).status).toBe(200)
})

it('keeps no hoop whose field cannot be sewn in', async () => {
  const hoop = (field: object) => {
    const outside = { width: 150, height: 150 }
    return JSON.stringify({ id: 'odd', createdAt: at, updatedAt: at, name: 'Odd', field, outside })
  }
  const points = (...all: [number, number][]) => ({ shape: 'polygon', points: all.map(([x, y]) => ({ x, y })) })
  for (const field of [
    { shape: 'oval', width: 200, height: 0.0001 },
    { shape: 'rect', width: 2001, height: 100, cornerRadius: 0 },
    points([0, 0], [90, 0], [45, 10], [45, 80]),
    points([0, 0], [90, 0], [180, 0]),
    points([0, 0], [90, 0], [90, 9]),
  ])
    expect((await ask('PUT', '/hoops/odd', hoop(field))).status).toBe(422)
  expect((await ask('PUT', '/hoops/odd', hoop(points([0, 0], [90, 0], [45, 80])))).status).toBe(200)
})

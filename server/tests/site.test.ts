import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { gunzipSync, gzipSync } from 'node:zlib'
import { type Database, openDatabase, ShopStore, site } from '../src'

const folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-site-'))
let database: Database
let ask: (where: string, headers?: Record<string, string>) => Promise<Response>

beforeAll(async () => {
  mkdirSync(path.join(folder, '_expo/static'), { recursive: true })
  writeFileSync(path.join(folder, 'index.html'), '<html>the shell</html>')
  writeFileSync(path.join(folder, '_expo/static/app-0a1b.js'), 'console.log(1)')
  writeFileSync(path.join(folder, '_expo/static/app-0a1b.js.gz'), gzipSync('console.log(1)'))
  database = await openDatabase(path.join(folder, 'data'), path.join(__dirname, '../drizzle'))
  const app = site(new ShopStore(database, () => '2026-11-23T10:00:00.000Z'), folder)
  ask = async (where, headers = {}) => app.request(where, { headers: { host: '127.0.0.1:4820', ...headers } })
})
afterAll(() => database.close())

it('opens the shell at every address of the app, and at none of a file', async () => {
  for (const where of ['/', '/piece/abc', '/stash/hoop/new']) {
    const answer = await ask(where)
    expect([where, answer.status, await answer.text()]).toEqual([where, 200, '<html>the shell</html>'])
    expect(answer.headers.get('cache-control')).toBe('no-cache')
  }
  expect((await ask('/missing.js')).status).toBe(404)
})

it('keeps hashed files for a year, and serves them compressed to who takes it', async () => {
  const plain = await ask('/_expo/static/app-0a1b.js')
  expect(plain.headers.get('cache-control')).toBe('public, max-age=31536000, immutable')
  const small = await ask('/_expo/static/app-0a1b.js', { 'accept-encoding': 'gzip' })
  expect([small.status, small.headers.get('content-encoding')]).toEqual([200, 'gzip'])
})

it('sends a strict policy: own scripts only, nothing evaluated, no framing', async () => {
  const { headers } = await ask('/')
  const policy = headers.get('content-security-policy')!
  expect(policy).toContain("script-src 'self'")
  expect(policy).not.toMatch(/unsafe-eval|script-src[^;]*unsafe-inline/)
  expect(policy).toContain("frame-ancestors 'none'")
  expect([headers.get('x-content-type-options'), headers.get('referrer-policy')]).toEqual(['nosniff', 'no-referrer'])
})

it('answers only on this machine: another name for it is refused', async () => {
  const answer = await ask('/api/v1/pieces', { host: 'shop.example' })
  expect([answer.status, answer.headers.get('content-type')]).toEqual([403, 'application/problem+json'])
  expect((await ask('/api/v1/pieces', { host: 'localhost:4820' })).status).toBe(200)
})

it('never lets what the shop keeps stay in a cache, and says what is not there in words', async () => {
  expect((await ask('/api/v1/shop')).headers.get('cache-control')).toBe('no-store')
  const missing = await ask('/api/v1/nothing')
  expect([missing.status, ((await missing.json()) as { detail: string }).detail]).toEqual([
    404,
    'There is no GET /api/v1/nothing.',
  ])
  expect(await (await ask('/api/v1/health')).json()).toEqual({ ok: true })
})

it('sends the shelf of designs compressed to who takes it', async () => {
  const small = await ask('/api/v1/designs', { 'accept-encoding': 'gzip' })
  expect([small.status, small.headers.get('content-encoding')]).toEqual([200, 'gzip'])
  expect(gunzipSync(Buffer.from(await small.arrayBuffer())).toString()).toBe('[]')
  expect((await ask('/api/v1/designs')).headers.get('content-encoding')).toBeNull()
})

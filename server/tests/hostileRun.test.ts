import fc from 'fast-check'
import { mkdtempSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { readyDemo } from '../../demo/readyDemo'
import { openDatabase, ShopStore, site } from '../src'
import { type Asked, askedAt, doorsOf, whereOf } from './hostileAsks'

// More of the same, against the program itself, with `npm run endure`.
const REQUESTS = 150
/** A request that hangs, on a machine that is busy with all else besides; how fast it is, `npm run bench` says. */
const HANGS_MS = 15_000
const demo = readyDemo()
const folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-run-'))

it('answers whatever is asked at any door of its own description in words, at once, and never with a failure', async () => {
  const database = await openDatabase(folder, path.join(__dirname, '../drizzle'))
  const app = site(new ShopStore(database, () => '2026-11-25T10:00:00.000Z'), folder)
  const send = (where: string, init: RequestInit = {}) =>
    app.request(`/api/v1${where}`, { ...init, headers: { host: '127.0.0.1:4820', ...init.headers } })
  await send('/import', { method: 'POST', body: JSON.stringify(demo), headers: { 'content-type': 'application/json' } })
  const { paths } = (await (await send('/openapi.json')).json()) as { paths: Record<string, object> }
  const doors = doorsOf(paths)
  expect(doors.length).toBeGreaterThan(40)

  const check = async (asked: Asked): Promise<void> => {
    const { door, type, body } = asked
    const [method, where] = [door.method.toUpperCase(), whereOf(asked)]
    const sent = method === 'GET' ? {} : { body, headers: { 'content-type': type } }
    const start = performance.now()
    const answer = await send(where, { method, ...sent })
    const text = await answer.text()
    expect([where, answer.status < 500, performance.now() - start < HANGS_MS]).toEqual([where, true, true])
    if (answer.status < 400) return
    expect(answer.headers.get('content-type')).toBe('application/problem+json')
    const { detail, errors } = JSON.parse(text) as { detail: string; errors: { path: string; message: string }[] }
    expect(detail).toMatch(/^\S.*[.”]$/su)
    for (const error of errors)
      expect([typeof error.path, error.message]).toEqual(['string', expect.stringMatching(/\S/)])
  }
  await fc.assert(fc.asyncProperty(askedAt(doors), check), { numRuns: REQUESTS, seed: Number(process.env.SEED ?? 10) })
  await database.close()
}, 600_000)

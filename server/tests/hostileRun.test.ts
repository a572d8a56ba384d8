import fc from 'fast-check'
import { mkdtempSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { demoShop } from '../../demo/demoShop'
import { openDatabase, ShopStore, site } from '../src'

/** More of the same with HOSTILE=20000. */
const REQUESTS = Number(process.env.HOSTILE ?? 700)
const demo = demoShop(path.join(__dirname, '../../demo'))
const folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-run-'))

type Door = { method: string; path: string }
type Asked = { door: Door; id: string; query: string; type: string; body: string }

const odd = fc.oneof(
  fc.constantFrom('', '0', '-1', '1e9', 'NaN', 'null', 'true', '..', '%00', '%2e%2e%2f', '__proto__', 'x'.repeat(300)),
  fc.string({ maxLength: 20 }).map(encodeURIComponent),
)
const ids = fc.oneof(
  fc.constantFrom('piece-polo-4', 'shop', 'machine-boatyard', ...demo.pieces.map(({ id }) => id)),
  odd,
)
const names = [
  'since',
  'limit',
  'offset',
  'state',
  'start',
  'held',
  'dry',
  'seen',
  'cloth',
  'fault',
  'before',
  'nobody',
]
const queries = fc
  .array(fc.tuple(fc.constantFrom(...names), odd), { maxLength: 3 })
  .map((pairs) => pairs.map(([name, value]) => `${name}=${value}`).join('&'))

/** A document of the demo, or its change, with a random value at a random place. */
const spoiled = fc
  .tuple(
    fc.constantFrom<object[]>(
      demo.pieces,
      demo.designs,
      demo.hoops,
      demo.packedDesigns,
      demo.items,
      [demo.shop],
      [demo],
    ),
    fc.nat(),
    fc.array(fc.nat(), { minLength: 1, maxLength: 6 }),
    fc.jsonValue(),
  )
  .map(([list, which, steps, value]) => JSON.stringify(spoil(list[which % list.length]!, steps, value)))
const bodies = fc.oneof(
  spoiled,
  spoiled,
  fc.json(),
  fc.json().map((json) => json.slice(0, -1)),
  fc.constantFrom('', 'null', '[]', '{}', '"text"', '{"__proto__":{"a":1}}', `${'['.repeat(5000)}${']'.repeat(5000)}`),
)
const types = fc.constantFrom(
  'application/json',
  'application/json',
  'application/json',
  'text/plain',
  'image/jpeg',
  '',
)

function spoil(doc: unknown, [step, ...rest]: readonly number[], value: unknown): unknown {
  if (step === undefined || doc === null || typeof doc !== 'object') return value
  const keys = Object.keys(doc)
  if (keys.length === 0) return value
  const key = keys[step % keys.length]!
  const copy = (Array.isArray(doc) ? [...doc] : { ...doc }) as Record<string, unknown>
  copy[key] = spoil(copy[key], rest, value)
  return copy
}

it('answers whatever is asked at any door of its own description in words, at once, and never with a failure', async () => {
  const database = await openDatabase(folder, path.join(__dirname, '../drizzle'))
  const app = site(new ShopStore(database, () => '2026-11-25T10:00:00.000Z'), folder)
  const send = (where: string, init: RequestInit = {}) =>
    app.request(`/api/v1${where}`, { ...init, headers: { host: '127.0.0.1:4820', ...init.headers } })
  await send('/import', { method: 'POST', body: JSON.stringify(demo), headers: { 'content-type': 'application/json' } })
  const { paths } = (await (await send('/openapi.json')).json()) as { paths: Record<string, object> }
  const doors = Object.entries(paths)
    .filter(([where]) => !where.endsWith('/events'))
    .flatMap(([where, methods]) => Object.keys(methods).map((method): Door => ({ method, path: where })))
  expect(doors.length).toBeGreaterThan(40)

  const asked = fc.record({ door: fc.constantFrom(...doors), id: ids, query: queries, type: types, body: bodies })
  const check = async ({ door, id, query, type, body }: Asked): Promise<void> => {
    const method = door.method.toUpperCase()
    const where = `${door.path.replace('{id}', id)}?${query}`
    const sent = method === 'GET' ? {} : { body, headers: { 'content-type': type } }
    const start = performance.now()
    const answer = await send(where, { method, ...sent })
    const text = await answer.text()
    expect([where, answer.status < 500, performance.now() - start < 1000]).toEqual([where, true, true])
    if (answer.status < 400) return
    expect(answer.headers.get('content-type')).toBe('application/problem+json')
    const { detail, errors } = JSON.parse(text) as { detail: string; errors: { path: string; message: string }[] }
    expect(detail).toMatch(/^\S.*[.”]$/su)
    for (const error of errors)
      expect([typeof error.path, error.message]).toEqual(['string', expect.stringMatching(/\S/)])
  }
  await fc.assert(fc.asyncProperty(asked, check), { numRuns: REQUESTS, seed: Number(process.env.SEED ?? 10) })
  await database.close()
}, 600_000)

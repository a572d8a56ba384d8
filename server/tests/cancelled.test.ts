import { serve, type ServerType } from '@hono/node-server'
import { mkdtempSync, rmSync } from 'node:fs'
import { get } from 'node:http'
import os from 'node:os'
import path from 'node:path'
import { setTimeout as pause } from 'node:timers/promises'
import { readyDemo } from '../../demo/readyDemo'
import { type Database, openDatabase, ShopStore, site } from '../src'
import { streamed } from '../src/http/streamed'
import { tinyPicture } from './pictures'

jest.setTimeout(60_000)

const folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-cancelled-'))
const demo = readyDemo()
let database: Database
let server: ServerType
let port: number
const unheard: unknown[] = []
const note = (error: unknown): void => void unheard.push(error)

beforeAll(async () => {
  process.on('uncaughtException', note).on('unhandledRejection', note)
  database = await openDatabase(folder, path.join(__dirname, '../drizzle'))
  const store = new ShopStore(database, () => '2026-11-28T10:00:00.000Z')
  const photos = [1, 2, 3].map((n) => ({ id: `photo-${n}`, jpeg: Buffer.from(tinyPicture(n)).toString('base64') }))
  server = await new Promise((resolve) => {
    const made = serve({ fetch: site(store, folder).fetch, port: 0, hostname: '127.0.0.1' }, (info) => {
      port = info.port
      resolve(made)
    })
  })
  await fetch(`http://127.0.0.1:${port}/api/v1/import`, {
    ...{ method: 'POST', body: JSON.stringify({ ...demo, photos }), headers: { 'content-type': 'application/json' } },
  })
  await fetch(`http://127.0.0.1:${port}/api/v1/backups`, { method: 'POST' })
})
afterAll(async () => {
  database.revisions.end()
  await new Promise((resolve) => server.close(resolve))
  await database.close()
  rmSync(folder, { recursive: true })
  process.off('uncaughtException', note).off('unhandledRejection', note)
})

/** Reads an answer and goes away once `most` bytes came, or at once; answers with how many came. */
const readSome = (where: string, most: number): Promise<number> =>
  new Promise((resolve, reject) => {
    let bytes = 0
    const asking = get(`http://127.0.0.1:${port}/api/v1${where}`, { agent: false }, (answer) => {
      const leave = (): void => {
        asking.destroy()
        resolve(bytes)
      }
      answer.on('data', (chunk: Buffer) => {
        bytes += chunk.length
        if (bytes >= most) leave()
      })
      answer.on('end', () => resolve(bytes))
      answer.on('error', () => resolve(bytes))
      if (most === 0) leave()
    })
    asking.on('error', (error) => (bytes > 0 || most === 0 ? resolve(bytes) : reject(error)))
  })

const MOMENTS = 10
it.each([['/backup'], [`/backups/shop-${new Date().toISOString().slice(0, 10)}.zip`], ['/export'], ['/log.csv']])(
  'a reader of %s may go at any of ten moments, and the next one gets all of it',
  async (where) => {
    const whole = await readSome(where, Infinity)
    expect(whole).toBeGreaterThan(300)
    for (let moment = 0; moment < MOMENTS; moment++) await readSome(where, Math.floor((whole * moment) / MOMENTS))
    await pause(200)
    expect(unheard).toEqual([])
    // What says the moment it was taken packs to a few bytes more or less.
    expect(Math.abs((await readSome(where, Infinity)) - whole)).toBeLessThan(50)
  },
)

it.each([['/events'], ['/devices/machines/machine-boatyard/events']])(
  'a listener to %s may go at any of ten moments',
  async (where) => {
    for (let moment = 0; moment < MOMENTS; moment++) {
      const listening = readSome(where, moment * 12)
      await fetch(`http://127.0.0.1:${port}/api/v1/shop`, {
        ...{ method: 'PATCH', body: `{"name":"Shop ${moment}"}`, headers: { 'content-type': 'application/json' } },
      })
      await Promise.race([listening, pause(50)])
    }
    expect(unheard).toEqual([])
    expect((await fetch(`http://127.0.0.1:${port}/api/v1/health`)).status).toBe(200)
  },
)

it('what nobody takes for a while is let go, and what fails breaks off instead of ending', async () => {
  const said: string[] = []
  async function* parts(fails: boolean): AsyncGenerator<string> {
    try {
      yield 'one'
      if (fails) throw new Error('the disk is gone')
      yield 'two'
      yield 'three'
    } finally {
      said.push('closed')
    }
  }
  const quiet = jest.spyOn(console, 'error').mockImplementation(() => undefined)
  const left = streamed(parts(false), 20).getReader()
  await left.read()
  await pause(60)
  expect(said).toEqual(['closed'])
  await expect(left.read().then(() => left.read())).rejects.toThrow('Nobody takes')
  await expect(new Response(streamed(parts(true))).text()).rejects.toThrow('the disk is gone')
  quiet.mockRestore()
})

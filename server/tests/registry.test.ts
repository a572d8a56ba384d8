import { collection, collections, StoredDocument, Name, type Registry } from '@thimble/contract'
import { createClient } from '@libsql/client'
import { mkdtempSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { z } from 'zod'
import { api, openDatabase, ShopStore } from '../src'

/** A collection that no part of the program knows of: one entry, and the migration that drizzle-kit would write of it. */
const Scissors = StoredDocument.extend({
  name: Name,
  bladeMm: z.number().positive(),
  curved: z.boolean().default(false),
})
const registry: Registry = {
  ...collections,
  scissors: collection(Scissors, { lookUps: { blade_mm: { type: 'real', of: (one) => one.bladeMm } } }),
}
const migration = `CREATE TABLE scissors (
  id text PRIMARY KEY NOT NULL, name text NOT NULL, doc text NOT NULL, created_at text NOT NULL,
  updated_at text NOT NULL, deleted_at text, revision integer NOT NULL, blind text, blade_mm real)`

const at = '2026-11-25T08:00:00.000Z'
const duckbill = { id: 'duckbill', name: 'Duckbill', createdAt: at, updatedAt: at, bladeMm: 38 }

async function shopWithScissors() {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-'))
  const database = await openDatabase(folder, path.join(__dirname, '../drizzle'))
  const client = createClient({ url: `file:${path.join(folder, 'shop.db')}` })
  await client.execute(migration)
  const app = api(new ShopStore(database, () => at, registry))
  const ask = async (method: string, where: string, body?: unknown) => {
    const headers = { 'content-type': 'application/json' }
    const answer = await app.request(where, { method, ...(body ? { body: JSON.stringify(body), headers } : {}) })
    return { status: answer.status, body: answer.status === 204 ? null : ((await answer.json()) as any) }
  }
  return { ask, client, close: () => database.close() }
}

it('a collection added to the registry is written, read, changed, exported and imported by its name', async () => {
  const one = await shopWithScissors()
  expect((await one.ask('PUT', '/scissors/duckbill', duckbill)).body).toEqual({
    ...duckbill,
    curved: false,
    revision: 1,
  })
  expect((await one.ask('PATCH', '/scissors/duckbill', { bladeMm: 40 })).body.bladeMm).toBe(40)
  expect((await one.ask('PATCH', '/scissors/duckbill', { blades: 2 })).body.errors[0].path).toBe('blades')
  expect((await one.ask('PUT', '/scissors/blunt', { ...duckbill, bladeMm: 0 })).body.errors[0].path).toBe('bladeMm')
  expect((await one.ask('GET', '/scissors')).body).toHaveLength(1)
  expect((await one.client.execute('SELECT blade_mm FROM scissors')).rows[0]!.blade_mm).toBe(40)
  expect(Object.keys((await one.ask('GET', '/openapi.json')).body.paths)).toContain('/scissors/{id}')
  const file = (await one.ask('GET', '/export')).body
  expect(file.scissors).toEqual([{ ...duckbill, bladeMm: 40, curved: false }])

  const other = await shopWithScissors()
  expect((await other.ask('POST', '/import', file)).body.scissors).toBe(1)
  expect((await other.ask('GET', '/scissors/duckbill')).body).toMatchObject(file.scissors[0])
  await other.ask('DELETE', '/scissors/duckbill')
  expect((await other.ask('GET', '/scissors/duckbill')).status).toBe(404)
  await other.ask('POST', '/scissors/duckbill/restore')
  expect((await other.ask('GET', '/scissors')).body).toHaveLength(1)
  await Promise.all([one.close(), other.close()])
})

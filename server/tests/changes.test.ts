import type { ChangedThing, Changes } from '@thimble/contract/answers'
import { createClient } from '@libsql/client'
import { copyFileSync, mkdtempSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { readyDemo } from '../../demo/readyDemo'
import { api, openDatabase, ShopStore } from '../src'
import { crewPolo, recorded } from './crewPolo'

const demo = readyDemo()
const migrations = path.join(__dirname, '../drizzle')

async function openShop(folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-'))) {
  const database = await openDatabase(folder, migrations)
  const app = api(new ShopStore(database, () => '2026-11-25T10:00:00.000Z'))
  const ask = async (method: string, where: string, body?: unknown): Promise<any> => {
    const headers = { 'content-type': 'application/json' }
    const answer = await app.request(where, { method, ...(body ? { body: JSON.stringify(body), headers } : {}) })
    return answer.status === 204 ? null : answer.json()
  }
  const since = (revision: number, more = ''): Promise<Changes> => ask('GET', `/changes?since=${revision}${more}`)
  return { folder, file: path.join(folder, 'shop.db'), database, app, ask, since, close: () => database.close() }
}
const told = ({ changes }: Changes) => changes.map((c) => `${c.id}@${c.revision}${c.doc ? '' : ' removed'}`)

it('numbers every change over the whole shop, and tells of each thing once, as it is now', async () => {
  const shop = await openShop()
  await shop.ask('PUT', '/pieces/a', crewPolo('a'))
  await shop.ask('PUT', '/pieces/b', crewPolo('b'))
  await shop.ask('PATCH', '/shop', { unit: 'in' })
  expect((await shop.ask('PATCH', '/pieces/a', { note: 'again' })).revision).toBe(4)
  await shop.ask('DELETE', '/pieces/b')
  const all = await shop.since(0)
  expect(told(all)).toEqual(['shop@3', 'a@4', 'b@5 removed'])
  expect([all.changes[1]!.doc!.note, all.next, all.last]).toEqual(['again', 5, 5])
  expect(told(await shop.since(4))).toEqual(['b@5 removed'])
  expect(await shop.since(5)).toMatchObject({ changes: [], next: 5, last: 5, anew: false })
  await shop.ask('POST', '/pieces/b/restore')
  expect(told(await shop.since(5))).toEqual(['b@6'])
  // What is refused takes no place in what is told.
  await shop.ask('PATCH', '/pieces/a', { name: '' })
  expect((await shop.since(6)).changes).toEqual([])
  await shop.close()
})

it('goes on counting after it was closed, pages to the end, and leaves out what a new device need not hold', async () => {
  const first = await openShop()
  await first.ask('POST', '/import', demo)
  const polo = crewPolo('done')
  await first.ask('PUT', '/pieces/done', polo)
  await first.ask('PATCH', '/pieces/done', recorded(polo, '2026-11-23T09:00:00.000Z'))
  await first.close()
  const shop = await openShop(first.folder)
  const { last } = await shop.since(0)
  const { revision } = await shop.ask('PUT', '/pieces/next', crewPolo('next'))
  expect(revision).toBeGreaterThan(last)
  const pages: ChangedThing[] = []
  for (
    let [at, page] = [0, await shop.since(0, '&limit=7')];
    ;
    [at, page] = [page.next, await shop.since(page.next, '&limit=7')]
  ) {
    expect(page.next).toBeGreaterThan(at)
    pages.push(...page.changes)
    if (page.next === page.last) break
  }
  expect(pages).toEqual((await shop.since(0, '&limit=500')).changes)
  const held = (await shop.since(0, '&held=true&limit=500')).changes
  const bench = (await shop.ask('GET', '/pieces?state=bench')) as { id: string }[]
  const idsOf = (list: readonly { id: string }[]) => list.map(({ id }) => id).sort()
  expect(idsOf(held.filter((c) => c.collection === 'pieces'))).toEqual(idsOf(bench))
  expect(held.filter((c) => c.collection !== 'pieces')).toEqual(pages.filter((c) => c.collection !== 'pieces'))
  await shop.close()
})

it('tells a device that knows another history to start over, and none that knows this one', async () => {
  const first = await openShop()
  await first.ask('PUT', '/pieces/a', crewPolo('a'))
  const [before, { start }] = [`${first.folder}/backup.db`, await first.since(0)]
  await first.close()
  copyFileSync(first.file, before)

  const second = await openShop(first.folder)
  expect(await second.since(1, `&start=${start}`)).toMatchObject({ anew: false, changes: [] })
  await second.ask('PATCH', '/pieces/a', { note: 'lost with the backup' })
  const seen = await second.since(1, `&start=${start}`)
  await second.close()

  copyFileSync(before, first.file)
  const restored = await openShop(first.folder)
  expect(await restored.since(seen.next, `&start=${seen.start}`)).toMatchObject({ anew: true, next: 0 })
  expect((await restored.since(1, `&start=${start}`)).anew).toBe(false)
  await restored.ask('PUT', '/pieces/b', crewPolo('b'))
  // Of the start that was copied along, but further than that start ever came here.
  expect((await restored.since(2, `&start=${start}`)).anew).toBe(true)
  await restored.close()
})

it('notes who changed a document without having seen the change before', async () => {
  const shop = await openShop()
  const { revision: made } = await shop.ask('PUT', '/pieces/a', crewPolo('a'))
  const one = await shop.ask('PATCH', `/pieces/a?seen=${made}`, { note: 'from the phone' })
  expect((await shop.since(made)).changes[0]!.concurrentWrites).toBeNull()
  const other = await shop.ask('PATCH', `/pieces/a?seen=${made}`, { note: 'from the laptop' })
  expect((await shop.since(made)).changes[0]!.concurrentWrites).toEqual([[made, other.revision]])
  await shop.ask('PATCH', `/pieces/a?seen=${other.revision}`, { customer: 'Ferry' })
  expect([one.revision, (await shop.since(made)).changes[0]!.concurrentWrites]).toEqual([
    made + 1,
    [[made, other.revision]],
  ])
  await shop.close()
})

it('says that there is something new as it is written, and where it stands to whoever comes', async () => {
  const shop = await openShop()
  const reader = (await shop.app.request('/events')).body!.getReader()
  let text = ''
  const until = async (wanted: string) => {
    while (!text.includes(wanted)) text += new TextDecoder().decode((await reader.read()).value)
  }
  await until('id: 0')
  await shop.ask('PUT', '/pieces/a', crewPolo('a'))
  await until('event: changed\ndata: ' + (await shop.since(0)).start + '\nid: 1')
  shop.database.revisions.end()
  expect((await reader.read()).done).toBe(true)
  await shop.close()
})

it('sets aside what cannot be read, with why, and shows the rest on every list', async () => {
  const shop = await openShop()
  for (const id of ['a', 'b', 'c', 'd']) await shop.ask('PUT', `/pieces/${id}`, crewPolo(id))
  const seen = (await shop.since(0)).next
  await shop.close()
  const client = createClient({ url: `file:${shop.file}` })
  await client.execute(`UPDATE pieces SET doc = '{"broken' WHERE id = 'b'`)
  await client.execute(`UPDATE pieces SET doc = json_set(doc, '$.measure.placement', 7) WHERE id = 'c'`)
  await client.execute(`UPDATE shop SET doc = 'nothing'`)
  client.close()

  const again = await openShop(shop.folder)
  const ids = (list: { id: string }[]) => list.map(({ id }) => id)
  expect(ids(await again.ask('GET', '/pieces?state=bench'))).toEqual(['a', 'd'])
  await again.database.writes.idle()
  expect(told(await again.since(seen))).toEqual([`b@${seen + 1} removed`, `c@${seen + 2} removed`])
  expect(ids((await again.ask('GET', '/export')).pieces)).toEqual(['a', 'd'])
  expect((await again.ask('GET', '/shop')).name).toBe('My workshop')
  const aside = (await again.ask('GET', '/set-aside')) as { id: string; reason: string }[]
  expect(aside.map(({ id, reason }) => [id, reason])).toEqual([
    ['b', 'It’s damaged or incomplete.'],
    ['c', expect.stringMatching(/^measure.placement: /)],
  ])
  // Nothing can be done to them by accident.
  expect((await again.ask('PATCH', '/pieces/b', { note: 'x' })).status).toBe(409)
  expect((await again.ask('POST', '/pieces/c/restore')).status).toBe(422)
  // A shop file that has it mends it.
  const file = { format: 'zealous-thimble-shop', version: 2, shop: {}, pieces: [crewPolo('b')] }
  expect(await again.ask('POST', '/import', file)).toMatchObject({ pieces: 1 })
  expect(ids(await again.ask('GET', '/pieces?state=bench')).sort()).toEqual(['a', 'b', 'd'])
  await again.close()
})

it('tells of what a file was overwritten that it had not seen, and of nothing where it changed nothing', async () => {
  const shop = await openShop()
  await shop.ask('PUT', '/pieces/a', crewPolo('a'))
  const older = await shop.ask('GET', '/export')
  const { revision } = await shop.ask('PATCH', '/pieces/a', { note: 'typed since' })
  await shop.ask('PUT', '/pieces/b', crewPolo('b'))
  await shop.ask('POST', '/import', older)
  const { changes } = await shop.since(revision + 1)
  expect(changes.map(({ id }) => id)).toEqual(['shop', 'a'])
  expect(changes[1]).toMatchObject({ doc: { note: crewPolo('a').note }, concurrentWrites: [[0, changes[1]!.revision]] })
  await shop.close()
})

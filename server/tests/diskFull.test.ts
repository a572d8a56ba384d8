import { execFileSync } from 'node:child_process'
import { randomBytes } from 'node:crypto'
import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { api, openDatabase, ShopStore } from '../src'
import { DailyBackups } from '../src/backup/dailyBackups'
import { PhoneStore } from '../src/phones/phoneStore'
import { crewPolo } from './crewPolo'

const migrations = path.join(__dirname, '../drizzle')

/** A small disk of its own; null where this user may mount none. */
function smallDisk(megabytes: number): string | null {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-disk-'))
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', `size=${megabytes}m`, 'tmpfs', folder], { stdio: 'ignore' })
    return folder
  } catch {
    rmSync(folder, { recursive: true })
    return null
  }
}
const [disk, backupDisk, phoneDisk] = [smallDisk(3), smallDisk(3), smallDisk(3)]
afterAll(() => {
  for (const folder of [disk, backupDisk, phoneDisk].filter((one) => one !== null)) {
    execFileSync('umount', ['-l', folder])
    rmSync(folder, { recursive: true })
  }
})

/** So many bytes more of a disk, or as many as it has left. */
function fillUp(folder: string, bytes: number): void {
  try {
    writeFileSync(path.join(folder, 'filler'), Buffer.alloc(bytes), { flag: 'as' })
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'ENOSPC') throw error
  }
}

const whereAllowed = disk ? it : it.skip
whereAllowed(
  'a disk that is full is said, takes half of nothing, and goes on once there is room',
  async () => {
    const database = await openDatabase(disk!, migrations)
    const app = api(new ShopStore(database, () => '2026-11-23T10:00:00.000Z'))
    const send = (method: string, where: string, body: unknown) =>
      app.request(where, { method, headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) })
    const names = async (): Promise<string[]> =>
      ((await (await app.request('/pieces?limit=500')).json()) as { id: string }[]).map(({ id }) => id)
    await send('PUT', '/pieces/first', crewPolo('first'))
    // All of it is read and laid beside the database before the shop is touched: the room ends there, or while it is.
    const { format, version, shop } = (await (await app.request('/export')).json()) as Record<string, unknown>
    for (const many of [700, 400, 300]) {
      const pieces = Array.from({ length: many }, (_, i) => crewPolo(`in-${many}-${i}`))
      const answer = await send('POST', '/import', { format, version, shop, pieces })
      const came = (await names()).filter((id) => id.startsWith(`in-${many}-`)).length
      if (answer.status !== 200) {
        expect(answer.status).toBe(507)
        expect(await answer.json()).toMatchObject({ title: 'No room', detail: 'The disk is full. Free some space.' })
        expect(came).toBe(0)
        expect(readdirSync(disk!).filter((name) => name.endsWith('.part'))).toEqual([])
      }
    }
    writeFileSync(path.join(disk!, 'filler'), '')
    let kept = 0
    for (; ; kept++) {
      const answer = await send('PATCH', '/pieces/first', { note: `${kept} `.padEnd(300, 'x') })
      if (answer.status === 507) break
      expect(answer.status).toBe(200)
      if (kept % 10 === 0) fillUp(disk!, 40_000)
    }
    const noteOf = async () => ((await (await app.request('/pieces/first')).json()) as { note: string }).note
    expect(await noteOf()).toMatch(new RegExp(`^${kept - 1} `))
    rmSync(path.join(disk!, 'filler'))
    expect((await send('PATCH', '/pieces/first', { note: 'there is room' })).status).toBe(200)
    expect(await noteOf()).toBe('there is room')
    await database.close()
  },
  30_000,
)

whereAllowed('a backup on a full disk says so, and the next one is taken once there is room', async () => {
  const database = await openDatabase(path.join(backupDisk!, 'shop'), migrations)
  const store = new ShopStore(database, () => '2026-11-23T10:00:00.000Z')
  const daily = new DailyBackups(store, () => '2026-11-23T10:00:00.000Z')
  for (let i = 0; i < 40; i++) await store.documents.pieces!.create(crewPolo(`p-${i}`, { note: noise(4000) }))
  for (let n = 0; n < 40; n++) fillUp(backupDisk!, 100_000)
  await daily.take()
  expect((await daily.list()).problem).toMatch(/couldn’t be written\. The disk is full/)
  expect(readdirSync(daily.folder)).toEqual([])
  rmSync(path.join(backupDisk!, 'filler'))
  await daily.take()
  expect(await daily.list()).toMatchObject({ problem: null, kept: [{ name: 'shop-2026-11-23.zip' }] })
  daily.stop()
  await database.close()
})

whereAllowed('a phone is turned out for good though the disk is full', async () => {
  const database = await openDatabase(path.join(phoneDisk!, 'shop'), migrations)
  const now = () => '2026-11-23T10:00:00.000Z'
  const phones = await PhoneStore.of(database, now)
  const key = phones.letIn('Lost phone')
  for (let n = 0; n < 40; n++) fillUp(phoneDisk!, 100_000)
  expect(() => phones.letIn('One more')).toThrow(/ENOSPC/)
  expect(phones.turnOut(phones.list()[0]!.id)).toBe(true)
  const restarted = await PhoneStore.of(database, now)
  expect([restarted.list(), restarted.knows(key)]).toEqual([[], null])
  rmSync(path.join(phoneDisk!, 'filler'))
  await database.close()
})

/** Text that does not pack. */
const noise = (length: number): string => randomBytes(length).toString('base64').slice(0, length)

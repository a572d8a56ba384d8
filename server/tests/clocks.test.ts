import { Machine, Movement, Needle, Supply } from '@thimble/contract'
import fc from 'fast-check'
import { mkdtempSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { api, type Database, openDatabase, ShopStore } from '../src'
import { whenMade } from '../src/ledger/whenMade'

const MINUTE = 60_000
const DAY = 24 * 60 * MINUTE
const EIGHT = Date.UTC(2026, 10, 23, 8)
const instant = (ms: number): string => new Date(ms).toISOString()

jest.setTimeout(60_000)

let database: Database
/** What the shop computer's clock shows. */
let clock = EIGHT
let shop: ReturnType<typeof api>
let count = 0
beforeEach(async () => {
  database = await openDatabase(mkdtempSync(path.join(os.tmpdir(), 'thimble-')), path.join(__dirname, '../drizzle'))
  clock = EIGHT
  shop = api(new ShopStore(database, () => instant(clock)))
  await newMesh()
})
afterEach(() => database.close())

let mesh = ''
async function newMesh(): Promise<void> {
  mesh = `mesh-${count++}`
  const times = { createdAt: instant(clock - DAY), updatedAt: instant(clock - DAY), revision: 0 }
  const doc = Supply.parse({ ...times, id: mesh, name: 'Mesh', kind: 'cut-away-mesh', widthMm: 400, leftMm: 5000 })
  await put('/supplies', mesh, doc)
}

async function put(where: string, id: string, doc: object, sentAt?: number): Promise<void> {
  const headers = {
    'content-type': 'application/json',
    ...(sentAt === undefined ? {} : { 'x-device-time': instant(sentAt) }),
  }
  const answer = await shop.request(`${where}/${id}`, { method: 'PUT', body: JSON.stringify(doc), headers })
  expect(answer.status).toBe(200)
}

type What = { amount: number } | { found: number }
/** Something that moved: made and sent by a device's clock. */
async function move(what: What, { madeAt, sentAt }: { madeAt: number; sentAt?: number }): Promise<void> {
  const times = { createdAt: instant(madeAt), updatedAt: instant(madeAt), revision: 0 }
  const kind = 'found' in what ? 'corrected' : what.amount > 0 ? 'bought' : 'cut'
  const id = `m-${count++}`
  await put(
    '/movements',
    id,
    Movement.parse({ ...times, id, name: 'Mesh', of: 'supplies.leftMm', ofId: mesh, kind, ...what }),
    sentAt,
  )
}
const left = async (): Promise<number> => ((await (await shop.request(`/supplies/${mesh}`)).json()) as Supply).leftMm

it('counts what a slow phone weighs and buys at once, and what a fast one does', async () => {
  for (const skew of [-5 * MINUTE, 3 * MINUTE]) {
    await newMesh()
    await move({ amount: -100 }, { madeAt: clock, sentAt: clock })
    clock += MINUTE
    await move({ found: 4000 }, { madeAt: clock + skew, sentAt: clock + skew + 300 })
    expect(await left()).toBe(4000)
    clock += MINUTE
    await move({ amount: 500 }, { madeAt: clock + skew, sentAt: clock + skew + 300 })
    clock += MINUTE
    await move({ found: 4300 }, { madeAt: clock, sentAt: clock })
    expect(await left()).toBe(4300)
  }
})

it('leaves a use that was made before a count, and sent after it, before the count', async () => {
  const slow = -5 * MINUTE
  const madeAt = clock + slow
  clock += 10 * MINUTE
  await move({ found: 4000 }, { madeAt: clock, sentAt: clock })
  clock += 10 * MINUTE
  await move({ amount: -100 }, { madeAt, sentAt: clock + slow })
  expect(await left()).toBe(4000)
  await move({ amount: -36 }, { madeAt: clock + slow, sentAt: clock + slow })
  expect(await left()).toBe(3964)
})

it('goes on counting after the shop computer’s clock was a day ahead, or a day behind', async () => {
  for (const wrong of [DAY, -DAY]) {
    await newMesh()
    await move({ found: 4000 }, { madeAt: clock, sentAt: clock })
    clock += wrong
    await move({ amount: -100 }, { madeAt: clock, sentAt: clock })
    clock += MINUTE
    await move({ found: 3500 }, { madeAt: clock })
    expect(await left()).toBe(3500)
    clock -= wrong
    await move({ amount: -50 }, { madeAt: clock, sentAt: clock })
    expect(await left()).toBe(3450)
    await move({ found: 3000 }, { madeAt: clock, sentAt: clock })
    expect(await left()).toBe(3000)
  }
})

it('whatever devices’ clocks show and in which order things arrive, what is left is by when they really happened', async () => {
  /** Some minutes after eight, so far apart that none is taken for sent at once. */
  const thing = fc.record({
    made: fc.integer({ min: 0, max: 200 }),
    waits: fc.oneof(fc.constant(0), fc.integer({ min: 1, max: 200 })),
    device: fc.nat(3),
    what: fc.oneof(fc.record({ amount: fc.integer({ min: -300, max: 300 }) }), fc.record({ found: fc.nat(6000) })),
  })
  const all = fc.uniqueArray(thing, { minLength: 2, maxLength: 7, selector: ({ made }) => made })
  const skews = fc.array(fc.integer({ min: -DAY, max: DAY }), { minLength: 4, maxLength: 4 })
  await fc.assert(
    fc.asyncProperty(all, skews, async (things, skewOf) => {
      clock = EIGHT
      await newMesh()
      const arriving = [...things].sort((a, b) => a.made + a.waits - (b.made + b.waits))
      for (const { made, waits, device, what } of arriving) {
        clock = EIGHT + (made + waits) * MINUTE
        const skew = skewOf[device]!
        await move(what, { madeAt: EIGHT + made * MINUTE + skew, sentAt: clock + skew })
      }
      const happened = [...things].sort((a, b) => a.made - b.made)
      const twin = happened.reduce((so, { what }) => ('found' in what ? what.found : so + what.amount), 5000)
      expect(await left()).toBe(twin)
    }),
    { numRuns: 40, seed: 4 },
  )
})

it('takes a needle out of the drawer each time one is fitted, on whatever clock, and puts it back when that is undone', async () => {
  const sharp = { size: '75/11', point: 'sharp', coated: false } as const
  const times = { createdAt: instant(clock - DAY), updatedAt: instant(clock - DAY), revision: 0 }
  await put('/needles', 'sharps', Needle.parse({ ...times, ...sharp, id: 'sharps', name: 'Sharps', left: 5 }))
  await put(
    '/machines',
    'loft',
    Machine.parse({ ...times, id: 'loft', name: 'Loft', field: { width: 200, height: 300 } }),
  )
  const fit = async (since: number, sentAt: number): Promise<Machine> => {
    const headers = { 'content-type': 'application/json', 'x-device-time': instant(sentAt) }
    const body = JSON.stringify({ needle: { ...sharp, since: instant(since), from: 'sharps' } })
    return (await (await shop.request('/machines/loft', { method: 'PATCH', body, headers })).json()) as Machine
  }
  const drawer = async (): Promise<number> => ((await (await shop.request('/needles/sharps')).json()) as Needle).left
  const first = await fit(clock, clock + 300)
  clock += MINUTE
  const slow = -5 * MINUTE
  const second = await fit(clock + slow, clock + slow + 300)
  expect([second.needle!.since, await drawer()]).toEqual([instant(clock), 3])
  clock += MINUTE
  // Undone on the slow phone: it goes back to what the first was called here.
  await fit(Date.parse(first.needle!.since), clock + slow)
  expect(await drawer()).toBe(4)
})

it('says when by the shop computer’s clock, and never later than it came', () => {
  const [ten, twentyPast] = [instant(EIGHT + 120 * MINUTE), instant(EIGHT + 140 * MINUTE)]
  const now = instant(EIGHT + 145 * MINUTE)
  expect(whenMade(ten, twentyPast, now)).toBe(instant(EIGHT + 125 * MINUTE))
  expect(whenMade(twentyPast, twentyPast, now)).toBe(now)
  expect(whenMade(instant(EIGHT + DAY), twentyPast, now)).toBe(now)
  expect([whenMade(ten, undefined, now), whenMade(instant(EIGHT + DAY), undefined, now)]).toEqual([ten, now])
})

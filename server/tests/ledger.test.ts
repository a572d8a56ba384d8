import { Machine, Movement, Needle, Piece, Supply, Take, Thread } from '@thimble/contract'
import fc from 'fast-check'
import { mkdtempSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { type Database, openDatabase, ShopStore } from '../src'
import { api } from '../src/http/api'
import { asJson, type Part } from '../src/shopFile/readParts'
import { takeShopIn } from '../src/shopFile/takeShopIn'
import { crewPolo, finished } from './crewPolo'

const migrations = path.join(__dirname, '../drizzle')
const NOW = '2026-11-23T18:00:00.000Z'
/** That many minutes after eight. */
const at = (minute: number): string => new Date(Date.UTC(2026, 10, 23, 8, minute)).toISOString()
const times = { createdAt: at(0), updatedAt: at(0), revision: 0 }
const mesh = Supply.parse({ ...times, id: 'mesh', name: 'Mesh', kind: 'cut-away-mesh', widthMm: 400, leftMm: 5000 })
const indigo = Thread.parse({ ...times, id: 'indigo', name: 'Indigo', colour: '#2c4a7a', leftM: 300 })

// Hundreds of transactions, each written through to the disk: slow where that is.
jest.setTimeout(60_000)

let database: Database
let store: ShopStore
beforeEach(async () => {
  database = await openDatabase(mkdtempSync(path.join(os.tmpdir(), 'thimble-')), migrations)
  store = new ShopStore(database, () => NOW)
  await store.documents.supplies!.create(mesh)
  await store.documents.threads!.create(indigo)
})
afterEach(() => database.close())

const leftOf = async (): Promise<[mm: number, m: number | null]> => [
  ((await store.documents.supplies!.get('mesh')) as Supply).leftMm,
  ((await store.documents.threads!.get('indigo')) as Thread).leftM,
]
type Moves = Partial<Movement> & { id: string; minute: number }
const moving = ({ minute, ...over }: Moves): Movement =>
  Movement.parse({
    ...times,
    createdAt: at(minute),
    name: 'Mesh',
    of: 'supplies.leftMm',
    ofId: 'mesh',
    kind: 'cut',
    ...over,
  })
const move = (moves: Moves) => store.documents.movements!.create(moving(moves))

const takes = (mm: number, m: number): Take[] => [
  Take.parse({ of: 'supplies.leftMm', ofId: 'mesh', name: 'Mesh', amount: mm }),
  Take.parse({ of: 'threads.leftM', ofId: 'indigo', name: 'Indigo', amount: m }),
]
/** A polo in the log, with what it took. */
function recordedPolo(id: string, took: Take[]): Piece {
  const piece = finished(crewPolo(id), at(30))
  return { ...piece, finish: { ...piece.finish, kept: [{ ...piece.finish.kept[0]!, took }] } }
}

describe('what is left', () => {
  it('is what was found last and what moved since, in the order in which it happened', async () => {
    await move({ id: 'a', minute: 10, amount: -190 })
    expect(await leftOf()).toEqual([4810, 300])
    await move({ id: 'b', minute: 20, kind: 'corrected', found: 4500 })
    await move({ id: 'c', minute: 30, kind: 'bought', amount: 10_000 })
    expect(await leftOf()).toEqual([14_500, 300])
    // A phone that was away tells of a cut before that count: it was counted with it.
    await move({ id: 'd', minute: 15, amount: -400 })
    expect(await leftOf()).toEqual([14_500, 300])
    await store.documents.movements!.remove('b')
    // 5000 - 190 - 400 + 10 000, now that nobody looked.
    expect(await leftOf()).toEqual([14_410, 300])
    await store.documents.movements!.restore('b')
    expect(await leftOf()).toEqual([14_500, 300])
  })

  it('is known of thread once a spool was weighed or bought, whatever was sewn before', async () => {
    await store.documents.threads!.create({ ...indigo, id: 'sand', leftM: null } as Thread)
    const of = { of: 'threads.leftM', ofId: 'sand', name: 'Sand' } as const
    const sand = async () => ((await store.documents.threads!.get('sand')) as Thread).leftM
    await move({ ...of, id: 'a', minute: 10, kind: 'used', amount: -12 })
    expect(await sand()).toBeNull()
    await move({ ...of, id: 'b', minute: 20, kind: 'weighed', found: 612.5 })
    await move({ ...of, id: 'c', minute: 30, kind: 'used', amount: -12.5 })
    expect(await sand()).toBe(600)
  })

  it('takes a clock that is ahead for now, so that what is counted after it comes after it', async () => {
    await move({ id: 'ahead', minute: 40 * 60, amount: -300 })
    expect(await store.documents.movements!.get('ahead')).toMatchObject({ createdAt: NOW })
    await store.documents.supplies!.patch('mesh', { leftMm: 4000 })
    expect((await leftOf())[0]).toBe(4000)
  })

  it('goes below nothing and says so, where more went than was there', async () => {
    await move({ id: 'a', minute: 10, amount: -5200 })
    expect((await leftOf())[0]).toBe(-200)
  })

  it('can be read again at the next start, however much came in or went', async () => {
    await move({ id: 'a', minute: 10, kind: 'bought', amount: 900_000 })
    await move({ id: 'b', minute: 11, kind: 'bought', amount: 900_000 })
    await move({ id: 'c', minute: 12, of: 'threads.leftM', ofId: 'indigo', kind: 'used', amount: -900_000 })
    const { folder } = database
    await database.close()
    database = await openDatabase(folder, migrations)
    store = new ShopStore(database, () => NOW)
    expect(await leftOf()).toEqual([1_805_000, -899_700])
  })

  it('is as a twin has it that goes through all that happened, however it arrives', async () => {
    const moves = fc.record({
      minute: fc.integer({ min: 1, max: 40 }),
      what: fc.oneof(
        fc.record({
          kind: fc.constant('cut' as const),
          amount: fc.integer({ min: -3_000_000, max: 0 }).map((n) => n / 1000),
        }),
        fc.record({ kind: fc.constant('corrected' as const), found: fc.integer({ min: 0, max: 9000 }) }),
      ),
      then: fc.constantFrom('stays', 'stays', 'is taken back', 'is brought back'),
    })
    let run = 0
    await fc.assert(
      fc.asyncProperty(fc.uniqueArray(moves, { selector: (m) => m.minute, maxLength: 8 }), async (all) => {
        const ofId = `mesh-${++run}`
        await store.documents.supplies!.create({ ...mesh, id: ofId } as Supply)
        for (const { minute, what } of all) await move({ id: `${ofId}-${minute}`, ofId, minute, ...what })
        for (const { minute, then } of all) {
          if (then !== 'stays') await store.documents.movements!.remove(`${ofId}-${minute}`)
          if (then === 'is brought back') await store.documents.movements!.restore(`${ofId}-${minute}`)
        }
        const standing = all.filter(({ then }) => then !== 'is taken back').sort((a, b) => a.minute - b.minute)
        const twin = standing.reduce((left, { what }) => ('found' in what ? what.found : left + what.amount), 5000)
        const { leftMm } = (await store.documents.supplies!.get(ofId)) as Supply
        expect(Math.abs(leftMm - twin)).toBeLessThan(1e-6)
      }),
      { numRuns: 25 },
    )
  })

  it('typed over is a count, of a ledger that begins with what was said before', async () => {
    await store.documents.supplies!.patch('mesh', { leftMm: 4200 })
    await move({ id: 'a', minute: 10, amount: -100 })
    // Cut before the count was typed.
    expect((await leftOf())[0]).toBe(4200)
    const all = JSON.parse(await store.documents.movements!.listText({ limit: 9, offset: 0 })) as Movement[]
    expect(all.map(({ kind, found, amount }) => [kind, found, amount]).sort()).toEqual([
      ['corrected', 4200, 0],
      ['cut', null, -100],
      ['opened', 5000, 0],
    ])
  })
})

describe('a record', () => {
  it('takes of roll and spool as it is written, gives back exactly what it took, and takes again as amended', async () => {
    const pieces = store.documents.pieces!
    await pieces.create(recordedPolo('polo', takes(174, 12.437)))
    expect(await leftOf()).toEqual([4826, 287.563])
    await pieces.create(recordedPolo('polo', takes(174, 12.437)))
    expect(await leftOf()).toEqual([4826, 287.563])
    const { kept } = recordedPolo('polo', takes(190, 20)).finish
    await pieces.patch('polo', { finish: { kept } })
    expect(await leftOf()).toEqual([4810, 280])
    await pieces.patch('polo', { finish: { kept: [] } })
    expect(await leftOf()).toEqual([5000, 300])
    await pieces.patch('polo', { finish: { kept } })
    // A piece that is removed from the log was sewn all the same.
    await pieces.remove('polo')
    expect(await leftOf()).toEqual([4810, 280])
  })

  it('is kept fifty at once from two devices, one cut off in the middle: the ledger adds up', async () => {
    const app = api(store)
    const put = (piece: Piece) =>
      app.request(`/pieces/${piece.id}`, {
        method: 'PUT',
        body: JSON.stringify(piece),
        headers: { 'content-type': 'application/json' },
      })
    const polos = (device: string) =>
      Array.from({ length: 25 }, (_, i) => recordedPolo(`${device}-${i}`, takes(0.1 * i + 100, 3.3)))
    const [laptop, phone] = [polos('laptop'), polos('phone')]
    const cutOff = phone.slice(0, 13)
    const answers = await Promise.all([...laptop, ...cutOff].map(put))
    expect(new Set(answers.map(({ status }) => status))).toEqual(new Set([200]))
    // 25 of 100 to 102.4 mm and 13 of 100 to 101.2 mm; 38 of 3.3 m.
    expect(await leftOf()).toEqual([5000 - 2530 - 1307.8, 174.6])
    // It comes back, and sends again what it heard no answer to.
    await Promise.all(phone.slice(8).map(put))
    expect(await leftOf()).toEqual([-60, 135])
    await Promise.all(
      [...laptop, ...phone].map(({ id }) => store.documents.pieces!.patch(id, { finish: { kept: [] } })),
    )
    expect(await leftOf()).toEqual([5000, 300])
  })
})

it('a needle fitted leaves the drawer and starts over; going back to the one before takes that back', async () => {
  const sharp = { size: '75/11', point: 'sharp', coated: false } as const
  await store.documents.needles!.create(Needle.parse({ ...times, ...sharp, id: 'sharps', name: 'Sharps', left: 5 }))
  const machines = store.documents.machines!
  await machines.create(Machine.parse({ ...times, id: 'loft', name: 'Loft', field: { width: 200, height: 300 } }))
  const fit = (minute: number) => machines.patch('loft', { needle: { ...sharp, since: at(minute), from: 'sharps' } })
  const machine = async () => {
    const { needleMinutes, needleStrikes } = (await machines.get('loft')) as Machine
    return [needleMinutes, needleStrikes, ((await store.documents.needles!.get('sharps')) as Needle).left]
  }
  const onLoft = { ofId: 'loft', name: 'Loft', kind: 'used' } as const
  await fit(10)
  await move({ ...onLoft, id: 'sewn', minute: 20, of: 'machines.needleMinutes', amount: 42 })
  await move({ ...onLoft, id: 'struck', minute: 21, of: 'machines.needleStrikes', amount: 1 })
  expect(await machine()).toEqual([42, 1, 4])
  await fit(30)
  expect(await machine()).toEqual([0, 0, 3])
  await fit(10)
  expect(await machine()).toEqual([42, 1, 4])
})

describe('a backup put in the place of what is here', () => {
  const exported = async (): Promise<string> => (await api(store).request('/export')).text()
  const replaceBy = async (file: string): Promise<void> => {
    const headers = { 'content-type': 'application/json' }
    const answer = await api(store).request('/import?how=replace', { method: 'POST', body: file, headers })
    expect(answer.status).toBe(200)
  }
  const notThere = (): void => undefined
  const deeds = [
    (n: number) => move({ id: `cut-${n}`, minute: 10 + n, amount: -(10 + n) }),
    (n: number) => move({ id: `found-${n}`, minute: 10 + n, kind: 'corrected', found: 4000 - n }),
    (n: number) => store.documents.pieces!.create(recordedPolo(`polo-${n}`, takes(100 + n, 2))),
    (n: number) => store.documents.pieces!.patch(`polo-${n - 1}`, { finish: { kept: [] } }).catch(notThere),
    (n: number) => store.documents.movements!.remove(`cut-${n - 1}`).catch(notThere),
    (n: number) => store.documents.supplies!.patch('mesh', { leftMm: 3000 + n }),
  ]

  it('of a ledger begun after it brings back what was there, today, after a restart and for what moves next', async () => {
    const before = await exported()
    await move({ id: 'a', minute: 10, amount: -100 })
    await store.documents.pieces!.create(recordedPolo('polo', takes(174, 12)))
    await replaceBy(before)
    expect(await leftOf()).toEqual([5000, 300])
    const { folder } = database
    await database.close()
    database = await openDatabase(folder, migrations)
    store = new ShopStore(database, () => NOW)
    expect(JSON.parse(await store.documents.supplies!.listText({ limit: 9, offset: 0 }))).toMatchObject([
      { id: 'mesh', leftMm: 5000 },
    ])
    await move({ id: 'b', minute: 20, amount: -36 })
    expect((await leftOf())[0]).toBe(4964)
  })

  let n = 0
  it('at any moment of any history brings back what was left then', async () => {
    const history = fc.array(fc.nat(deeds.length - 1), { minLength: 1, maxLength: 5 })
    await fc.assert(
      fc.asyncProperty(history, history, async (first, second) => {
        await store.documents.supplies!.patch('mesh', { leftMm: 5000 })
        for (const deed of first) await deeds[deed]!(n++)
        const [then, file] = [await leftOf(), await exported()]
        for (const deed of second) await deeds[deed]!(n++)
        await replaceBy(file)
        expect(await leftOf()).toEqual(then)
      }),
      { numRuns: 15, seed: 13 },
    )
  })
})

it('what moved of a thing before it came in is counted once it is there', async () => {
  const sharp = { size: '75/11', point: 'sharp', coated: false } as const
  const needle = { ...sharp, since: at(10), from: 'sharps' }
  await store.documents.machines!.create(
    Machine.parse({ ...times, id: 'loft', name: 'Loft', field: { width: 200, height: 300 }, needle }),
  )
  await store.documents.needles!.create(Needle.parse({ ...times, ...sharp, id: 'sharps', name: 'Sharps', left: 5 }))
  expect(await store.documents.needles!.get('sharps')).toMatchObject({ left: 4 })
})

it('what an older program wrote has no needle and no takes, and is changed like any other', async () => {
  const machine = Machine.parse({ ...times, id: 'old', name: 'Old', field: { width: 200, height: 300 } })
  const { needle, bobbin, needleMinutes, needleStrikes, bobbinM, ...old } = machine
  const polo = finished(crewPolo('old-polo'), at(5))
  const { took, ...record } = polo.finish.kept[0]!
  await database.writes.run(async (tx) => {
    await store.documents.machines!.put(tx, old as Machine)
    await store.documents.pieces!.put(tx, { ...polo, finish: { ...polo.finish, kept: [record] } } as never)
  })
  await store.documents.machines!.patch('old', { note: 'oiled' })
  await store.documents.pieces!.patch('old-polo', { note: 'sent' })
  expect(JSON.parse(await store.documents.movements!.listText({ limit: 9, offset: 0 }))).toEqual([])
  const needed = { size: '75/11', point: 'sharp', coated: false, since: at(10), from: null }
  await store.documents.machines!.patch('old', { needle: needed })
  expect(await store.documents.machines!.get('old')).toMatchObject({ needleMinutes: 0, needleStrikes: 0 })
})

it('from one weighing of a spool to the next tells what the forecasts are worth; a count in between tells nothing', async () => {
  const of = { of: 'threads.leftM', ofId: 'indigo', name: 'Indigo' } as const
  const used = (id: string, minute: number, amount: number, factor = 1) =>
    move({ ...of, id, minute, kind: 'used', piece: `piece-${id}`, amount, factor })
  await used('before', 5, -40)
  await move({ ...of, id: 'w1', minute: 10, kind: 'weighed', found: 200 })
  await used('u1', 11, -50)
  await move({ ...of, id: 'more', minute: 12, kind: 'bought', amount: 1025 })
  await move({ ...of, id: 'by-hand', minute: 12, kind: 'used', amount: -25 })
  // Reckoned with 1.25 already: 40 by the forecast.
  await used('u2', 13, -50, 1.25)
  await move({ ...of, id: 'w2', minute: 20, kind: 'weighed', found: 1101 })
  const app = api(store)
  const told = async () => (await app.request('/thread-factor')).json()
  // 1200 - 1101 gone, 50 + 40 worked out.
  expect(await told()).toEqual({ factor: 99 / 90, interval: null, weighings: 1 })
  await used('u3', 21, -100)
  await move({ ...of, id: 'c', minute: 22, kind: 'corrected', found: 900 })
  await used('u4', 23, -100)
  await move({ ...of, id: 'w3', minute: 30, kind: 'weighed', found: 700 })
  expect((await told()).weighings).toBe(1)
  const moved = (await (await app.request('/stock/threads.leftM/indigo')).json()) as Movement[]
  expect(moved.map(({ id }) => id).slice(0, 3)).toEqual(['w3', 'u4', 'c'])
})

it('a shop’s file carries the ledger: brought in elsewhere, and over what is here, what is left is the same', async () => {
  await move({ id: 'a', minute: 10, amount: -190 })
  await store.documents.pieces!.create(recordedPolo('polo', takes(174, 12)))
  const file: Part[] = []
  for (const [list, documents] of Object.entries(store.documents))
    for (const [at, value] of JSON.parse(await documents.listText({ limit: 99, offset: 0 })).entries())
      file.push({ list, at, json: asJson(value) })
  const elsewhere = await openDatabase(mkdtempSync(path.join(os.tmpdir(), 'thimble-')), migrations)
  const other = new ShopStore(elsewhere, () => NOW)
  const given = async function* () {
    yield* file
  }
  await takeShopIn(other, given())
  await takeShopIn(other, given())
  expect(await other.documents.supplies!.get('mesh')).toMatchObject({ leftMm: 4636 })
  // Cut since: an older file says nothing against it.
  await other.documents.movements!.create(moving({ id: 'b', minute: 50, amount: -36 }))
  await takeShopIn(other, given())
  expect(await other.documents.supplies!.get('mesh')).toMatchObject({ leftMm: 4600 })
  expect(await other.documents.threads!.get('indigo')).toMatchObject({ leftM: 288 })
  await elsewhere.close()
})

import { DesignCard, Order, type Piece, Supply, Take } from '@thimble/contract'
import type { OrderStatus } from '@thimble/contract/answers'
import { orderChanges } from '@thimble/plan/orders'
import { mkdtempSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { type Database, openDatabase, ShopStore } from '../src'
import { api } from '../src/http/api'
import { finished } from './crewPolo'

const migrations = path.join(__dirname, '../drizzle')
const at = '2026-11-23T08:00:00.000Z'
const times = { createdAt: at, updatedAt: at, revision: 0 }
const mesh = Supply.parse({
  ...times,
  id: 'mesh',
  name: 'Mesh',
  kind: 'cut-away-mesh',
  widthMm: 500,
  leftMm: 5000,
  cost: 400,
})
const order = Order.parse({
  ...{ ...times, id: 'o', name: 'Crew polos' },
  lines: {
    l: {
      ...{ item: { kind: 'polo' }, cloth: { family: 'pique' }, blank: 650 },
      places: { chest: { placement: 'left-chest', designId: 'name-wren' } },
      names: { r0: { size: 's', name: 'Wren' }, r1: { order: 1, size: 'l', name: 'Ives' } },
    },
  },
})
const pieces = orderChanges(order, [], () => null, { now: at, inLog: new Set() }).make
const card = DesignCard.parse({
  ...{ ...times, id: 'name-wren', name: 'Wren', width: 30, height: 12, stitches: 900, colours: ['#1f2d38'] },
  ...{ kind: 'wording', source: 'artwork', ofOrder: true },
})
const block = {
  colour: '#1f2d38',
  stitchCount: 900,
  estimated: true,
  jumps: 0,
  trims: 3,
  outlines: [[0, 0, 9000, 0, 0, 9000]],
}
const packed = { source: 'artwork', width: 30, height: 12, blocks: [block], warnings: [] }

let database: Database
let store: ShopStore
let app: ReturnType<typeof api>
beforeEach(async () => {
  database = await openDatabase(mkdtempSync(path.join(os.tmpdir(), 'thimble-')), migrations)
  store = new ShopStore(database, () => at)
  app = api(store)
  await store.documents.orders!.create(order)
  await store.documents.supplies!.create(mesh)
})
afterEach(() => database.close())

const make = (body: object, id = 'o') =>
  app.request(`/orders/${id}/pieces`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  })
const keptIds = async () => (await store.documents.pieces!.standingIds(database.db)).sort()

it('makes the pieces of an order with the names set for them, and asked twice makes none', async () => {
  const answers = [
    await make({ designs: [{ card, packed }], pieces }),
    await make({ designs: [{ card, packed }], pieces }),
  ]
  expect(await Promise.all(answers.map((answer) => answer.json()))).toEqual([{ made: 2 }, { made: 0 }])
  expect(await keptIds()).toEqual(['o-l-r0-chest', 'o-l-r1-chest'])
  expect(await store.packed.findText('name-wren')).toContain('"outlines"')
})

it('keeps none of them where one cannot be kept, is of another order, or there is no such order', async () => {
  const [wren, ives] = pieces as [Piece, Piece]
  const wrong: [object, string?][] = [
    [{ designs: [], pieces: [wren, { ...ives, measure: { ...ives.measure, placement: 'nowhere' } }] }],
    [{ designs: [], pieces: [wren, { ...ives, order: { ...ives.order, id: 'other' } }] }],
    [{ designs: [{ card, packed: { ...packed, blocks: [] } }], pieces }],
    [{ designs: [], pieces: pieces.map((piece) => ({ ...piece, order: { ...piece.order, id: 'gone' } })) }, 'gone'],
  ]
  const statuses = []
  for (const [body, id] of wrong) statuses.push((await make(body, id)).status)
  expect(statuses).toEqual([422, 422, 422, 404])
  expect(await keptIds()).toEqual([])
})

it('makes one again that was removed', async () => {
  await make({ designs: [], pieces })
  await store.documents.pieces!.remove('o-l-r1-chest')
  expect(await (await make({ designs: [], pieces })).json()).toEqual({ made: 1 })
  expect(await keptIds()).toHaveLength(2)
})

it('says how an order stands: which pieces are in the log, and what they really cost', async () => {
  await make({ designs: [], pieces })
  const [wren] = pieces as [Piece]
  const done = finished({ ...wren, finish: { ...wren.finish, verdict: 'good', minutesBy: { hooping: '6' } } }, at)
  await store.documents.pieces!.patch(wren.id, { finish: done.finish })
  await store.patchShop({ rates: { labourPerHour: 1200 } })
  const said = (await (await app.request('/orders/o/standing')).json()) as OrderStatus
  expect(said.pieces.map(({ row, finishedAt, verdict }) => [row, finishedAt, verdict])).toEqual([
    ['r0', at, 'good'],
    ['r1', null, null],
  ])
  // The item, and six minutes of hands at twelve an hour.
  expect(said.real).toMatchObject([{ line: 'l', recorded: 1, good: 1, cost: 650 + 120 }])
})

it('takes what was cut with a run off the roll once, and gives it back', async () => {
  await make({ designs: [], pieces })
  const left = async () => ((await store.documents.supplies!.get('mesh')) as Supply).leftMm
  const took = [Take.parse({ of: 'supplies.leftMm', ofId: 'mesh', name: 'Mesh', amount: 75 })]
  await store.documents.pieces!.patch('o-l-r0-chest', { build: { cut: [{ at, took }] } })
  expect(await left()).toBe(4925)
  await store.documents.pieces!.patch('o-l-r0-chest', { name: 'Crew polo, Wren' })
  expect(await left()).toBe(4925)
  await store.documents.pieces!.patch('o-l-r0-chest', { build: { cut: [] } })
  expect(await left()).toBe(5000)
})

import { type Client, createClient } from '@libsql/client'
import { logRowOf } from '@thimble/plan'
import { mkdtempSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { type Database, openDatabase, ShopStore } from '../src'
import { withPatientReads } from '../src/db/patientReads'
import { listPieces } from '../src/stores/pieceList'
import { crewPolo, finished } from './crewPolo'

const migrations = path.join(__dirname, '../drizzle')
const open = (folder: string): Promise<Database> => openDatabase(folder, migrations)
describe('the write queue', () => {
  it('writes in the order asked, and goes on after one that failed, which leaves nothing behind', async () => {
    const database = await open(mkdtempSync(path.join(os.tmpdir(), 'thimble-')))
    const store = new ShopStore(database, () => '2026-11-23T10:00:00.000Z')
    const order: number[] = []
    const first = database.writes.run(async () => void order.push(1))
    const failing = database.writes.run(async (tx) => {
      await store.documents.pieces!.put(tx, crewPolo('half-done'))
      throw new Error('pulled the plug')
    })
    const last = database.writes.run(async () => void order.push(3))
    await expect(failing).rejects.toThrow('pulled the plug')
    await Promise.all([first, last])
    expect(order).toEqual([1, 3])
    await expect(store.documents.pieces!.get('half-done')).rejects.toThrow('may have been removed')
    await database.close()
  })

  it('finishes what was asked for before it closes, and finds it again when opened', async () => {
    const folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-'))
    const database = await open(folder)
    const store = new ShopStore(database, () => '2026-11-23T10:00:00.000Z')
    void store.documents.pieces!.create(crewPolo('p'))
    void store.documents.pieces!.patch('p', { note: 'asked for last' })
    await database.close()
    const again = await open(folder)
    expect(await new ShopStore(again, () => '').documents.pieces!.get('p')).toMatchObject({ note: 'asked for last' })
    await again.close()
  })

  it('opens its connections again after a refused write, and a read under way at that very moment is answered', async () => {
    const file = path.join(mkdtempSync(path.join(os.tmpdir(), 'thimble-')), 'any.db')
    const ask = async (client: Client) => {
      const reading = client.execute('SELECT 7 AS seven')
      client.reconnect()
      return (await reading).rows[0]!.seven
    }
    await expect(ask(createClient({ url: `file:${file}` }))).rejects.toThrow(/closed/)
    const patient = withPatientReads(createClient({ url: `file:${file}` }))
    expect(await ask(patient)).toBe(7)
    patient.close()
    await expect(patient.execute('SELECT 7')).rejects.toThrow(/closed/)
  })

  it('knows a shop that was set up from one that never was', async () => {
    const folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-'))
    const database = await open(folder)
    const store = new ShopStore(database, () => '')
    expect(await store.isNew()).toBe(true)
    await store.patchShop({ unit: 'in' })
    expect([await store.isNew(), (await store.shop()).unit, (await store.shop()).name]).toEqual([
      false,
      'in',
      'My workshop',
    ])
    await database.close()
  })
})

describe('the bench list', () => {
  it('puts the most urgent first, what has no date last, and leaves out finished and removed', async () => {
    const database = await open(mkdtempSync(path.join(os.tmpdir(), 'thimble-')))
    const store = new ShopStore(database, () => '2026-11-23T10:00:00.000Z')
    await store.documents.pieces!.create(crewPolo('someday'))
    await store.documents.pieces!.create(crewPolo('friday', { due: '2026-11-27' }))
    await store.documents.pieces!.create(crewPolo('today', { due: '2026-11-23' }))
    await store.documents.pieces!.create(finished(crewPolo('done', { due: '2026-11-22' }), '2026-11-22T12:00:00.000Z'))
    await store.documents.pieces!.create(crewPolo('gone', { due: '2026-11-21' }))
    await store.documents.pieces!.remove('gone')
    const ids = async (state: 'bench' | 'finished', limit: number, offset: number) =>
      (JSON.parse(await listPieces(store, state, limit, offset)) as { id: string }[]).map((p) => p.id)
    expect(await ids('bench', 10, 0)).toEqual(['today', 'friday', 'someday'])
    expect(await ids('bench', 1, 1)).toEqual(['friday'])
    expect(await ids('finished', 10, 0)).toEqual(['done'])
    await store.documents.pieces!.restore('gone')
    expect(await ids('bench', 1, 0)).toEqual(['gone'])
    await database.close()
  })
})

describe('a log row', () => {
  const when = '2026-11-23T10:00:00.000Z'
  const landed = (text: string, way: 'low' | 'high'): number | null | undefined =>
    logRowOf(finished(crewPolo('p', { finish: { low: { text, unit: 'mm', way } } }), when))?.dy

  it('is there only for a finished piece', () => {
    expect(logRowOf(crewPolo('p'))).toBeNull()
  })

  it('reads the landing as typed: low is positive, high negative, nonsense and nothing are not known', () => {
    expect([landed('2', 'low'), landed('1/4 in', 'high'), landed('', 'low'), landed('a bit', 'low')]).toEqual([
      2,
      -6.35,
      null,
      null,
    ])
  })

  it('names the stack by what was really used', () => {
    const used = crewPolo('p', {
      finish: {
        stack: {
          holding: 'floated',
          layers: {
            a: { order: 0, role: 'cloth', kind: 'cloth', sheets: 1, grip: 'sticky' },
            b: { order: 1, role: 'backing', kind: 'tear-away-sticky', sheets: 1, grip: 'in-ring' },
          },
        },
      },
    })
    const row = logRowOf(finished(used, when))
    expect([row?.layers, row?.holding]).toEqual([['tear-away-sticky'], 'floated'])
  })
})

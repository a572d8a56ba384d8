import { blankPiece, type Piece } from '@thimble/contract'
import { mkdtempSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { type Database, openDatabase, ShopStore } from '../src'
import { logRowOf } from '../src/stores/logRowOf'

const migrations = path.join(__dirname, '../drizzle')
const open = (folder: string): Promise<Database> => openDatabase(folder, migrations)
const piece = (over: Partial<Piece> = {}): Piece => ({
  ...blankPiece({
    id: 'p',
    name: 'Crew polo',
    createdAt: '2026-11-20T08:00:00.000Z',
    itemKind: 'polo',
    size: 'm',
    placement: 'left-chest',
    family: 'pique',
    unit: 'mm',
  }),
  ...over,
})

describe('the write queue', () => {
  it('writes in the order asked, and goes on after one that failed, which leaves nothing behind', async () => {
    const database = await open(mkdtempSync(path.join(os.tmpdir(), 'thimble-')))
    const store = new ShopStore(database, () => '2026-11-23T10:00:00.000Z')
    const order: number[] = []
    const first = database.writes.run(async () => void order.push(1))
    const failing = database.writes.run(async (tx) => {
      await store.pieces.put(tx, piece({ id: 'half-done' }))
      throw new Error('pulled the plug')
    })
    const last = database.writes.run(async () => void order.push(3))
    await expect(failing).rejects.toThrow('pulled the plug')
    await Promise.all([first, last])
    expect(order).toEqual([1, 3])
    await expect(store.pieces.get('half-done')).rejects.toThrow('may have been removed')
    await database.close()
  })

  it('finishes what was asked for before it closes, and finds it again when opened', async () => {
    const folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-'))
    const database = await open(folder)
    const store = new ShopStore(database, () => '2026-11-23T10:00:00.000Z')
    void store.pieces.create(piece())
    void store.pieces.patch('p', { note: 'asked for last' })
    await database.close()
    const again = await open(folder)
    expect((await new ShopStore(again, () => '').pieces.get('p')).note).toBe('asked for last')
    await again.close()
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
    await store.pieces.create(piece({ id: 'someday' }))
    await store.pieces.create(piece({ id: 'friday', due: '2026-11-27' }))
    await store.pieces.create(piece({ id: 'today', due: '2026-11-23' }))
    await store.pieces.create(piece({ id: 'done', due: '2026-11-22', finishedAt: '2026-11-22T12:00:00.000Z' }))
    await store.pieces.create(piece({ id: 'gone', due: '2026-11-21' }))
    await store.pieces.remove('gone')
    expect((await store.pieces.listByState('bench', 10, 0)).map((p) => p.id)).toEqual(['today', 'friday', 'someday'])
    expect((await store.pieces.listByState('bench', 1, 1)).map((p) => p.id)).toEqual(['friday'])
    expect((await store.pieces.listByState('finished', 10, 0)).map((p) => p.id)).toEqual(['done'])
    await store.pieces.restore('gone')
    expect((await store.pieces.listByState('bench', 1, 0)).map((p) => p.id)).toEqual(['gone'])
    await database.close()
  })
})

describe('a log row', () => {
  const landed = (text: string, way: 'low' | 'high'): number | null | undefined => {
    const blank = piece().record
    return logRowOf(
      piece({ finishedAt: '2026-11-23T10:00:00.000Z', record: { ...blank, low: { text, unit: 'mm', way } } }),
    )?.dy
  }

  it('is there only for a finished piece', () => {
    expect(logRowOf(piece())).toBeNull()
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
    const used = {
      recipe: 'r',
      holding: 'floated' as const,
      layers: [
        { role: 'cloth' as const, kind: 'cloth', sheets: 1, grip: 'sticky' as const },
        { role: 'backing' as const, kind: 'tear-away-sticky', sheets: 1, grip: 'in-ring' as const },
      ],
      needle: '',
      bobbin: '',
      speedSpm: 0,
    }
    const row = logRowOf(
      piece({ finishedAt: '2026-11-23T10:00:00.000Z', holding: 'hooped', record: { ...piece().record, stack: used } }),
    )
    expect([row?.stack, row?.holding]).toEqual(['Sticky tear-away', 'floated'])
  })
})

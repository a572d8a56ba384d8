import { Piece } from '@thimble/contract'
import { logFacets, type LogFound, type LogRow, type LogInsights, type ShopRecord } from '@thimble/contract/log'
import { logRowOf } from '@thimble/plan'
import { mkdtempSync, rmSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import Papa from 'papaparse'
import { api, type Database, openDatabase, ShopStore } from '../src'
import { crewPolo, finished } from './crewPolo'

jest.setTimeout(30_000)

const folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-'))
let database: Database
let store: ShopStore
let app: ReturnType<typeof api>

const plain = finished(crewPolo('plain', { hoop: { holding: 'hooped' } }), '2026-01-01T09:00:00.000Z')
const pick = <T>(list: readonly T[], i: number): T => list[i % list.length]!

type Record_ = Piece['finish']['kept'][number]

/** A recorded polo of its own, by its number. */
function polo(i: number, change: Partial<Record_> = {}): Piece {
  const [kept] = plain.finish.kept
  const record: Record_ = {
    ...kept!,
    at: new Date(Date.UTC(2026, 0, 1 + i, 9)).toISOString(),
    basis: { ...kept!.basis, cloth: { ...kept!.basis.cloth, family: pick(['pique', 'twill', 'terry'] as const, i) } },
    holding: pick(['hooped', 'floated'] as const, i >> 1),
    hoop: { id: null, name: pick(['Square 100', 'Oblong 180'], i >> 2) },
    verdict: pick(['good', 'good', 'passable', 'spoiled'] as const, i),
    faults: i % 5 === 0 ? [{ id: 'puckering', howBad: 1, at: [] }] : [],
    landing: { dx: 0, dy: 2 + (i % 3) * 0.5, rotation: null },
    ...change,
  }
  return {
    ...plain,
    ...{
      id: `polo-${i}`,
      name: pick(['Crew pólo', 'Tearoom apron', 'Pennants of felt'], i),
      customer: `House ${i % 4}`,
    },
    finish: { ...plain.finish, kept: [record] },
  }
}

const pieces = Array.from({ length: 60 }, (_, i) => polo(i))
const get = async <T>(where: string): Promise<T> => (await (await app.request(where)).json()) as T
const found = (query: string): Promise<LogFound> => get<LogFound>(`/log/found?limit=500&${query}`)
const ids = async (query: string): Promise<string[]> => (await found(query)).rows.map(({ pieceId }) => pieceId)

const put = (piece: Piece) =>
  database.writes.run(async (tx) => {
    const documents = store.documents.pieces!
    return documents.put(tx, piece, { row: await documents.findIn(tx, piece.id) })
  })

beforeAll(async () => {
  database = await openDatabase(folder, path.join(__dirname, '../drizzle'))
  store = new ShopStore(database, () => '2026-11-23T10:00:00.000Z')
  app = api(store)
  for (const piece of pieces) await put(piece)
})
afterAll(async () => {
  await database.close()
  rmSync(folder, { recursive: true })
})

describe('the log is searched', () => {
  it('by the beginnings of words, whatever their accents and endings, and by what went wrong', async () => {
    const named = (name: string) => pieces.filter((piece) => piece.name === name).map(({ id }) => id)
    expect((await ids('words=crew%20POLO')).sort()).toEqual(named('Crew pólo').sort())
    for (const typed of ['pennan', 'pennant', 'pennants', 'felt%20penn'])
      expect((await ids(`words=${typed}`)).sort()).toEqual(named('Pennants of felt').sort())
    const puckered = pieces.filter((_, i) => i % 5 === 0).map(({ id }) => id)
    for (const typed of ['puck', 'puckered', 'Puckering'])
      expect((await ids(`words=${typed}`)).sort()).toEqual(puckered.sort())
    for (const hostile of ['%22', '%22%20OR%20*', 'NEAR(', '-', "'); DROP", '%00'])
      expect((await app.request(`/log/found?words=${hostile}`)).status).toBe(200)
  })

  it('by kinds together, each counted as if it alone were picked of its kind', async () => {
    const rows = pieces.map((piece) => logRowOf(piece)!)
    const asked = { cloth: ['pique', 'twill'], holding: ['floated'], verdict: ['good', 'spoiled'] }
    const has: Partial<Record<string, (row: LogRow, id: string) => boolean>> = {
      cloth: (row, id) => row.cloth === id,
      holding: (row, id) => row.holding === id,
      verdict: (row, id) => row.verdict === id,
      fault: (row, id) => row.faults.includes(id as never),
      hoop: (row, id) => row.hoop?.name === id,
      month: (row, id) => row.finishedAt.startsWith(id),
    }
    const fits = (row: LogRow, but?: string): boolean =>
      Object.entries(asked).every(([kind, picked]) => kind === but || picked.some((id) => has[kind]!(row, id)))
    const query = Object.entries(asked).flatMap(([kind, picked]) => picked.map((id) => `${kind}=${id}`))
    const { total, counts } = await found(query.join('&'))
    expect(total).toBe(rows.filter((row) => fits(row)).length)
    for (const kind of logFacets)
      for (const { id, count } of counts[kind] ?? [])
        if (has[kind])
          expect([kind, id, count]).toEqual([
            kind,
            id,
            rows.filter((row) => fits(row, kind) && has[kind]!(row, id)).length,
          ])
    expect(counts.fault).toEqual([expect.objectContaining({ id: 'puckering', name: 'Puckering' })])
    expect((await ids('since=2026-02-01&until=2026-02-03')).length).toBe(2)
    expect((await found('cloth=velvet')).total).toBe(0)
  })

  it('in order, a page after the other, and as it stands this moment', async () => {
    expect((await ids('sort=oldest'))[0]).toBe('polo-0')
    expect((await ids('sort=newest&offset=10'))[0]).toBe('polo-49')
    await put(polo(7, { landing: { dx: 0, dy: 40, rotation: null } }))
    expect((await ids('sort=off'))[0]).toBe('polo-7')
    await store.documents.pieces!.remove('polo-7')
    expect(await ids('sort=off')).toHaveLength(59)
    await store.documents.pieces!.restore('polo-7')
    await put(polo(7))
    expect(await ids('')).toHaveLength(60)
  })

  it('and goes out as CSV, no cell of which a table would work out', async () => {
    await put({ ...polo(3), name: '=1+1', customer: 'Saltmarsh, "the Ferry"' })
    const text = await (await app.request('/log.csv?words=ferry')).text()
    const { data } = Papa.parse<Record<string, string>>(text.trim(), { header: true })
    expect(data).toHaveLength(1)
    expect(data[0]).toMatchObject({
      id: 'polo-3',
      name: "'=1+1",
      customer: 'Saltmarsh, "the Ferry"',
      landed_down_mm: '2',
    })
    await put(polo(3))
  })
})

describe('what works here', () => {
  it('tells rates, landings in the hoop’s own frame, and faults by what was used', async () => {
    const works = await get<LogInsights>('/log/works')
    expect([works.pieces, works.judged]).toEqual([60, 60])
    // Every fourth is spoiled.
    expect(works.rates.holding.reduce((sum, { successes }) => sum + successes, 0)).toBe(45)
    const [tee] = works.landings.item
    expect(tee!.report.mean.dy).toBeCloseTo(2.5, 9)
    expect(tee!.report.worthCorrecting).toEqual({ dx: false, dy: true })
    expect(works.faults[0]).toMatchObject({ id: 'puckering', pieces: 12 })
    expect(works.months.map(({ month, pieces: count }) => [month, count])).toEqual([
      ['2026-01', 31],
      ['2026-02', 28],
      ['2026-03', 1],
    ])
  })

  it('takes out again what was added already, and turns with the hoop where that is what they drift with', async () => {
    const hooped = (i: number): Piece => {
      const made = polo(i, {
        landing: { dx: 0, dy: i % 2 === 0 ? 0.5 : -0.5, rotation: null },
        hoop: { id: 'h', name: 'Round 120' },
      })
      const learned = { pieces: 5, right: 0, down: 2 }
      const added = { right: 0, down: 2, by: 'hoop' as const, name: 'Round 120', learned }
      // Every other one was loaded upside down, and came out as far off the other way.
      const turned = i % 2 === 0 ? 180 : 0
      const pose = { x: 0, y: 0, rotation: turned }
      const kept = {
        ...{ at: '2026-01-01T08:00:00.000Z', hoop: null, pose, target: { x: 0, y: 0, rotation: 0 }, groups: null },
        ...{
          parts: null,
          poses: null,
          machine: null,
          turn: turned as 0 | 180,
          holding: 'hooped' as const,
          because: [],
          added,
        },
      }
      return { ...made, id: `turned-${i}`, hoop: { ...made.hoop, kept: [kept] } }
    }
    for (let i = 0; i < 5; i++) await put(hooped(i))
    const works = await get<LogInsights>('/log/works?hoop=h')
    // Always 0.5 up in the hoop, though 2 down had been added: without that, 2.5 up.
    expect(works.landings.hoop).toMatchObject([{ name: 'Round 120', frame: 'hoop', corrected: 5, report: { n: 5 } }])
    expect(works.landings.hoop[0]!.report.mean.dy).toBeCloseTo(-2.5, 6)
    for (let i = 0; i < 5; i++) await store.documents.pieces!.remove(`turned-${i}`)
  })

  it('says to plans how stacks came out from five pieces on, and how fast a machine really is', async () => {
    const before = await get<ShopRecord>('/log/record')
    expect(before.stacks.every(({ tries }) => tries >= 5)).toBe(true)
    expect(before.paces).toEqual([])
    for (let i = 0; i < 6; i++)
      await put(
        polo(i, {
          machine: { id: 'loft', name: 'Loft machine' },
          minutesBy: { stitching: 12 + i },
          forecast: { stitches: 5000, minutes: 10 },
        }),
      )
    const { paces } = await get<ShopRecord>('/log/record')
    // 87 minutes of what was worked out at 60.
    expect(paces).toMatchObject([{ machine: 'loft', runs: 6, factor: 1.45 }])
    expect(paces[0]!.interval![0]).toBeGreaterThan(1)
  })

  it('says to plans how long hands mostly take: the middle one of five pieces or more', async () => {
    const hooping = [3, 4, 5, 40, 6]
    for (const [i, minutes] of hooping.entries())
      await put(polo(i, { holding: 'clamped', minutesBy: { hooping: minutes, finishing: 2 * i } }))
    const { hands } = await get<ShopRecord>('/log/record')
    expect(hands!.hooping.find(({ holding }) => holding === 'clamped')).toEqual({
      holding: 'clamped',
      pieces: 5,
      minutes: 5,
    })
    expect(hands!.finishing).toEqual({ pieces: 5, minutes: 4 })
  })
})

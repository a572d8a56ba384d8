import type { Piece } from '@thimble/contract'
import { mkdtempSync, rmSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { readyDemo } from '../../demo/readyDemo'
import { api, type Database, openDatabase, ShopStore } from '../src'
import { crewPolo, finished, recorded } from './crewPolo'

const migrations = path.join(__dirname, '../drizzle')
const folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-'))
let database: Database
let ask: (method: string, path: string, body?: unknown) => Promise<{ status: number; type: string | null; body: any }>

beforeAll(async () => {
  database = await openDatabase(folder, migrations)
  const app = api(new ShopStore(database, () => '2026-11-23T10:00:00.000Z'))
  ask = async (method, where, body) => {
    const answer = await app.request(where, {
      method,
      ...(body === undefined ? {} : { body: JSON.stringify(body), headers: { 'content-type': 'application/json' } }),
    })
    return {
      status: answer.status,
      type: answer.headers.get('content-type'),
      body: answer.status === 204 ? null : await answer.json(),
    }
  }
})
afterAll(async () => {
  await database.close()
  rmSync(folder, { recursive: true })
})

describe('pieces', () => {
  it('are created once: asking again answers with what has been kept since', async () => {
    await ask('PUT', '/pieces/a', crewPolo('a'))
    await ask('PATCH', '/pieces/a', { measure: { measures: { chestWidth: { text: '21 1/4 in', unit: 'mm' } } } })
    const again = await ask('PUT', '/pieces/a', crewPolo('a'))
    expect(again.body.measure.measures.chestWidth.text).toBe('21 1/4 in')
  })

  it('may be of an item of one’s own, with its outline, and of no item that is not known', async () => {
    const edges = [200, 150, 200, 150].map((length) => ({ length, turn: null }))
    const own = { name: 'Flap', edges, lines: [], strips: [] }
    const flap = (id: string, item: object, placement = 'centred') => ({
      ...crewPolo(id),
      ...{ item: { kind: 'custom', size: 'm', own: item }, measure: { placement } },
    })
    expect((await ask('PUT', '/pieces/own', flap('own', own))).body.item.own).toEqual(own)
    for (const wrong of [
      flap('own-2', null as never),
      flap('own-2', own, 'left-chest'),
      flap('own-2', { ...own, edges: edges.slice(2) }),
    ])
      expect((await ask('PUT', '/pieces/own-2', wrong)).status).toBe(422)
    const item = {
      ...own,
      id: 'flap',
      createdAt: '2026-11-24T08:00:00.000Z',
      updatedAt: '2026-11-24T08:00:00.000Z',
    }
    expect((await ask('PUT', '/items/flap', item)).status).toBe(200)
    expect((await ask('GET', '/items')).body).toMatchObject([item])
  })

  it('change only where the merge patch says, and come to null where it takes away', async () => {
    await ask('PUT', '/pieces/b', crewPolo('b', { due: '2026-12-01', customer: 'Ferry' }))
    const { body } = await ask('PATCH', '/pieces/b', { due: null, measure: { marked: { cross: true } } })
    expect([body.due, body.customer, body.measure.marked]).toEqual([null, 'Ferry', { cross: true }])
  })

  it('that were removed meanwhile take no change, and no record, until they are brought back', async () => {
    const polo = crewPolo('removed')
    await ask('PUT', '/pieces/removed', polo)
    await ask('DELETE', '/pieces/removed')
    for (const change of [{ note: 'typed on the phone' }, recorded(polo, '2026-11-23T09:00:00.000Z')]) {
      const { status, body } = await ask('PATCH', '/pieces/removed?seen=1', change)
      expect([status, body.detail]).toEqual([410, 'This was removed. Bring it back to save your change.'])
    }
    const inLog = async (): Promise<boolean> =>
      ((await ask('GET', '/log?limit=200')).body as { pieceId: string }[]).some(({ pieceId }) => pieceId === 'removed')
    expect(await inLog()).toBe(false)
    await ask('POST', '/pieces/removed/restore')
    expect((await ask('GET', '/pieces/removed')).body.note).toBe(polo.note)
    expect((await ask('PATCH', '/pieces/removed', recorded(polo, '2026-11-23T09:00:00.000Z'))).status).toBe(200)
    expect(await inLog()).toBe(true)
    await ask('DELETE', '/pieces/removed')
  })

  it('say which field cannot be kept, and stay as they were', async () => {
    await ask('PUT', '/pieces/c', crewPolo('c'))
    const bad = await ask('PATCH', '/pieces/c', { name: '', due: 'soon' })
    expect([bad.status, bad.type]).toEqual([422, 'application/problem+json'])
    expect(bad.body.errors).toEqual(
      expect.arrayContaining([
        { path: 'name', message: 'Give it a name.' },
        { path: 'due', message: 'Write the date as YYYY-MM-DD.' },
      ]),
    )
    expect((await ask('GET', '/pieces/c')).body.name).toBe('Crew polo')
  })

  it('keep every one of fifty changes made at once', async () => {
    await ask('PUT', '/pieces/d', crewPolo('d'))
    await Promise.all(
      Array.from({ length: 50 }, (_, i) => ask('PATCH', '/pieces/d', { stitch: { checks: { [`check-${i}`]: true } } })),
    )
    expect(Object.keys((await ask('GET', '/pieces/d')).body.stitch.checks)).toHaveLength(50)
  })

  it('go to the log when finished, with landing and faults, and leave it when removed', async () => {
    const polo = crewPolo('e', {
      hoop: { holding: 'hooped' },
      finish: {
        verdict: 'good',
        low: { text: '2', unit: 'mm', way: 'low' },
        side: { text: '1/4 in', unit: 'mm', way: 'left' },
        faults: { puckering: { howBad: 1 } },
      },
    })
    await ask('PUT', '/pieces/e', polo)
    expect((await ask('GET', '/log')).body).toEqual([])
    await ask('PATCH', '/pieces/e', recorded(polo, '2026-11-23T09:00:00.000Z'))
    const [row] = (await ask('GET', '/log/found?fault=puckering&cloth=pique')).body.rows
    expect([row.pieceId, row.dy, row.dx, row.faults]).toEqual(['e', 2, -6.35, ['puckering']])
    expect((await ask('GET', '/log/found?fault=crooked')).body).toMatchObject({ total: 0, rows: [] })
    await ask('DELETE', '/pieces/e')
    expect((await ask('GET', '/log')).body).toEqual([])
    await ask('POST', '/pieces/e/restore')
    expect((await ask('GET', '/log')).body).toHaveLength(1)
  })
})

it('refuses a patch that reaches for the language', async () => {
  const app = api(new ShopStore(database, () => ''))
  const answer = await app.request('/pieces/a', {
    method: 'PATCH',
    body: '{"measure":{"measures":{"__proto__":{"polluted":true}}}}',
    headers: { 'content-type': 'application/json' },
  })
  expect([answer.status, ({} as { polluted?: boolean }).polluted]).toEqual([422, undefined])
})

it('refuses a key it does not know with its path, in words, whatever it is set to', async () => {
  const unknown = (path: string) => ({ path, message: expect.stringMatching(/^This name isn’t known/) })
  const errors = async (patch: object) => (await ask('PATCH', '/pieces/a', patch)).body.errors
  expect(await errors({ hoopTurn: 90, measure: { colour: 'red', measures: {} } })).toEqual([
    unknown('hoopTurn'),
    unknown('measure.colour'),
  ])
  expect(await errors({ hoopTurn: null })).toEqual([unknown('hoopTurn')])
  expect(await errors({ finish: { faults: { measles: null } } })).toEqual([unknown('finish.faults.measles')])
  expect(await errors({ measure: { placement: 'left-knee' } })).toEqual([
    { path: 'measure.placement', message: 'No item has this placement.' },
  ])
  expect((await ask('PUT', '/pieces/new', { ...crewPolo('new'), hoopTurn: 90 })).body.errors).toEqual([
    unknown('hoopTurn'),
  ])
})

describe('the whole shop', () => {
  const demo = readyDemo()

  it('comes in by the import door and goes out the same', async () => {
    const counts = await ask('POST', '/import', demo)
    expect(counts.body).toEqual({
      ...{ machines: 2, hoops: 5, supplies: 13, threads: 12, swatches: 1, designs: 7, packedDesigns: 7, items: 1 },
      ...{ needles: 4, bobbins: 3, adhesives: 2, movements: 14, runEvents: 0, photos: 0, corrections: 0, orders: 1 },
      pieces: demo.pieces.length,
    })
    const out = (await ask('GET', '/export')).body
    expect(out.designs.map((d: { id: string }) => d.id).sort()).toEqual(
      demo.designs.map((d: { id: string }) => d.id).sort(),
    )
    expect(out.packedDesigns).toHaveLength(7)
    expect(out.packedDesigns).toContainEqual(demo.packedDesigns[0])
    const { revision, ...polo } = demo.pieces[0]!
    expect(out.pieces.find((p: Piece) => p.id === polo.id)).toEqual(polo)
  })

  it('is listed to its last document, a page after the other', async () => {
    const all = (await ask('GET', '/supplies')).body.map((s: { id: string }) => s.id)
    const pages = await Promise.all([0, 5, 10, 15].map((from) => ask('GET', `/supplies?limit=5&offset=${from}`)))
    expect(pages.map(({ body }) => body.length)).toEqual([5, 5, 3, 0])
    expect(pages.flatMap(({ body }) => body.map((s: { id: string }) => s.id))).toEqual(all)
  })

  it('comes in all or nothing', async () => {
    const bad = await ask('POST', '/import', {
      ...demo,
      shop: { ...demo.shop, name: 'Another' },
      hoops: [{ ...demo.hoops[0], id: 'new', outside: { width: -1, height: 5 } }],
    })
    expect(bad.status).toBe(422)
    expect(bad.body.errors[0].path).toBe('hoops.0.outside.width')
    expect((await ask('GET', '/shop')).body.name).toBe('Marram & Tide')
    expect((await ask('GET', '/hoops/new')).status).toBe(404)
  })
})

it('refuses a body over 2 MB and text that is not JSON, in words', async () => {
  expect((await ask('PATCH', '/pieces/a', { note: 'x'.repeat(2_100_000) })).status).toBe(413)
  const app = api(new ShopStore(database, () => ''))
  const answer = await app.request('/pieces/a', {
    method: 'PATCH',
    body: '{',
    headers: { 'content-type': 'application/json' },
  })
  expect([answer.status, ((await answer.json()) as { detail: string }).detail]).toEqual([
    400,
    'The request isn’t valid JSON. Send it again.',
  ])
})

it('describes itself', async () => {
  const { body } = await ask('GET', '/openapi.json')
  expect(Object.keys(body.paths)).toEqual(
    expect.arrayContaining(['/health', '/pieces', '/pieces/{id}', '/hoops/{id}/restore', '/log', '/import']),
  )
})

describe('packed designs', () => {
  const design = (id: string) => ({
    ...{ id, name: 'Leaf', createdAt: '2026-11-20T08:00:00.000Z', updatedAt: '2026-11-20T08:00:00.000Z' },
    ...{ width: 4, height: 1, stitches: 2, colours: ['#3e6b4c'], kind: 'fill', source: 'stitches' },
  })
  const packed = (stitches = [0, 0, 4000, 0]) => ({
    ...{ source: 'stitches', width: 4, height: 1, warnings: [] },
    blocks: [{ colour: '#3e6b4c', stitchCount: 2, estimated: false, jumps: 0, trims: 0, stitches }],
  })

  it('are kept whole, apart from their design, and may be sent twice', async () => {
    await ask('PUT', '/designs/leaf', design('leaf'))
    expect((await ask('GET', '/designs/leaf/packed')).status).toBe(404)
    for (let i = 0; i < 2; i++) expect((await ask('PUT', '/designs/leaf/packed', packed())).status).toBe(204)
    expect((await ask('GET', '/designs/leaf/packed')).body).toEqual(packed())
    expect((await ask('GET', '/designs/leaf')).body).not.toHaveProperty('blocks')
  })

  it('are refused in words without a design, or with points that are none, and nothing is kept then', async () => {
    expect((await ask('PUT', '/designs/nobody/packed', packed())).status).toBe(404)
    await ask('PUT', '/designs/odd', design('odd'))
    for (const wrong of [
      packed([0.5, 0]),
      packed([9e9, 0]),
      { ...packed(), source: 'size' },
      { ...packed(), blocks: [] },
    ])
      expect((await ask('PUT', '/designs/odd/packed', wrong)).status).toBe(422)
    expect((await ask('GET', '/designs/odd/packed')).status).toBe(404)
  })

  it('take what is measured of artwork, which has no longest stitch, through a patch', async () => {
    await ask('PUT', '/designs/art', { ...design('art'), source: 'artwork' })
    const summary = {
      ...{ estimated: true, jumps: 0, trims: 0, longest: null, shortest: null, short: 0, long: 0, meanLoad: 62 },
      ...{ load95: 70, loadClass: 'medium', colourChanges: 0, blocks: [], hull: [], sketch: [], warnings: [] },
    }
    expect((await ask('PATCH', '/designs/art', { summary, order: null })).body).toMatchObject({ summary, order: null })
  })
})

describe('what was removed', () => {
  it('is listed with its name, the latest first, until it is brought back', async () => {
    const thread = (id: string, name: string) => ({
      ...{ id, name, createdAt: '2026-11-23T08:00:00.000Z', updatedAt: '2026-11-23T08:00:00.000Z' },
      ...{ colour: '#a63a2b', weight: 40, fibre: 'polyester' },
    })
    for (const [id, name] of [
      ['gone-1', 'Madder 40'],
      ['gone-2', 'Weld 40'],
    ] as const) {
      await ask('PUT', `/threads/${id}`, thread(id, name))
      await ask('DELETE', `/threads/${id}`)
    }
    const listed = async () =>
      (await ask('GET', '/removed')).body.filter(({ id }: { id: string }) => id.startsWith('gone-'))
    expect((await listed()).map((t: { collection: string; name: string }) => [t.collection, t.name])).toEqual(
      expect.arrayContaining([
        ['threads', 'Madder 40'],
        ['threads', 'Weld 40'],
      ]),
    )
    await ask('POST', '/threads/gone-1/restore')
    expect((await listed()).map((t: { id: string }) => t.id)).toEqual(['gone-2'])
  })
})

describe('a past piece', () => {
  it('is found in the whole log by words of its name or customer, and by what is typed as it stands', async () => {
    const [name, customer] = ['Velvet drape', 'Kelpwick Concertina Band']
    await ask('PUT', '/pieces/past', finished({ ...crewPolo('past'), name, customer }, '2026-11-23T09:00:00.000Z'))
    const found = async (words: string) =>
      (await ask('GET', `/log/found?words=${encodeURIComponent(words)}`)).body.rows.map(
        (r: { pieceId: string }) => r.pieceId,
      )
    expect(await found('KELPWICK drape')).toContain('past')
    expect(await found('%')).toContain('past')
    expect(await found(`${name} nowhere`)).toEqual([])
  })
})

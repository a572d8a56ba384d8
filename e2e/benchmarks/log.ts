import type { PhotoInFile } from '@thimble/contract/answers'
import { Piece } from '@thimble/contract'
import { logFacets } from '@thimble/contract/log'
import { finishedAt } from '@thimble/plan'
import { readyDemo } from '../../demo/readyDemo'
import { tinyPicture } from '../../server/tests/pictures'
import { ShopServer } from '../server'
import type { Figure } from './figure'
import { timedImport } from './large'
import { shopLines } from './manyPieces'

const PIECES = Number(process.env.PIECES ?? 50_000)
const [PHOTOS, PHOTO_BYTES] = [500, 400_000]
const ASKS = 200

const pick = <T>(list: readonly T[], i: number): T => list[i % list.length]!
const p95 = (list: number[]): number => list.sort((a, b) => a - b)[Math.floor(list.length * 0.95)]!

/** Recorded pieces that differ in all they are filtered by. */
function recordedPiece(done: Piece, i: number): Piece {
  const [kept] = done.finish.kept
  const { basis } = kept!
  const family = pick(['pique', 'twill', 'terry', 'jersey', 'linen', 'denim', 'velvet-plush'] as const, i)
  const record: typeof kept = {
    ...kept!,
    at: new Date(Date.UTC(2020, 0, 1) + i * 3_600_000).toISOString(),
    basis: { ...basis, cloth: { ...basis.cloth, family } },
    holding: pick(['hooped', 'floated', 'clamped'] as const, i >> 1),
    hoop: { id: `hoop-${i % 9}`, name: `Hoop ${i % 9}` },
    machine: { id: `machine-${i % 3}`, name: `Machine ${i % 3}` },
    verdict: pick(['good', 'good', 'good', 'passable', 'spoiled'] as const, i >> 2),
    faults: i % 6 === 0 ? [{ id: pick(['puckering', 'crooked', 'nest'] as const, i >> 3), howBad: 1, at: [] }] : [],
    landing: { dx: ((i * 7) % 50) / 10 - 2.5, dy: ((i * 13) % 60) / 10 - 1, rotation: null },
    ...{ tries: 1 + (i % 3), minutes: 20 + (i % 40), minutesBy: { stitching: 10 + (i % 9) } },
    forecast: { stitches: 9000, minutes: 12 },
  }
  return {
    ...done,
    ...{ id: `many-${i}`, name: `${pick(names, i)} ${i}`, customer: pick(customers, i >> 4) },
    finish: { ...done.finish, kept: [record] },
  }
}
const names = ['Crew polo', 'Tearoom apron', 'Felt pennant', 'Waffle robe', 'Table runner', 'Blanket corner']
const customers = ['Saltmarsh Ferry Co-op', 'Kelpwick Concertina Band', 'Gullhouse Guest Rooms']

/** The log of a shop of many years: found, counted, learned from, and added to. */
export async function measureLog(): Promise<Figure[]> {
  const server = await ShopServer.fresh()
  await server.start()
  try {
    const demo = readyDemo()
    const done = demo.pieces.find(finishedAt)!
    const many = Array.from({ length: PIECES }, (_, i) => () => recordedPiece(done, i))
    const photos = Array.from({ length: PHOTOS }, (_, i) => () => photo(i))
    const shop = shopLines(demo, many, { photos })
    const imported = await timedImport(server, shop, '50 000 pieces and 500 photos', 40)
    await server.send('GET', '/log/found?limit=1')
    return [
      ...imported,
      ...(await asked(server)),
      await timed('what works here, of 50 000 pieces', 9, 1000, () => server.send('GET', '/log/works')),
      await recordOne(server, done),
      ...(await backedUp(server)),
    ]
  } finally {
    await server.stop()
    server.clear()
  }
}

async function asked(server: ShopServer): Promise<Figure[]> {
  const counts = (await server.send('GET', '/log/found?limit=1')).counts as Record<string, { id: string }[]>
  const kinds: [string, (i: number) => string][] = [
    [
      'words as typed',
      (i) => `words=${pick(['cr', 'crew', 'crew pol', 'towel', 'penn', 'gullhouse robe', 'puck'], i)}`,
    ],
    [
      'three kinds together, with counts',
      (i) =>
        [0, 1, 2]
          .map((k) => pick(logFacets, i + k * 5))
          .map((kind) => `${kind}=${encodeURIComponent(counts[kind]?.[i % (counts[kind].length || 1)]?.id ?? 'none')}`)
          .join('&'),
    ],
    ['words, a fault and an order', (i) => `words=polo&fault=puckering&sort=${pick(['newest', 'name', 'off'], i)}`],
    ['a page far down', (i) => `offset=${(i * 211) % 49_000}`],
  ]
  const figures: Figure[] = []
  for (const [what, query] of kinds) {
    const times: number[] = []
    for (let i = 0; i < ASKS; i++) {
      const start = performance.now()
      await server.send('GET', `/log/found?limit=50&${query(i)}`)
      if (i >= ASKS / 10) times.push(performance.now() - start)
    }
    figures.push({ what: `log of 50 000 p95: ${what}`, value: p95(times), unit: 'ms', aim: 50 })
  }
  return figures
}

async function timed(what: string, times: number, aim: number, work: (i: number) => Promise<unknown>): Promise<Figure> {
  const took: number[] = []
  for (let i = 0; i < times; i++) {
    const start = performance.now()
    await work(i)
    took.push(performance.now() - start)
  }
  return { what, value: took.sort((a, b) => a - b)[Math.floor(times / 2)]!, unit: 'ms', aim }
}

/** From the change of the piece to the answer, with its row, its words and what it took of the stash. */
function recordOne(server: ShopServer, done: Piece): Promise<Figure> {
  return timed('one piece recorded beside 50 000', 31, 50, async (i) => {
    const { kept } = recordedPiece(done, i).finish
    await server.send('PATCH', `/pieces/many-${i}`, { finish: { kept, reopened: false } })
  })
}

/** A photo as large as the app makes them, with a picture of noise. */
function photo(i: number): PhotoInFile {
  const noise = Buffer.from(Array.from({ length: PHOTO_BYTES }, (_, at) => (at * 31 + i * 7 + (at >> 7)) % 251))
  const [head, end] = [tinyPicture(1).slice(0, -4), Buffer.from([0xff, 0xd9])]
  return { id: `photo-${i}`, jpeg: Buffer.concat([head, noise, end]).toString('base64') }
}

/** The whole shop out as one zip, taken as it comes; the memory is the most the server has held since its start. */
async function backedUp(server: ShopServer): Promise<Figure[]> {
  await server.stop()
  await server.start()
  const start = performance.now()
  const answer = await fetch(`${server.url}/api/v1/backup`)
  let bytes = 0
  for await (const chunk of answer.body as unknown as AsyncIterable<Uint8Array>) bytes += chunk.length
  const took = (performance.now() - start) / 1000
  return [
    {
      what: `backup of 50 000 pieces and 500 photos, ${Math.round(bytes / 1e6)} MB`,
      value: took,
      unit: 's',
      aim: 60,
    },
    { what: 'most memory of the server meanwhile', value: server.mostMemory, unit: 'MB', aim: 400 },
  ]
}

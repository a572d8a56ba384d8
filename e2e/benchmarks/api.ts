import type { Piece } from '@thimble/contract'
import { finishedAt } from '@thimble/plan'
import { readyDemo } from '../../demo/readyDemo'
import { ShopServer } from '../server'
import type { Figure } from './figure'

const PIECES = 10_000
const BATCH = 500

/** p95 of reads with 10 000 pieces in the database, nine in ten of them finished. */
export async function measureApi(): Promise<Figure[]> {
  const server = await ShopServer.fresh()
  await server.start()
  try {
    const demo = readyDemo()
    await server.importDemo()
    const [open, done] = [demo.pieces[0]!, demo.pieces.find(finishedAt)!]
    const all = Array.from(
      { length: PIECES },
      (_, i): Piece => ({
        ...(i % 10 === 0 ? open : done),
        id: `bench-${i}`,
        name: `Bench piece ${i}`,
        ...(i % 10 === 0 ? {} : { finish: finishedOn(done, new Date(Date.UTC(2026, 0, 1) + i * 3_600_000)) }),
      }),
    )
    for (let i = 0; i < PIECES; i += BATCH)
      await server.send('POST', '/import', {
        ...demo,
        hoops: [],
        supplies: [],
        threads: [],
        designs: [],
        packedDesigns: [],
        pieces: all.slice(i, i + BATCH),
      })
    const reads: [string, string][] = [
      ['one piece', '/pieces/bench-5001'],
      ['bench, 50 pieces', '/pieces?state=bench&limit=50'],
      ['log, 50 rows', '/log?limit=50'],
      ['log by cloth and fault', '/log/found?cloth=twill&fault=thread-breaks&limit=50'],
      ['hoops', '/hoops'],
    ]
    const figures: Figure[] = []
    for (const [name, path] of reads)
      figures.push({
        what: `API p95 with 10 000 pieces: ${name}`,
        value: await p95(() => server.send('GET', path)),
        unit: 'ms',
        aim: 20,
      })
    return figures
  } finally {
    await server.stop()
    server.clear()
  }
}

function finishedOn({ finish }: Piece, at: Date): Piece['finish'] {
  return { ...finish, kept: [{ ...finish.kept[0]!, at: at.toISOString() }] }
}

async function p95(read: () => Promise<unknown>): Promise<number> {
  const times: number[] = []
  for (let i = 0; i < 120; i++) {
    const start = performance.now()
    await read()
    if (i >= 20) times.push(performance.now() - start)
  }
  return times.sort((a, b) => a - b)[Math.floor(times.length * 0.95)]!
}

import { spawn } from 'node:child_process'
import { copyFileSync } from 'node:fs'
import path from 'node:path'
import { readyDemo } from '../../demo/readyDemo'
import { ShopServer } from '../server'
import type { Figure } from './figure'

const ROUNDS = 400
const WARM = 100

/** The API beside a bare twin on a copy of the same shop, one request after the other to each in turn. */
export async function measureTwin(): Promise<Figure[]> {
  const server = await ShopServer.fresh()
  await server.start()
  await server.send('POST', '/import', readyDemo())
  await server.stop()
  const copy = path.join(server.folder, 'twin.db')
  copyFileSync(path.join(server.folder, 'shop.db'), copy)
  await server.start()
  const port = server.port + 1
  const twin = spawn(process.execPath, ['--import', 'tsx', 'e2e/bench/bareTwin.ts', copy, String(port)])
  try {
    await new Promise((resolve) => twin.stdout.once('data', resolve))
    const [ours, bare] = [`${server.url}/api/v1/pieces/piece-polo-4`, `http://127.0.0.1:${port}/pieces/piece-polo-4`]
    const read = await ratio(ours, bare, () => ({}))
    const headers = { 'content-type': 'application/json' }
    const patched = await ratio(ours, bare, (i) => ({
      method: 'PATCH',
      headers,
      body: JSON.stringify({ note: `note ${i}` }),
    }))
    return [
      { what: 'one piece read, over the bare twin (medians)', value: read, unit: 'times', aim: 1.3 },
      { what: 'one piece patched, over the bare twin (medians)', value: patched, unit: 'times', aim: 1.6 },
    ]
  } finally {
    twin.kill()
    await server.stop()
    server.clear()
  }
}

async function ratio(ours: string, bare: string, init: (round: number) => RequestInit): Promise<number> {
  const times: [number[], number[]] = [[], []]
  for (let i = 0; i < ROUNDS + WARM; i++)
    for (const [which, url] of [ours, bare].entries()) {
      const start = performance.now()
      const answer = await fetch(url, init(i))
      await answer.text()
      if (!answer.ok) throw new Error(`${url}: ${answer.status}`)
      if (i >= WARM) times[which as 0 | 1].push(performance.now() - start)
    }
  const [a, b] = times.map((list) => list.sort((x, y) => x - y)[ROUNDS / 2]!)
  return a! / b!
}

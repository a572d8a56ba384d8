import fc from 'fast-check'
import { spawn } from 'node:child_process'
import path from 'node:path'
import { type Asked, askedAt, doorsOf, whereOf } from '../../server/tests/hostileAsks'
import { ShopServer } from '../server'
import { type Heavy, heavyBodies } from './heavyBodies'

const AT_ONCE = 4
/** Many of them hold the whole demo shop: a hundred thousand at once are gigabytes. */
const MADE_AT_ONCE = 500

/** `oneIn`: of the bodies at their limits, the first of every so many. */
type HostileAsks = { requests: number; seed: number; oneIn?: number }

type HostileFigures = {
  asked: number
  /** What was answered with a failure of the server's own, or not at all. */
  failed: string[]
  /** The longest that an other one had to wait meanwhile, in ms, and for what. */
  stall: number
  /** The most the server held, in MB. */
  memory: number
}

/**
 * Asks the program itself whatever may be asked, sound or spoiled, and every body at its limits; another program asks
 * meanwhile how it is.
 */
export async function hostileRun({ requests, seed, oneIn = 1 }: HostileAsks): Promise<HostileFigures> {
  const shop = await ShopServer.fresh()
  await shop.start()
  await shop.importDemo()
  const { paths } = await shop.send<{ paths: Record<string, object> }>('GET', '/openapi.json')
  const failed: string[] = []
  const meanwhile = beginAsking(`${shop.url}/api/v1/health`)
  const heavies = heavyBodies().filter((_, i) => i % oneIn === 0)
  for (const heavy of heavies) {
    const status = await sendHeavy(shop, heavy)
    if (status >= 500) failed.push(`${heavy.what}: ${status}`)
  }
  const anything = askedAt(doorsOf(paths))
  for (let made = 0; made < requests; made += MADE_AT_ONCE) {
    const asks = fc.sample(anything, { numRuns: Math.min(MADE_AT_ONCE, requests - made), seed: seed + made })
    const ask = async (): Promise<void> => {
      for (let one = asks.pop(); one; one = asks.pop()) {
        const status = await sendOne(shop, one)
        if (status >= 500 || status === 0) failed.push(`${one.door.method} ${whereOf(one)}: ${status}`)
      }
    }
    await Promise.all(Array.from({ length: AT_ONCE }, ask))
  }
  const [stall, memory] = [await meanwhile(), shop.mostMemory]
  await shop.stop()
  shop.clear()
  return { asked: requests + heavies.length, failed, stall, memory }
}

/** One that breaks off the connection has answered without words; none of them may end the program, which the next one tells. */
async function sendHeavy(shop: ShopServer, { method, where, type = 'application/json', body }: Heavy): Promise<number> {
  const headers = { 'content-type': type, connection: 'close' }
  return fetch(`${shop.url}/api/v1${where}`, { method, headers, body }).then(
    async (answer) => (await answer.text(), answer.status),
    () => 499,
  )
}

async function sendOne(shop: ShopServer, asked: Asked): Promise<number> {
  const method = asked.door.method.toUpperCase()
  const sent = method === 'GET' ? {} : { body: asked.body, headers: { 'content-type': asked.type } }
  try {
    const answer = await fetch(`${shop.url}/api/v1${whereOf(asked)}`, { method, ...sent })
    await answer.arrayBuffer()
    return answer.status
  } catch {
    return 0
  }
}

/** Asks again and again in a program of its own, as this one has its hands full; answers with the longest wait. */
function beginAsking(url: string): () => Promise<number> {
  const asking = spawn(process.execPath, [path.join(__dirname, 'askOn.mjs'), url], {
    stdio: ['pipe', 'pipe', 'inherit'],
  })
  return () =>
    new Promise((resolve) => {
      asking.stdout.once('data', (said) => resolve(Number(said)))
      asking.stdin.end()
    })
}

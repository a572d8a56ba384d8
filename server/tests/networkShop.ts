import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs'
import { request } from 'node:https'
import { createServer } from 'node:net'
import os from 'node:os'
import path from 'node:path'
import { openDatabase, PhoneListener, Phones, ShopStore, sites } from '../src'

const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as { port: number }
      probe.close(() => resolve(port))
    })
  })

type Said = { status: number; headers: Record<string, string | string[] | undefined>; text: string }
type Ask = { method?: string; body?: object; cookie?: string | undefined; headers?: Record<string, string> }

/** A shop with its door to the network open, on this machine alone; guesses wait for nothing. */
export async function shopWithDoor() {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'thimble-door-'))
  mkdirSync(path.join(folder, 'site/pair'), { recursive: true })
  writeFileSync(path.join(folder, 'site/index.html'), '<html>the shell</html>')
  writeFileSync(path.join(folder, 'site/app.js'), 'shell()')
  writeFileSync(path.join(folder, 'site/pair/index.html'), '<html>the way in</html>')
  const clock = {
    at: Date.parse('2026-11-28T08:00:00Z'),
    place: { addresses: ['192.168.7.5'], names: ['bench-laptop'] },
  }
  const database = await openDatabase(path.join(folder, 'data'), path.join(__dirname, '../drizzle'))
  const store = new ShopStore(database, () => '2026-11-28T08:00:00.000Z')
  const port = await freePort()
  const phones = await Phones.of(database, {
    ...{ port, now: () => new Date(clock.at), place: () => clock.place, pause: () => Promise.resolve() },
  })
  const { loopback, network } = sites(store, path.join(folder, 'site'), { phones })
  const patience = { requestTimeout: 60_000, headersTimeout: 5000, connectionsCheckingInterval: 1000 }
  await phones.ready(({ server }) => new PhoneListener(port, server, network.fetch, patience), { open: true })

  const atLaptop = async (method: string, where: string, body?: object) => {
    const init = { method, headers: { host: '127.0.0.1:4820', 'content-type': 'application/json' } }
    return loopback.request(where, body ? { ...init, body: JSON.stringify(body) } : init)
  }
  const options = { host: '127.0.0.1', port, rejectUnauthorized: false, agent: false } as const
  const fromNetwork = (where: string, { method = 'GET', body, cookie, headers = {} }: Ask = {}): Promise<Said> =>
    new Promise((resolve, reject) => {
      const sent = {
        ...(body ? { 'content-type': 'application/json' } : {}),
        ...(cookie ? { cookie } : {}),
        ...headers,
      }
      const asking = request({ ...options, path: where, method, headers: sent }, (answer) => {
        let text = ''
        answer.on('data', (part) => (text += part))
        answer.on('end', () => resolve({ status: answer.statusCode!, headers: answer.headers, text }))
        answer.on('error', reject)
      })
      asking.on('error', reject)
      asking.end(body ? JSON.stringify(body) : undefined)
    })
  /** A phone that was let in: the cookie it shows from then on. */
  const pair = async (name: string): Promise<string> => {
    const { code } = phones.pairing.invite()
    const asked = await fromNetwork('/pair/ask', { method: 'POST', body: { code, name } })
    await atLaptop('POST', '/api/v1/phones/asking', { letIn: true })
    const inside = await fromNetwork('/pair/come-in', { method: 'POST', cookie: cookieOf(asked) })
    return cookieOf(inside, 'thimble=')
  }
  const close = async (): Promise<void> => {
    await phones.close()
    await database.close()
  }
  return { folder, port, clock, phones, store, atLaptop, fromNetwork, pair, options, close }
}

export const cookiesOf = ({ headers }: Said): string[] => [headers['set-cookie'] ?? []].flat()
/** Name and value of a cookie that was set, as it is shown from then on. */
export const cookieOf = (said: Said, named = 'thimble'): string =>
  cookiesOf(said)
    .find((one) => one.startsWith(`__Host-${named}`) && !/Max-Age=0/.test(one))!
    .split(';')[0]!

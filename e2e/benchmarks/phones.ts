import { request as ask, Agent } from 'node:https'
import { ShopServer } from '../server'
import type { Figure } from './figure'

const [DEVICES, SECONDS, EVERY_MS] = [5, 20, 500]

/** Five phones let in, each on a piece of its own, saving twice a second over TLS. */
export async function measurePhones(): Promise<Figure[]> {
  const server = await ShopServer.fresh()
  await server.start()
  try {
    await server.importDemo()
    await server.send('PUT', '/phones/door', { open: true })
    const pieces = ((await server.send('GET', '/pieces')) as { id: string }[]).slice(0, DEVICES)
    const phones: Phone[] = []
    for (let i = 0; i < DEVICES; i++) phones.push(await Phone.letIn(server, `Phone ${i}`))
    const times = (await Promise.all(phones.map((phone, i) => saves(phone, pieces[i]!.id, i)))).flat()
    times.sort((a, b) => a - b)
    const what = `five phones, each saving twice a second: p95 of ${times.length}`
    return [{ what, value: times[Math.floor(times.length * 0.95)]!, unit: 'ms', aim: 50 }]
  } finally {
    await server.stop()
    server.clear()
  }
}

async function saves(phone: Phone, piece: string, nth: number): Promise<number[]> {
  const times: number[] = []
  const begin = performance.now() + (nth * EVERY_MS) / DEVICES
  for (let i = 0; i < (SECONDS * 1000) / EVERY_MS; i++) {
    await new Promise((resolve) => setTimeout(resolve, begin + i * EVERY_MS - performance.now()))
    const start = performance.now()
    const { status } = await phone.send('PATCH', `/api/v1/pieces/${piece}`, { note: `Saved ${i}` })
    if (status !== 200) throw new Error(`a phone was answered ${status}`)
    times.push(performance.now() - start)
  }
  return times
}

class Phone {
  #cookie = ''
  readonly #agent = new Agent({ keepAlive: true, maxSockets: 1 })

  private constructor(private readonly port: number) {}

  static async letIn(server: ShopServer, name: string): Promise<Phone> {
    const phone = new Phone(server.phonesPort)
    const { code } = (await server.send('POST', '/phones/invitation')).invited
    await phone.send('POST', '/pair/ask', { code, name })
    await server.send('POST', '/phones/asking', { letIn: true })
    await phone.send('POST', '/pair/come-in', {})
    return phone
  }

  send(method: string, path: string, body: object): Promise<{ status: number }> {
    const headers = { 'content-type': 'application/json', cookie: this.#cookie }
    const options = { host: '127.0.0.1', port: this.port, rejectUnauthorized: false, agent: this.#agent }
    return new Promise((resolve, reject) => {
      const asking = ask({ ...options, method, path, headers }, (answer) => {
        const given = (answer.headers['set-cookie'] ?? []).filter((one) => !/Max-Age=0/.test(one))
        if (given.length > 0) this.#cookie = given.map((one) => one.split(';')[0]!).join('; ')
        answer.resume().on('end', () => resolve({ status: answer.statusCode! }))
      })
      asking.on('error', reject)
      asking.end(JSON.stringify(body))
    })
  }
}

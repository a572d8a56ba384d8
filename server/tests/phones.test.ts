import { X509Certificate } from 'node:crypto'
import { EventEmitter } from 'node:events'
import { copyFileSync, cpSync, readFileSync, statSync } from 'node:fs'
import { get as getPlain } from 'node:http'
import { request } from 'node:https'
import { connect as connectPlain, type Socket } from 'node:net'
import path from 'node:path'
import { connect } from 'node:tls'
import { backUp, openDatabase } from '../src'
import { Connections } from '../src/phones/connections'
import { PhoneStore } from '../src/phones/phoneStore'
import { cookieOf, cookiesOf, shopWithDoor } from './networkShop'

let shop: Awaited<ReturnType<typeof shopWithDoor>>
beforeAll(async () => {
  shop = await shopWithDoor()
  await shop.atLaptop('PATCH', '/api/v1/shop', { name: 'Marram & Tide' })
})
afterAll(() => shop.close())

/** A connection that does nothing. */
class PassiveSocket extends EventEmitter {
  destroyed = false
  constructor(
    readonly remoteAddress: string,
    readonly remotePort: number,
  ) {
    super()
  }
  destroy(): void {
    this.destroyed = true
    this.emit('close')
  }
}

const authority = (): string => readFileSync(path.join(shop.folder, 'data/tls/authority.crt'), 'utf8')
const problem = (text: string): string => (JSON.parse(text) as { detail: string }).detail

/** How a handshake went: the version agreed on, or why there was none. */
const shake = (asked: object): Promise<string> =>
  new Promise((resolve) => {
    const socket = connect({ host: '127.0.0.1', port: shop.port, ca: authority(), ...asked })
    socket.on('secureConnect', () => (resolve(socket.getProtocol()!), socket.destroy()))
    socket.on('error', ({ code, message }: NodeJS.ErrnoException) => resolve(code ?? message))
  })

it('is trusted by who trusts the shop’s authority, by this machine’s names alone, from TLS 1.2 on', async () => {
  expect(await shake({})).toBe('TLSv1.3')
  expect(await shake({ maxVersion: 'TLSv1.2' })).toBe('TLSv1.2')
  expect(await shake({ maxVersion: 'TLSv1.1', minVersion: 'TLSv1', ciphers: 'ALL:@SECLEVEL=0' })).toMatch(
    /PROTOCOL|ALERT/i,
  )
  expect(await shake({ servername: 'bench-laptop' })).toBe('TLSv1.3')
  expect(await shake({ servername: 'bank.example' })).toBe('ERR_TLS_CERT_ALTNAME_INVALID')
  expect(await shake({ ca: [] })).toMatch(/SELF_SIGNED|UNABLE_TO/)
})

it('keeps its keys for its owner alone', () => {
  for (const name of ['authority.key', 'server.key'])
    expect(statSync(path.join(shop.folder, 'data/tls', name)).mode & 0o077).toBe(0)
})

it('tells who comes by plain http where to come in, and nothing else', async () => {
  const { status, text } = await new Promise<{ status: number; text: string }>((resolve, reject) =>
    getPlain({ host: '127.0.0.1', port: shop.port, path: '/api/v1/shop' }, (answer) => {
      let said = ''
      answer.on('data', (part) => (said += part))
      answer.on('end', () => resolve({ status: answer.statusCode!, text: said }))
    }).on('error', reject),
  )
  expect(status).toBe(426)
  expect(text).toContain(`https://127.0.0.1:${shop.port}/pair/`)
  expect(text).not.toContain('Marram')
})

it('shows one who is not let in the way in, and no route, page or file besides', async () => {
  const { paths } = (await (await shop.atLaptop('GET', '/api/v1/openapi.json')).json()) as {
    paths: Record<string, object>
  }
  const routes = Object.entries(paths).flatMap(([where, methods]) =>
    Object.keys(methods).map((method) => [method.toUpperCase(), `/api/v1${where.replace(/\{\w+\}/g, 'x')}`] as const),
  )
  expect(routes.length).toBeGreaterThan(80)
  for (const [method, where] of [...routes, ['GET', '/api/v1/openapi.json'], ['GET', '/api/other']] as const) {
    const { status, text } = await shop.fromNetwork(where, { method })
    expect([method, where, status]).toEqual([method, where, 401])
    if (method !== 'HEAD') expect(problem(text)).toBe('Connect this phone at the shop computer first.')
  }
  for (const where of ['/', '/stash', '/piece/a']) {
    const { status, headers } = await shop.fromNetwork(where, { headers: { accept: 'text/html' } })
    expect([status, headers.location]).toEqual([303, '/pair/'])
  }
  for (const where of [
    '/app.js',
    '/index.html',
    '/sw.js',
    '/pair/../app.js',
    '/pair/..%2fapp.js',
    '/pair/%2e%2e/app.js',
    '/pair/..%5capp.js',
    '//app.js',
  ])
    expect((await shop.fromNetwork(where)).text).not.toMatch(/shell/)
  expect((await shop.fromNetwork('/pair/')).text).toContain('the way in')
  expect((await shop.fromNetwork('/pair/nothing')).status).toBe(404)
  const stranger = await shop.fromNetwork('/api/v1/shop', { cookie: `__Host-thimble=${'x'.repeat(43)}` })
  expect(stranger.status).toBe(401)
})

it('lets a phone in by the code and the laptop’s yes, with a key that no script and no other site can use', async () => {
  const { code } = shop.phones.pairing.invite()
  expect(code).toMatch(/^[A-HJKMNP-Z2-9]{6}$/)
  const asked = await shop.fromNetwork('/pair/ask', {
    method: 'POST',
    body: { code: code.toLowerCase(), name: 'Bench phone' },
  })
  const token = cookieOf(asked)
  const comeIn = () => shop.fromNetwork('/pair/come-in', { method: 'POST', cookie: token })
  expect(JSON.parse((await comeIn()).text)).toEqual({ state: 'waiting' })
  const door = (await (await shop.atLaptop('GET', '/api/v1/phones')).json()) as { asking: object; invited: null }
  expect([door.asking, door.invited]).toEqual([{ name: 'Bench phone' }, null])
  // The code was good for one.
  const second = await shop.fromNetwork('/pair/ask', { method: 'POST', body: { code, name: 'Another' } })
  expect(second.status).toBe(410)
  await shop.atLaptop('POST', '/api/v1/phones/asking', { letIn: true })
  const inside = await comeIn()
  const [cookie] = cookiesOf(inside).filter((one) => one.startsWith('__Host-thimble='))
  for (const part of ['HttpOnly', 'Secure', 'SameSite=Strict', 'Path=/', 'Max-Age=34560000'])
    expect(cookie).toContain(part)
  expect(cookie).not.toMatch(/Domain/i)
  // Whoever saw the token gets nothing by it once the key is given out.
  expect(JSON.parse((await comeIn()).text)).toEqual({ state: 'gone' })
  const shopDoc = await shop.fromNetwork('/api/v1/shop', { cookie: cookieOf(inside, 'thimble=') })
  expect(JSON.parse(shopDoc.text)).toMatchObject({ name: 'Marram & Tide' })
  const html = { accept: 'text/html' }
  expect((await shop.fromNetwork('/', { cookie: cookieOf(inside, 'thimble='), headers: html })).text).toContain(
    'the shell',
  )
})

it('lets nobody in without the yes, after a no, or once two minutes are over', async () => {
  for (const settle of [
    () => shop.atLaptop('POST', '/api/v1/phones/asking', { letIn: false }),
    () => Promise.resolve(void (shop.clock.at += 120_000)),
  ]) {
    const { code } = shop.phones.pairing.invite()
    const asked = await shop.fromNetwork('/pair/ask', { method: 'POST', body: { code, name: 'Phone' } })
    await settle()
    const { text } = await shop.fromNetwork('/pair/come-in', { method: 'POST', cookie: cookieOf(asked) })
    expect(JSON.parse(text).state).toMatch(/^(no|gone)$/)
  }
  const { code } = shop.phones.pairing.invite()
  shop.clock.at += 120_000
  expect((await shop.fromNetwork('/pair/ask', { method: 'POST', body: { code, name: 'Late' } })).status).toBe(410)
})

it('gives a thousand guesses nothing: after ten the code is gone, even for who has it right', async () => {
  const { code } = shop.phones.pairing.invite()
  const wrong = code === 'AAAAAA' ? 'BBBBBB' : 'AAAAAA'
  const guess = (said: string) =>
    shop.fromNetwork('/pair/ask', { method: 'POST', body: { code: said, name: 'Guesser' } })
  const answers: number[] = []
  for (let i = 0; i < 1000; i += 20)
    answers.push(...(await Promise.all(Array.from({ length: 20 }, () => guess(wrong)))).map(({ status }) => status))
  expect(answers.filter((status) => status === 403)).toHaveLength(10)
  expect(answers.filter((status) => ![403, 410, 429].includes(status))).toEqual([])
  expect((await guess(code)).status).toBe(410)
}, 60_000)

it('refuses a phone what is done at the desk, and any page of another site or port', async () => {
  const cookie = await shop.pair('Bench phone')
  const own = `https://127.0.0.1:${shop.port}`
  const change = (headers: Record<string, string>) =>
    shop.fromNetwork('/api/v1/shop', { method: 'PATCH', body: { name: 'Ours' }, cookie, headers })
  expect((await change({ origin: own, 'sec-fetch-site': 'same-origin' })).status).toBe(200)
  for (const origin of [own.replace('https', 'http'), 'https://127.0.0.1:9', 'null', 'https://shop.example'])
    expect((await change({ origin })).status).toBe(403)
  expect((await change({ 'sec-fetch-site': 'same-site' })).status).toBe(403)
  expect((await change({ host: 'shop.example' })).status).toBe(403)
  for (const [method, where] of [
    ['GET', '/phones'],
    ['POST', '/phones/invitation'],
    ['PUT', '/phones/door'],
    ['DELETE', '/phones/x'],
  ] as const)
    expect([where, (await shop.fromNetwork(`/api/v1${where}`, { method, cookie })).status]).toEqual([where, 403])
})

it('ends what a phone has open within two seconds of turning it out, and knows it no more', async () => {
  const cookie = await shop.pair('Lost phone')
  const ended = new Promise<number>((resolve, reject) => {
    const stream = request({ ...shop.options, path: '/api/v1/events', headers: { cookie } }, (answer) => {
      answer.once(
        'data',
        () => void turnOut().then((at) => answer.on('close', () => resolve(performance.now() - at)), reject),
      )
      answer.on('error', () => undefined)
    })
    stream.on('error', reject)
    stream.end()
  })
  const turnOut = async (): Promise<number> => {
    const at = performance.now()
    const id = shop.phones.store.list().find(({ name }) => name === 'Lost phone')!.id
    await shop.atLaptop('DELETE', `/api/v1/phones/${id}`)
    return at
  }
  expect(await ended).toBeLessThan(2000)
  expect((await shop.fromNetwork('/api/v1/shop', { cookie })).status).toBe(401)
})

it('offers no suite that pads blocks', async () => {
  const padded = 'ECDHE-ECDSA-AES128-SHA256:ECDHE-ECDSA-AES256-SHA384:ECDHE-ECDSA-AES128-SHA:ECDHE-ECDSA-AES256-SHA'
  expect(await shake({ maxVersion: 'TLSv1.2', ciphers: padded })).toMatch(/HANDSHAKE_FAILURE|ALERT/i)
  expect(await shake({ maxVersion: 'TLSv1.2', ciphers: 'ECDHE-ECDSA-AES128-GCM-SHA256' })).toBe('TLSv1.2')
})

it('is not held shut by handshakes that never end, from one address or from many; a phone that is in comes first', async () => {
  const cookie = await shop.pair('Bench phone')
  const events = await new Promise<() => boolean>((resolve, reject) => {
    const asking = request({ ...shop.options, path: '/api/v1/events', headers: { cookie } }, (answer) => {
      let open = true
      answer.on('close', () => (open = false)).on('error', () => undefined)
      answer.once('data', () => resolve(() => open && (asking.destroy(), true)))
    })
    asking.on('error', reject).end()
  })
  const half = (from: string): Promise<Socket> =>
    new Promise((resolve) => {
      const socket = connectPlain({ host: '127.0.0.1', port: shop.port, localAddress: from })
      socket.on('error', () => undefined)
      socket.on('connect', () => (socket.write(Buffer.from([0x16, 3, 1])), resolve(socket)))
    })
  const one = await Promise.all(Array.from({ length: 200 }, () => half('127.0.0.1')))
  expect((await shop.fromNetwork('/api/v1/shop', { cookie })).status).toBe(200)
  const many = await Promise.all(Array.from({ length: 240 }, (_, i) => half(`127.0.1.${1 + (i % 16)}`)))
  expect((await shop.fromNetwork('/api/v1/shop', { cookie })).status).toBe(200)
  // What was opened by the key is open still.
  expect(events()).toBe(true)
  for (const socket of [...one, ...many]) socket.destroy()
})

it('ends a handshake after its time, however slowly it drips, and leaves one that is done alone', async () => {
  const [begun, done] = [new PassiveSocket('127.0.0.2', 5), new PassiveSocket('127.0.0.2', 6)]
  const connections = new Connections({ all: 9, ofOneAddress: 9, handshakeMs: 80 })
  connections.take(begun as never)
  connections.take(done as never)
  connections.settle(done)
  await new Promise((resolve) => setTimeout(resolve, 140))
  expect([begun.destroyed, done.destroyed, connections.size]).toEqual([true, false, 1])
})

it('turns a phone out for good: an older copy of the shop’s file brings none back, and all are let in again', async () => {
  const own = await shopWithDoor()
  await own.atLaptop('PATCH', '/api/v1/shop', { name: 'Marram & Tide' })
  await own.pair('Lost phone')
  const staying = await own.pair('Bench phone')
  const data = path.join(own.folder, 'data')
  await backUp(data, path.join(own.folder, 'copy.db'))
  const id = own.phones.store.list().find(({ name }) => name === 'Lost phone')!.id
  await own.atLaptop('DELETE', `/api/v1/phones/${id}`)
  await own.atLaptop('PATCH', '/api/v1/shop', { name: 'Written since' })
  await own.close()

  const opened = async (folder: string) => {
    const database = await openDatabase(folder, path.join(__dirname, '../drizzle'))
    const store = await PhoneStore.of(database, () => new Date().toISOString())
    const names = store.list().map(({ name }) => name)
    await database.close()
    return { names, staying: store.knows(staying.split('=')[1]!)?.name }
  }
  expect(await opened(data)).toEqual({ names: ['Bench phone'], staying: 'Bench phone' })
  // The same folder with the copy in the place of the shop's file.
  const putBack = path.join(own.folder, 'put-back')
  cpSync(path.join(data, 'phones'), path.join(putBack, 'phones'), { recursive: true })
  copyFileSync(path.join(own.folder, 'copy.db'), path.join(putBack, 'shop.db'))
  expect(await opened(putBack)).toEqual({ names: [], staying: undefined })
})

it('makes its certificate again for another address and before it runs out; phones go on trusting it', async () => {
  const shown = () => new X509Certificate(readFileSync(path.join(shop.folder, 'data/tls/server.crt')))
  const [before, trusted] = [shown(), authority()]
  const again = async (): Promise<void> => {
    await shop.phones.setOpen(false)
    await shop.phones.setOpen(true)
  }
  await again()
  expect(shown().serialNumber).toBe(before.serialNumber)
  shop.clock.place = { addresses: ['10.4.4.4'], names: ['renamed-laptop'] }
  await again()
  expect([shown().checkIP('10.4.4.4'), shown().checkIP('192.168.7.5')]).toEqual(['10.4.4.4', undefined])
  // The authority is bound to the names this machine had: one it may not vouch for is left out.
  expect(await shake({})).toBe('TLSv1.3')
  const moved = shown().serialNumber
  shop.clock.at += 370 * 86_400_000
  await again()
  expect(shown().serialNumber).not.toBe(moved)
  expect(Date.parse(shown().validTo) - shop.clock.at).toBeGreaterThan(390 * 86_400_000)
  expect(authority()).toBe(trusted)
})

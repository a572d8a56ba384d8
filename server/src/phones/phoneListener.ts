import { getRequestListener } from '@hono/node-server'
import { createServer as createPlain, type RequestListener } from 'node:http'
import { createServer as createSecure, type Server as SecureServer } from 'node:https'
import { createServer, type Server, type Socket } from 'node:net'
import type { Certified } from './certificates'
import { Connections } from './connections'
import { isLocal } from './localNetwork'
import { howToComeIn } from './howToComeIn'

/** The first byte of every conversation by TLS: a handshake. */
const HANDSHAKE = 0x16
/** TLS 1.2 with what is both fresh and sealed as a whole, and TLS 1.3: no suite that pads blocks. */
const CIPHERS = [
  ...['TLS_AES_128_GCM_SHA256', 'TLS_AES_256_GCM_SHA384', 'TLS_CHACHA20_POLY1305_SHA256'],
  ...['ECDHE-ECDSA-AES128-GCM-SHA256', 'ECDHE-ECDSA-AES256-GCM-SHA384', 'ECDHE-ECDSA-CHACHA20-POLY1305'],
].join(':')
const contextOf = ({ certificate, key }: Certified) =>
  ({ cert: certificate, key, minVersion: 'TLSv1.2', ciphers: CIPHERS }) as const

type Fetch = Parameters<typeof getRequestListener>[0]
type Patience = { requestTimeout: number; headersTimeout: number; connectionsCheckingInterval: number }

/**
 * The door to the network: TLS 1.2 or newer, and nothing of the shop without it. Who comes by plain http is told how to
 * come in rightly; who comes from outside the local network is not answered.
 */
export class PhoneListener {
  readonly #door: Server
  readonly #secure: SecureServer
  readonly #connections = new Connections()

  constructor(
    readonly port: number,
    certified: Certified,
    fetch: Fetch,
    patience: Patience,
  ) {
    const listener = getRequestListener(fetch, { overrideGlobalObjects: false }) as RequestListener
    this.#secure = createSecure({ ...contextOf(certified), ...patience }, listener)
    this.#secure.on('tlsClientError', (_, socket) => socket.destroy())
    this.#secure.on('secureConnection', (socket) => this.#connections.settle(socket))
    const plain = createPlain(patience, howToComeIn)
    this.#door = createServer((socket) => this.#sort(socket, plain))
  }

  /** @throws the system's error where the port cannot be had */
  open(): Promise<void> {
    return new Promise((resolve, reject) => {
      this.#door.once('error', reject)
      this.#door.listen(this.port, () => {
        this.#door.off('error', reject)
        resolve()
      })
    })
  }

  show(certified: Certified): void {
    this.#secure.setSecureContext(contextOf(certified))
  }

  /** Who has this end showed the key of a phone that is in: its place is kept. */
  trust(socket: Pick<Socket, 'remoteAddress' | 'remotePort'>): void {
    this.#connections.trust(socket)
  }

  close(): Promise<void> {
    this.#connections.closeAll()
    return new Promise((resolve) => this.#door.close(() => resolve()))
  }

  /** By the first byte: to the shop, or to who says how to come in. */
  #sort(socket: Socket, plain: ReturnType<typeof createPlain>): void {
    socket.on('error', () => socket.destroy())
    if (!isLocal(socket.remoteAddress ?? '') || !this.#connections.take(socket)) return void socket.destroy()
    socket.once('data', (first) => {
      const secure = first[0] === HANDSHAKE
      if (!secure) this.#connections.settle(socket)
      socket.pause()
      socket.unshift(first)
      ;(secure ? this.#secure : plain).emit('connection', socket)
      process.nextTick(() => socket.resume())
    })
  }
}

import { getRequestListener } from '@hono/node-server'
import { createServer as createPlain, type RequestListener } from 'node:http'
import { createServer as createSecure, type Server as SecureServer } from 'node:https'
import { createServer, type Server, type Socket } from 'node:net'
import type { Certified } from './certificates'
import { isLocal } from './localNetwork'
import { howToComeIn } from './howToComeIn'

/** The first byte of every conversation by TLS: a handshake. */
const HANDSHAKE = 0x16
const FIRST_WORD_MS = 10_000
const MOST_CONNECTIONS = 200

type Fetch = Parameters<typeof getRequestListener>[0]
type Patience = { requestTimeout: number; headersTimeout: number; connectionsCheckingInterval: number }

/**
 * The door to the network: TLS 1.2 or newer, and nothing of the shop without it. Who comes by plain http is told how to
 * come in rightly; who comes from outside the local network is not answered.
 */
export class PhoneListener {
  readonly #door: Server
  readonly #secure: SecureServer
  readonly #sockets = new Set<Socket>()

  constructor(
    readonly port: number,
    { certificate, key }: Certified,
    fetch: Fetch,
    patience: Patience,
  ) {
    const listener = getRequestListener(fetch, { overrideGlobalObjects: false }) as RequestListener
    this.#secure = createSecure({ cert: certificate, key, minVersion: 'TLSv1.2', ...patience }, listener)
    this.#secure.on('tlsClientError', (_, socket) => socket.destroy())
    const plain = createPlain(patience, howToComeIn)
    this.#door = createServer((socket) => this.#sort(socket, plain))
    this.#door.maxConnections = MOST_CONNECTIONS
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

  show({ certificate, key }: Certified): void {
    this.#secure.setSecureContext({ cert: certificate, key, minVersion: 'TLSv1.2' })
  }

  close(): Promise<void> {
    for (const socket of this.#sockets) socket.destroy()
    return new Promise((resolve) => this.#door.close(() => resolve()))
  }

  /** By the first byte: to the shop, or to who says how to come in. */
  #sort(socket: Socket, plain: ReturnType<typeof createPlain>): void {
    this.#sockets.add(socket)
    socket.on('close', () => this.#sockets.delete(socket))
    socket.on('error', () => socket.destroy())
    if (!isLocal(socket.remoteAddress ?? '')) return void socket.destroy()
    socket.setTimeout(FIRST_WORD_MS, () => socket.destroy())
    socket.once('data', (first) => {
      socket.setTimeout(0)
      socket.removeAllListeners('timeout')
      socket.pause()
      socket.unshift(first)
      ;(first[0] === HANDSHAKE ? this.#secure : plain).emit('connection', socket)
      process.nextTick(() => socket.resume())
    })
  }
}

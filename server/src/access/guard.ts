import type { HttpBindings } from '@hono/node-server'
import type { Context, MiddlewareHandler } from 'hono'
import { problem } from '../http/problems'
import type { Phones } from '../phones/phones'
import { type Listener, refusalOf } from './accessPolicy'
import { phoneKey, showKeyAgain } from './phoneKey'

const asked = (c: Context, listener: Listener, paired: boolean) => ({
  ...{ listener, paired, method: c.req.method, path: c.req.path },
  ...{ host: c.req.header('host'), origin: c.req.header('origin'), fetchSite: c.req.header('sec-fetch-site') },
})

/** Lets in who may come from this machine itself. */
export const guardLoopback: MiddlewareHandler = async (c, next) => {
  const refusal = refusalOf(asked(c, 'loopback', false), new Set())
  return refusal ? problem(c, refusal.status, refusal.title, refusal.detail) : next()
}

/** Lets in who may come from the network; what a phone has open ends when it is turned out. */
export function guardNetwork(phones: Phones): MiddlewareHandler {
  const open = new OpenConnections()
  phones.store.onOut((id) => open.end(id))
  return async (c, next) => {
    const key = phoneKey(c)
    const phone = key ? phones.store.knows(key) : null
    const refusal = refusalOf(asked(c, 'network', phone !== null), phones.hosts())
    if (refusal?.pair && isPage(c)) return c.redirect('/pair/', 303)
    if (refusal) return problem(c, refusal.status, refusal.title, refusal.detail)
    if (phone) {
      const socket = (c.env as Partial<HttpBindings> | undefined)?.incoming?.socket
      if (socket && open.add(phone.id, socket)) phones.trust(socket)
      if (isPage(c) || c.req.path === '/api/v1/changes') showKeyAgain(c, key!)
    }
    return next()
  }
}

const isPage = (c: Context): boolean =>
  c.req.method === 'GET' && !c.req.path.startsWith('/api/') && (c.req.header('accept') ?? '').includes('text/html')

type Socket = HttpBindings['incoming']['socket']

/** The connections each phone has open. */
class OpenConnections {
  readonly #of = new Map<string, Set<Socket>>()

  /** Whether it was not known yet. */
  add(id: string, socket: Socket): boolean {
    const sockets = this.#of.get(id) ?? new Set()
    this.#of.set(id, sockets)
    if (sockets.has(socket)) return false
    sockets.add(socket)
    socket.once('close', () => sockets.delete(socket))
    return true
  }

  end(id: string): void {
    for (const socket of this.#of.get(id) ?? []) socket.destroy()
    this.#of.delete(id)
  }
}

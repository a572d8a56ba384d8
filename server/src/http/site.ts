import { shopComputer as t } from '@thimble/language/en/shopComputer'
import { serveStatic } from '@hono/node-server/serve-static'
import { Hono, type MiddlewareHandler } from 'hono'
import { compress } from 'hono/compress'
import { secureHeaders } from 'hono/secure-headers'
import { readFileSync } from 'node:fs'
import path from 'node:path'
import type { ShopStore } from '../stores/shopStore'
import { guardLoopback, guardNetwork } from '../access/guard'
import type { Phones } from '../phones/phones'
import type { BeginChecking } from '../shopFile/checkers'
import { api } from './api'
import { pairRoutes } from './pairRoutes'
import { problem } from './problems'

const HASHED = /\/(_expo|assets)\//

type Shop = ReturnType<typeof api>
type Safe = Parameters<typeof secureHeaders>[0]
const pageHeaders: Safe = {
  contentSecurityPolicy: {
    defaultSrc: ["'self'"],
    scriptSrc: ["'self'"],
    styleSrc: ["'self'", "'unsafe-inline'"],
    imgSrc: ["'self'", 'data:', 'blob:'],
    fontSrc: ["'self'"],
    connectSrc: ["'self'"],
    workerSrc: ["'self'"],
    objectSrc: ["'none'"],
    baseUri: ["'none'"],
    frameAncestors: ["'none'"],
    formAction: ["'self'"],
  },
  referrerPolicy: 'no-referrer',
  strictTransportSecurity: false,
}
/** Of data only what bears on it: it is never a page. */
const dataHeaders: Safe = {
  contentSecurityPolicy: { defaultSrc: ["'none'"], frameAncestors: ["'none'"] },
  ...{ strictTransportSecurity: false, referrerPolicy: false, originAgentCluster: false, xDnsPrefetchControl: false },
  ...{ xDownloadOptions: false, xPermittedCrossDomainPolicies: false, xXssProtection: false, xFrameOptions: false },
  crossOriginOpenerPolicy: false,
}

/** App and API as one site for this machine itself. */
export const site = (store: ShopStore, staticFolder: string): Hono => onLoopback(api(store), staticFolder)

type SiteParts = { phones: Phones; checking?: BeginChecking }

/** The same shop by both ways in: for this machine itself, and for the phones of its network. */
export function sites(store: ShopStore, staticFolder: string, beside: SiteParts): { loopback: Hono; network: Hono } {
  const { phones } = beside
  const shop = api(store, beside)
  const pairing = pairRoutes(phones)
  return {
    loopback: onLoopback(shop, staticFolder),
    network: behind(guardNetwork(phones), (app) => app.route('/pair', pairing), shop, staticFolder),
  }
}

/** The desk has no need to be let in. */
const onLoopback = (shop: Shop, staticFolder: string): Hono =>
  behind(
    guardLoopback,
    (app) => app.on('GET', ['/pair', '/pair/'], (c) => c.redirect('/phones', 303)),
    shop,
    staticFolder,
  )

/** What stands behind a guard: strict headers, data never kept, files precompressed, hashed ones kept long. */
function behind(guard: MiddlewareHandler, besides: (app: Hono) => void, shop: Shop, staticFolder: string): Hono {
  const app = new Hono()
  const [ofPages, ofData] = [headersOf(secureHeaders(pageHeaders)), headersOf(secureHeaders(dataHeaders))]
  app.use('*', (c, next) => (c.req.path.startsWith('/api/') ? ofData : ofPages)(c, next))
  app.use('*', guard)
  besides(app)
  // Sketches and designs are long lists of numbers; other answers are too small to be worth the work.
  for (const where of ['/api/v1/designs', '/api/v1/designs/*', '/api/v1/changes', '/api/v1/export'])
    app.use(where, compress({ encoding: 'gzip' }))
  app.use('/api/*', async (c, next) => {
    c.header('cache-control', 'no-store')
    await next()
  })
  app.route('/api/v1', shop)
  app.all('/api/*', (c) =>
    problem(c, 404, t('not-found'), t('there-is-no', { method: c.req.method, path: c.req.path })),
  )

  app.use('*', async (c, next) => {
    await next()
    if (c.res.ok)
      c.header('cache-control', HASHED.test(c.req.path) ? 'public, max-age=31536000, immutable' : 'no-cache')
  })
  app.use('*', serveStatic({ root: staticFolder, precompressed: true }))
  app.get('*', (c) => {
    if (/\.\w+$/.test(c.req.path) || c.req.path.startsWith('/pair'))
      return problem(c, 404, t('not-found'), t('there-is-no-such-file'))
    return c.html(readFileSync(path.join(staticFolder, 'index.html'), 'utf8'))
  })
  return app
}

/**
 * The headers a middleware adds to every answer, added before the answer is made: to add them to one that is made
 * takes as long as reading a piece.
 */
function headersOf(middleware: MiddlewareHandler): MiddlewareHandler {
  const bare = new Hono().use(middleware).get('/', (c) => c.body(null))
  const known = Promise.resolve(bare.request('/')).then(({ headers }) => headers)
  return async (c, next) => {
    const headers = await known
    headers.forEach((value, name) => c.header(name, value))
    await next()
  }
}

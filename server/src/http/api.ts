import { createRoute, OpenAPIHono, z } from '@hono/zod-openapi'
import {
  Design,
  faultIds,
  holdingIds,
  Hoop,
  LogRow,
  Piece,
  SavedItem,
  Shop,
  ShopFile,
  Supply,
  Thread,
} from '@thimble/contract'
import { bodyLimit } from 'hono/body-limit'
import { type ImportCounts, importedLists, type ShopStore } from '../stores/shopStore'
import { drawingRoutes } from './drawingRoutes'
import { collectionRoutes, failures, json } from './collectionRoutes'
import { invalid, issuesOf, problem, toProblem } from './problems'

export const MOST_BODY_BYTES = 2_000_000
/** Half a million stitches take some 8 MB; a shop file holds the drawings of all its designs. */
export const MOST_DRAWING_BYTES = 60_000_000

const piecesQuery = z.object({
  state: z.enum(['bench', 'finished']).default('bench'),
  limit: z.coerce.number().int().min(1).max(200).default(50),
  offset: z.coerce.number().int().min(0).default(0),
})
const logQuery = z.object({
  cloth: z.string().max(40).optional(),
  holding: z.enum(holdingIds).optional(),
  fault: z.enum(faultIds).optional(),
  verdict: z.enum(['good', 'passable', 'spoiled']).optional(),
  before: z.string().max(40).optional(),
  since: z.string().max(40).optional(),
  limit: z.coerce.number().int().min(1).max(200).default(50),
})
const counts = z.object(
  Object.fromEntries(importedLists.map((list) => [list, z.number()])) as Record<keyof ImportCounts, z.ZodNumber>,
)

/** The HTTP API under /api/v1, described by itself at /api/v1/openapi.json. */
export function api(store: ShopStore): OpenAPIHono {
  const app = new OpenAPIHono({
    defaultHook: (result, c) => (result.success ? undefined : invalid(c, issuesOf(result.error))),
  })
  app.onError(toProblem)
  const limited = (bytes: number) =>
    bodyLimit({
      maxSize: bytes,
      onError: (c) => problem(c, 413, 'Too large', `More than ${bytes / 1e6} MB is not taken in one go; send less.`),
    })
  const [few, many] = [limited(MOST_BODY_BYTES), limited(MOST_DRAWING_BYTES)]
  app.use('*', (c, next) => (/\/(drawing|import)$/.test(c.req.path) ? many : few)(c, next))

  const health = createRoute({
    method: 'get',
    path: '/health',
    tags: ['health'],
    responses: { 200: { description: 'Alive and reading', content: json(z.object({ ok: z.boolean() })) } },
  })
  app.openapi(health, async (c) => {
    await store.isNew()
    return c.json({ ok: true }, 200)
  })

  const pieceList = createRoute({
    method: 'get',
    path: '/pieces',
    tags: ['pieces'],
    request: { query: piecesQuery },
    responses: {
      200: { description: 'Pieces in work by urgency, or finished ones by date', content: json(z.array(Piece)) },
    },
  })
  app.openapi(pieceList, async (c) => {
    const { state, limit, offset } = c.req.valid('query')
    return c.json(await store.pieces.listByState(state, limit, offset), 200)
  })
  collectionRoutes(app, 'pieces', Piece as never, store.pieces, false)
  collectionRoutes(app, 'hoops', Hoop as never, store.hoops)
  collectionRoutes(app, 'supplies', Supply as never, store.supplies)
  collectionRoutes(app, 'threads', Thread as never, store.threads)
  collectionRoutes(app, 'designs', Design as never, store.designs)
  drawingRoutes(app, store.drawings)
  collectionRoutes(app, 'items', SavedItem as never, store.items)

  const log = createRoute({
    method: 'get',
    path: '/log',
    tags: ['log'],
    request: { query: logQuery },
    responses: { 200: { description: 'Finished pieces, newest first', content: json(z.array(LogRow)) } },
  })
  app.openapi(log, async (c) => c.json(await store.pieces.log(c.req.valid('query')), 200))

  shopRoutes(app, store)
  app.doc31('/openapi.json', {
    openapi: '3.1.0',
    info: { title: 'Zealous Thimble', version: '1', description: 'What one workshop keeps.' },
    servers: [{ url: '/api/v1' }],
  })
  return app
}

function shopRoutes(app: OpenAPIHono, store: ShopStore): void {
  const tags = ['shop']
  const shop = { 200: { description: 'The shop’s settings and habits', content: json(Shop) }, 422: failures[422] }
  app.openapi(createRoute({ method: 'get', path: '/shop', tags, responses: shop }), async (c) =>
    c.json(await store.shop(), 200),
  )
  const patch = createRoute({
    method: 'patch',
    path: '/shop',
    tags,
    responses: shop,
    request: { body: { required: true, content: json(z.record(z.string(), z.unknown())) } },
  })
  app.openapi(patch, async (c) => c.json(await store.patchShop(c.req.valid('json')), 200))

  const take = createRoute({
    method: 'post',
    path: '/import',
    tags,
    request: { body: { required: true, content: json(ShopFile) } },
    description: 'Takes a whole shop file in, all or nothing.',
    responses: {
      200: { description: 'How many of each came in', content: json(counts) },
      413: failures[413],
      422: failures[422],
    },
  })
  app.openapi(take, async (c) => c.json(await store.import(c.req.valid('json')), 200))
  const give = createRoute({
    method: 'get',
    path: '/export',
    tags,
    responses: { 200: { description: 'The whole shop as one file', content: json(ShopFile) } },
  })
  app.openapi(give, async (c) =>
    c.json(await store.export(), 200, { 'content-disposition': 'attachment; filename="shop.thimble.json"' }),
  )
}

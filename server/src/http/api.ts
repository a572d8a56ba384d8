import { createRoute, OpenAPIHono, z } from '@hono/zod-openapi'
import { Id, Named, Piece, RunEvent, Message } from '@thimble/contract'
import { PIECE_FORMAT, PieceFile } from '@thimble/contract/log'
import { eventsText } from '../stores/eventList'
import { listPieces } from '../stores/pieceList'
import type { ShopStore } from '../stores/shopStore'
import { DailyBackups } from '../backup/dailyBackups'
import { backupRoutes } from './backupRoutes'
import { changeRoutes } from './changeRoutes'
import { deviceRoutes } from './deviceRoutes'
import { asKept, documentRoutes, failures, json, pageQuery } from './documentRoutes'
import { orderRoutes } from './orderRoutes'
import { logRoutes } from './logRoutes'
import { packedDesignRoutes } from './packedDesignRoutes'
import type { Phones } from '../phones/phones'
import { invalid, issuesOf, toProblem } from './problems'
import { guardBodies } from './requestGuards'
import { type BeginChecking, checkHere } from '../shopFile/checkers'
import { SewingMachines } from '../devices/sewing/sewingMachines'
import { sewingRoutes } from './sewingRoutes'
import { phoneRoutes } from './phoneRoutes'
import { photoRoutes } from './photoRoutes'
import { shopRoutes } from './shopRoutes'
import { stockRoutes } from './stockRoutes'

const piecesQuery = pageQuery.extend({ state: z.enum(['bench', 'finished']).default('bench') })
const instantNow = (): string => new Date().toISOString()

type ApiParts = {
  seed?: string
  daily?: DailyBackups
  phones?: Phones
  now?: () => string
  /** Who looks through a shop file. */
  checking?: BeginChecking
}

/** The HTTP API under /api/v1, described by itself at /api/v1/openapi.json. `seed`: what the stand-ins make up follows from it. */
export function api(
  store: ShopStore,
  { seed = 'bench', daily, phones, now = instantNow, checking = checkHere }: ApiParts = {},
): OpenAPIHono {
  const app = new OpenAPIHono({
    defaultHook: (result, c) => (result.success ? undefined : invalid(c, issuesOf(result.error))),
  })
  app.onError(toProblem)
  app.use('*', (c, next) => {
    store.database.assertFilePresent()
    return guardBodies(c, next)
  })
  listRoutes(app, store)
  logRoutes(app, store.log)
  for (const [name, documents] of Object.entries(store.documents)) documentRoutes(app, name, documents)
  packedDesignRoutes(app, store.packed)
  photoRoutes(app, store.photos)
  orderRoutes(app, store)
  changeRoutes(app, store)
  shopRoutes(app, store, checking)
  backupRoutes(app, store, daily ?? new DailyBackups(store, now), now)
  stockRoutes(app, store)
  deviceRoutes(app, seed)
  sewingRoutes(app, new SewingMachines(store, seed), store.database.revisions)
  if (phones) phoneRoutes(app, phones)
  nameRecursive()
  app.doc31('/openapi.json', {
    openapi: '3.1.0',
    info: { title: 'Zealous Thimble', version: '1', description: 'What one workshop keeps.' },
    servers: [{ url: '/api/v1' }],
  })
  return app
}

/**
 * Sentences hold names, and names may be sentences: the description has to name them to come to an end. The contract's
 * schemas were made before the description's own methods were there, and borrow one.
 */
function nameRecursive(): void {
  const { openapi } = z.ZodType.prototype
  openapi.call(Message, 'Said')
  openapi.call(Named, 'Named')
}

/** Lists that are looked up otherwise than by name: pieces by their state, the run of one, and whether all is well. */
function listRoutes(app: OpenAPIHono, store: ShopStore): void {
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
  const pieces = createRoute({
    method: 'get',
    path: '/pieces',
    tags: ['pieces'],
    request: { query: piecesQuery },
    responses: {
      200: { description: 'Pieces in work by urgency, or finished ones by date', content: json(z.array(Piece)) },
    },
  })
  app.openapi(pieces, async (c) => {
    const { state, limit, offset } = c.req.valid('query')
    return asKept(c, await listPieces(store, state, limit, offset))
  })
  const run = createRoute({
    method: 'get',
    path: '/pieces/{id}/run',
    tags: ['pieces'],
    request: { params: z.object({ id: Id }) },
    responses: { 200: { description: 'What happened while it was sewn, in order', content: json(z.array(RunEvent)) } },
  })
  app.openapi(run, async (c) => asKept(c, await eventsText(store, c.req.valid('param').id)))
  const file = createRoute({
    method: 'get',
    path: '/pieces/{id}/file',
    tags: ['pieces'],
    request: { params: z.object({ id: Id }) },
    responses: {
      200: { description: 'A piece with its run, as a file', content: json(PieceFile) },
      404: failures[404],
    },
  })
  app.openapi(file, async (c) => {
    const { id } = c.req.valid('param')
    const [piece, events] = [await store.documents.pieces!.getText(id), await eventsText(store, id)]
    c.header('content-disposition', `attachment; filename="piece-${id}.json"`)
    return asKept(c, `{"format":"${PIECE_FORMAT}","version":1,"piece":${piece},"run":${events}}`)
  })
}

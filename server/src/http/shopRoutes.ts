import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi'
import { Shop } from '@thimble/contract'
import { ImportEffect, shopFileOf } from '@thimble/contract/answers'
import { readAsOne } from '../db/readAsOne'
import { readBackup } from '../backup/readBackup'
import { withReceived } from '../backup/receivedFile'
import type { BeginChecking } from '../shopFile/checkers'
import { type Part, readParts } from '../shopFile/readParts'
import { takeShopIn } from '../shopFile/takeShopIn'
import { writeShopOut } from '../shopFile/writeShopOut'
import type { ShopStore } from '../stores/shopStore'
import { failures, json } from './documentRoutes'
import { streamed } from './streamed'

const anything = z.record(z.string(), z.unknown())

/** The shop's settings, and the doors by which all of it comes in or goes out at once. */
export function shopRoutes(app: OpenAPIHono, store: ShopStore, begin: BeginChecking): void {
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
    request: { body: { required: true, content: json(anything) } },
  })
  app.openapi(patch, async (c) => c.json(await store.patchShop(c.req.valid('json')), 200))

  wholeShopRoutes(app, store, begin)
}

/** The doors by which all of it comes in or goes out at once; neither holds it all at once. */
function wholeShopRoutes(app: OpenAPIHono, store: ShopStore, begin: BeginChecking): void {
  const tags = ['shop']
  const file = shopFileOf(store.registry)
  app.openAPIRegistry.registerPath({
    method: 'post',
    path: '/import',
    tags,
    request: {
      query: z.object({
        dry: z.enum(['true', 'false']).optional(),
        how: z.enum(['merge', 'replace']).optional(),
      }),
      body: {
        required: true,
        content: { ...json(anything), 'application/zip': { schema: z.string().openapi({ format: 'binary' }) } },
      },
    },
    description:
      'Takes a shop file or a backup in, all or nothing; one of an older version is brought up to date first. `dry`: says what it would do, and does nothing. `how`: merge (as it is) writes over what has the same id; replace removes what the file does not have.',
    responses: {
      200: {
        description: 'How many of each came in; of a dry run, what each list would do',
        content: json(z.union([z.record(z.string(), z.number()), ImportEffect])),
      },
      415: failures[415],
      422: failures[422],
    },
  })
  app.post('/import', async (c) => {
    const how = { dry: c.req.query('dry') === 'true', replace: c.req.query('how') === 'replace', begin }
    const take = (parts: AsyncIterable<Part>) => takeShopIn(store, parts, how)
    const zipped = c.req.header('content-type')?.startsWith('application/zip')
    const { counts, effect } = zipped
      ? await withReceived(store.database.folder, bodyOf(c.req.raw), (file) => take(readBackup(file, store.registry)))
      : await take(readParts(bodyOf(c.req.raw), store.registry))
    return c.json(effect ?? counts, 200)
  })
  app.openAPIRegistry.registerPath({
    method: 'get',
    path: '/export',
    tags,
    responses: { 200: { description: 'The whole shop as one file, a document a line', content: json(file) } },
  })
  app.get('/export', (c) => {
    c.header('content-type', 'application/json')
    c.header('content-disposition', 'attachment; filename="shop.thimble.json"')
    return c.body(streamed(readAsOne(store.database.file, (db) => writeShopOut(store, db))))
  })
}

async function* bodyOf({ body }: Request): AsyncGenerator<Uint8Array> {
  if (body) yield* body as unknown as AsyncIterable<Uint8Array>
}

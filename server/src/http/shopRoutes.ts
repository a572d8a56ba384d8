import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi'
import { type Document, type Registry, Shop, shopFileOf } from '@thimble/contract'
import { isOldShopFile, upgradeShopFile } from '@thimble/plan'
import type { ShopStore } from '../stores/shopStore'
import { exportShop, importShop, type WholeShop } from '../stores/wholeShop'
import { failures, json } from './documentRoutes'

const anything = z.record(z.string(), z.unknown())

/** The shop's settings, and the doors by which all of it comes in or goes out at once. */
export function shopRoutes(app: OpenAPIHono, store: ShopStore): void {
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

  const file = shopFileOf(store.registry)
  const counts = z.record(z.string(), z.number())
  const take = createRoute({
    method: 'post',
    path: '/import',
    tags,
    request: { body: { required: true, content: json(anything) } },
    description: 'Takes a whole shop file in, all or nothing; one of an older version is brought up to date first.',
    responses: {
      200: { description: 'How many of each came in', content: json(counts) },
      413: failures[413],
      422: failures[422],
    },
  })
  app.openapi(take, async (c) =>
    c.json(await importShop(store, readFile(file, store.registry, c.req.valid('json'))), 200),
  )
  const give = createRoute({
    method: 'get',
    path: '/export',
    tags,
    responses: { 200: { description: 'The whole shop as one file', content: json(file) } },
  })
  app.openapi(give, async (c) =>
    c.json((await exportShop(store)) as never, 200, {
      'content-disposition': 'attachment; filename="shop.thimble.json"',
    }),
  )
}

type ReadFile = Pick<WholeShop, 'shop' | 'packedDesigns'> & Record<string, unknown>

/** @throws ZodError with the path of what cannot be kept */
function readFile(file: ReturnType<typeof shopFileOf>, registry: Registry, body: unknown): WholeShop {
  const found = file.parse(isOldShopFile(body) ? upgradeShopFile(body) : body) as ReadFile
  const { shop, packedDesigns } = found
  const lists = Object.keys(registry).map((name) => [name, found[name] as readonly Document[]])
  return { shop, packedDesigns, lists: Object.fromEntries(lists) }
}

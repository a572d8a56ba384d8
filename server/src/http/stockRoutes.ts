import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi'
import { Movement, Take } from '@thimble/contract'
import { shopFactor } from '@thimble/core/learning'
import { movementsText, weighedThreads } from '../ledger/movements'
import type { ShopStore } from '../stores/shopStore'
import { asKept, json } from './documentRoutes'

const MOST = 100
const what = z.object({ of: Take.shape.of, id: z.string().max(64) })
const Factor = z
  .object({ factor: z.number(), interval: z.tuple([z.number(), z.number()]).nullable(), weighings: z.int() })
  .nullable()

/** What moved of one thing of the stash, and what the weighed spools say of the forecasts. */
export function stockRoutes(app: OpenAPIHono, { database }: ShopStore): void {
  const tags = ['stock']
  const moved = createRoute({
    method: 'get',
    path: '/stock/{of}/{id}',
    tags,
    request: { params: what },
    responses: { 200: { description: 'What moved, the latest first', content: json(z.array(Movement)) } },
  })
  app.openapi(moved, async (c) => {
    const { of, id } = c.req.valid('param')
    return asKept(c, await movementsText(database.db, of, id, MOST))
  })
  const factor = createRoute({
    method: 'get',
    path: '/thread-factor',
    tags,
    description: 'What was gone from weighed spools over what was reckoned; null while none was weighed twice.',
    responses: { 200: { description: 'The factor with its interval', content: json(Factor) } },
  })
  app.openapi(factor, async (c) => c.json(shopFactor(await weighedThreads(database.db)), 200))
}

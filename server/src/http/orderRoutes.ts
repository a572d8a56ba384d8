import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi'
import { Id } from '@thimble/contract'
import { NewPieces, OrderStatus } from '@thimble/contract/answers'
import { OrderPieces } from '../stores/orderPieces'
import type { ShopStore } from '../stores/shopStore'
import { failures, json } from './documentRoutes'

const byId = z.object({ id: Id })

/** The pieces of an order: made all at once, and how they stand. */
export function orderRoutes(app: OpenAPIHono, store: ShopStore): void {
  const [tags, orderPieces] = [['orders'], new OrderPieces(store)]
  const make = createRoute({
    method: 'post',
    path: '/orders/{id}/pieces',
    tags,
    description:
      'Keeps the pieces of an order and the names set for them, all or nothing; asked twice, it is the same.',
    request: { params: byId, body: { required: true, content: json(NewPieces) } },
    responses: {
      200: { description: 'How many were made', content: json(z.object({ made: z.int() })) },
      ...failures,
    },
  })
  app.openapi(make, async (c) =>
    c.json({ made: await orderPieces.make(c.req.valid('param').id, c.req.valid('json')) }, 200),
  )
  const standing = createRoute({
    method: 'get',
    path: '/orders/{id}/standing',
    tags,
    request: { params: byId },
    responses: {
      200: { description: 'All its pieces, and what they really cost', content: json(OrderStatus) },
      404: failures[404],
    },
  })
  app.openapi(standing, async (c) => c.json(await orderPieces.status(c.req.valid('param').id), 200))
}

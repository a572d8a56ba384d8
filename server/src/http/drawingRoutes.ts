import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi'
import { Drawing } from '@thimble/contract'
import type { DrawingStore } from '../stores/drawingStore'
import { failures, json } from './collectionRoutes'

const byId = z.object({ id: z.string().max(64) })

/** A design's drawing: read and kept whole, apart from the design. */
export function drawingRoutes(api: OpenAPIHono, store: DrawingStore): void {
  const tags = ['designs']
  const read = createRoute({
    method: 'get',
    path: '/designs/{id}/drawing',
    tags,
    request: { params: byId },
    responses: { 200: { description: 'The drawing as it was read', content: json(Drawing) }, ...failures },
  })
  api.openapi(read, async (c) => c.json((await store.get(c.req.valid('param').id)) as never, 200))

  const keep = createRoute({
    method: 'put',
    path: '/designs/{id}/drawing',
    tags,
    description: 'Keeps the drawing of a design that is kept; asked twice, it is the same.',
    request: { params: byId, body: { required: true, content: json(Drawing) } },
    responses: { 204: { description: 'Kept' }, ...failures },
  })
  api.openapi(keep, async (c) => {
    await store.keep(c.req.valid('param').id, c.req.valid('json'))
    return c.body(null, 204)
  })
}

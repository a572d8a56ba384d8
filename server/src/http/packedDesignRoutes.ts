import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi'
import { PackedDesign } from '@thimble/contract'
import type { PackedDesignStore } from '../stores/packedDesignStore'
import { asKept, failures, json } from './documentRoutes'

const byId = z.object({ id: z.string().max(64) })

/** A design as it was read: read and kept whole, apart from its card. */
export function packedDesignRoutes(api: OpenAPIHono, store: PackedDesignStore): void {
  const tags = ['designs']
  const read = createRoute({
    method: 'get',
    path: '/designs/{id}/packed',
    tags,
    request: { params: byId },
    responses: { 200: { description: 'The design as it was read', content: json(PackedDesign) }, ...failures },
  })
  api.openapi(read, async (c) => asKept(c, await store.getText(c.req.valid('param').id)))

  const keep = createRoute({
    method: 'put',
    path: '/designs/{id}/packed',
    tags,
    description: 'Keeps the design of a card that is kept; asked twice, it is the same.',
    request: { params: byId, body: { required: true, content: json(PackedDesign) } },
    responses: { 204: { description: 'Kept' }, ...failures },
  })
  api.openapi(keep, async (c) => {
    await store.keep(c.req.valid('param').id, c.req.valid('json'))
    return c.body(null, 204)
  })
}

import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi'
import { Id } from '@thimble/contract'
import type { PhotoStore } from '../photos/photoStore'
import { failures } from './documentRoutes'

const params = z.object({ id: Id })
const jpeg = { 'image/jpeg': { schema: z.string().openapi({ type: 'string', format: 'binary' }) } }
const FOR_EVER = 'private, max-age=31536000, immutable'

/** Photos: kept once under an id of the caller’s, and read. */
export function photoRoutes(api: OpenAPIHono, store: PhotoStore): void {
  const tags = ['photos']
  const read = createRoute({
    ...{ method: 'get', path: '/photos/{id}', tags, request: { params } },
    responses: { 200: { description: 'The photo', content: jpeg }, 404: failures[404] },
  })
  api.openapi(read, async (c) => {
    const photo = await store.get(c.req.valid('param').id)
    const headers = { 'content-type': 'image/jpeg', 'cache-control': FOR_EVER, 'x-content-type-options': 'nosniff' }
    return c.body(new Uint8Array(photo), 200, headers) as never
  })
  const keep = createRoute({
    ...{ method: 'put', path: '/photos/{id}', tags },
    description: 'A JPEG that holds its picture and nothing else; asked twice, it is the same.',
    request: { params, body: { required: true, content: jpeg } },
    responses: { 204: { description: 'Kept' }, ...failures },
  })
  api.openapi(keep, async (c) => {
    await store.keep(c.req.valid('param').id, new Uint8Array(await c.req.arrayBuffer()))
    return c.body(null, 204)
  })
}

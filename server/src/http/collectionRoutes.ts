import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi'
import { Problem } from '@thimble/contract'
import type { DocTable, Kept } from '../stores/docTable'

const problemBody = { 'application/problem+json': { schema: Problem } }
export const failures = {
  404: { description: 'Nothing is kept under this id', content: problemBody },
  413: { description: 'Over 2 MB', content: problemBody },
  422: { description: 'A field cannot be kept; errors name it', content: problemBody },
}
const byId = z.object({ id: z.string().max(64) })
export const listQuery = z.object({ limit: z.coerce.number().int().min(1).max(500).default(200) })
export const json = <S extends z.ZodType>(schema: S) => ({ 'application/json': { schema } })
const mergePatch = z.record(z.string(), z.unknown())

/** The six routes every collection has; `listed: false` leaves the list to the caller. */
export function collectionRoutes<Doc extends Kept>(
  api: OpenAPIHono,
  name: string,
  schema: z.ZodType<Doc>,
  store: DocTable<Doc>,
  listed = true,
): void {
  const tags = [name]
  const one = { 200: { description: 'As kept', content: json(schema) }, ...failures }
  const gone = { 204: { description: 'Done' }, ...failures }

  if (listed) {
    const list = createRoute({
      method: 'get',
      path: `/${name}`,
      tags,
      request: { query: listQuery },
      responses: { 200: { description: 'All, by name', content: json(z.array(schema)) } },
    })
    api.openapi(list, async (c) => c.json((await store.list(c.req.valid('query').limit)) as never, 200))
  }
  const read = createRoute({ method: 'get', path: `/${name}/{id}`, tags, request: { params: byId }, responses: one })
  api.openapi(read, async (c) => c.json((await store.get(c.req.valid('param').id)) as never, 200))

  const create = createRoute({
    method: 'put',
    path: `/${name}/{id}`,
    tags,
    responses: one,
    description: 'Keeps a new one under an id of the caller’s; asked twice, answers with what is kept.',
    request: { params: byId, body: { required: true, content: json(schema) } },
  })
  api.openapi(create, async (c) => {
    const doc = schema.parse({ ...(c.req.valid('json') as object), id: c.req.valid('param').id })
    return c.json((await store.create(doc)) as never, 200)
  })

  const patch = createRoute({
    method: 'patch',
    path: `/${name}/{id}`,
    tags,
    responses: one,
    description: 'A JSON merge patch (RFC 7396): only what is named changes.',
    request: { params: byId, body: { required: true, content: json(mergePatch) } },
  })
  api.openapi(patch, async (c) =>
    c.json((await store.patch(c.req.valid('param').id, c.req.valid('json'))) as never, 200),
  )

  const remove = createRoute({
    method: 'delete',
    path: `/${name}/{id}`,
    tags,
    request: { params: byId },
    responses: gone,
  })
  api.openapi(remove, async (c) => {
    await store.remove(c.req.valid('param').id)
    return c.body(null, 204)
  })
  const restore = createRoute({
    method: 'post',
    path: `/${name}/{id}/restore`,
    tags,
    request: { params: byId },
    responses: gone,
  })
  api.openapi(restore, async (c) => {
    await store.restore(c.req.valid('param').id)
    return c.body(null, 204)
  })
}

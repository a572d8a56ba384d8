import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi'
import type { Document } from '@thimble/contract'
import { Problem } from '@thimble/contract/answers'
import { DEVICE_TIME } from '@thimble/contract/deviceTime'
import type { Context, TypedResponse } from 'hono'
import type { DocumentStore } from '../stores/documentStore'

const problemBody = { 'application/problem+json': { schema: Problem } }
export const failures = {
  404: { description: 'Nothing is kept under this id', content: problemBody },
  409: { description: 'What was kept under this id was removed', content: problemBody },
  410: { description: 'What was to change was removed; it can be brought back', content: problemBody },
  413: { description: 'Over 2 MB', content: problemBody },
  415: { description: 'The body is not JSON', content: problemBody },
  422: { description: 'A field cannot be kept; errors name it', content: problemBody },
}
const byId = z.object({ id: z.string().max(64) })
/** A page of a list: no list is so long that the rest of it cannot be asked for. */
export const pageQuery = z.object({
  limit: z.coerce.number().int().min(1).max(500).default(200),
  offset: z.coerce.number().int().min(0).default(0),
})
const seenQuery = z.object({ seen: z.coerce.number().int().min(0).optional() })
export const json = <S extends z.ZodType>(schema: S) => ({ 'application/json': { schema } })
const mergePatch = z.record(z.string(), z.unknown())

/** JSON text as an answer: the route's description says what it is, which the compiler cannot see in it. */
export const asKept = (c: Context, text: string) =>
  c.body(text, 200, { 'content-type': 'application/json' }) as unknown as TypedResponse<never, 200, 'json'>

/** The clock of the device that asks, as it says it; what is no time says nothing. */
function deviceTime(c: Context): string | undefined {
  const at = Date.parse(c.req.header(DEVICE_TIME) ?? '')
  return Number.isNaN(at) ? undefined : new Date(at).toISOString()
}

/** The six routes every collection has. */
export function documentRoutes(api: OpenAPIHono, name: string, store: DocumentStore<Document>): void {
  const tags = [name]
  const { schema } = store.collection
  const one = { 200: { description: 'As kept', content: json(schema) }, ...failures }

  const list = createRoute({
    method: 'get',
    path: `/${name}`,
    tags,
    request: { query: pageQuery },
    responses: { 200: { description: 'All, by name', content: json(z.array(schema)) } },
  })
  api.openapi(list, async (c) => asKept(c, await store.listText(c.req.valid('query'))))
  const read = createRoute({ method: 'get', path: `/${name}/{id}`, tags, request: { params: byId }, responses: one })
  api.openapi(read, async (c) => asKept(c, await store.getText(c.req.valid('param').id)))

  const create = createRoute({
    method: 'put',
    path: `/${name}/{id}`,
    tags,
    responses: one,
    description:
      'Keeps a new one under an id of the caller’s; asked twice, answers with what is kept. The header x-device-time says what the caller’s clock shows: what moves in the stash is put in time by it.',
    request: { params: byId, body: { required: true, content: json(mergePatch) } },
  })
  api.openapi(create, async (c) => {
    const doc = schema.parse({ ...c.req.valid('json'), id: c.req.valid('param').id })
    return c.json(await store.create(doc, { sentAt: deviceTime(c) }), 200)
  })

  const patch = createRoute({
    method: 'patch',
    path: `/${name}/{id}`,
    tags,
    responses: one,
    description:
      'A JSON merge patch (RFC 7396): only what is named changes; a key that is not known is refused. `seen`: the revision it was made upon.',
    request: { params: byId, query: seenQuery, body: { required: true, content: json(mergePatch) } },
  })
  api.openapi(patch, async (c) => {
    const { seen } = c.req.valid('query')
    return asKept(c, await store.patch(c.req.valid('param').id, c.req.valid('json'), { seen, sentAt: deviceTime(c) }))
  })

  removalRoutes(api, name, store)
}

function removalRoutes(api: OpenAPIHono, name: string, store: DocumentStore<Document>): void {
  const tags = [name]
  const gone = { 204: { description: 'Done' }, ...failures }
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

import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi'
import { LogFound, logFacets, LogRow, logSorts, LogInsights, ShopRecord } from '@thimble/contract/log'
import type { LogStore } from '../stores/logStore'
import { asKept, json, pageQuery } from './documentRoutes'
import { streamed } from './streamed'

const MOST_PICKED = 40
const Picked = z
  .preprocess(
    (given) => (given === undefined || Array.isArray(given) ? given : [given]),
    z.array(z.string().max(300)).max(MOST_PICKED).optional(),
  )
  .openapi({ type: 'array', items: { type: 'string' } })
const Day = z.iso.date().or(z.iso.datetime()).optional()

const ask = z.object({
  words: z.string().max(120).optional(),
  since: Day,
  until: Day,
  sort: z.enum(logSorts).optional(),
  ...(Object.fromEntries(logFacets.map((facet) => [facet, Picked])) as Record<
    (typeof logFacets)[number],
    typeof Picked
  >),
})

/** Finished pieces: the newest, what is looked for with its counts, what works, and all of it as a table. */
export function logRoutes(app: OpenAPIHono, log: LogStore): void {
  const tags = ['log']
  const newest = createRoute({
    method: 'get',
    path: '/log',
    tags,
    request: {
      query: z.object({ limit: z.coerce.number().int().min(1).max(200).default(50) }),
    },
    responses: { 200: { description: 'Finished pieces, newest first', content: json(z.array(LogRow)) } },
  })
  app.openapi(newest, async (c) => {
    return asKept(c, await log.listText(c.req.valid('query').limit))
  })

  const found = createRoute({
    method: 'get',
    path: '/log/found',
    tags,
    request: { query: ask.extend(pageQuery.shape) },
    responses: {
      200: {
        description: 'A page of the pieces that fit, how many do, and how many would with another value of a kind',
        content: json(LogFound),
      },
    },
  })
  app.openapi(found, async (c) => {
    const { limit, offset, ...asked } = c.req.valid('query')
    return asKept(c, await log.foundText(asked, { limit, offset }))
  })

  learningRoutes(app, log)
}

/** What the log teaches, and all of it as a table. */
function learningRoutes(app: OpenAPIHono, log: LogStore): void {
  const tags = ['log']
  const works = createRoute({
    method: 'get',
    path: '/log/works',
    tags,
    request: { query: ask },
    responses: { 200: { description: 'What works here, of the pieces that fit', content: json(LogInsights) } },
  })
  app.openapi(works, async (c) => c.json(await log.works(c.req.valid('query')), 200))

  const record = createRoute({
    method: 'get',
    path: '/log/record',
    tags,
    responses: { 200: { description: 'What plans may learn from all of the log', content: json(ShopRecord) } },
  })
  app.openapi(record, async (c) => asKept(c, await log.recordText()))

  const csv = createRoute({
    method: 'get',
    path: '/log.csv',
    tags,
    request: { query: ask },
    responses: { 200: { description: 'The pieces that fit as CSV', content: { 'text/csv': { schema: z.string() } } } },
  })
  app.openapi(csv, (c) => {
    const asked = c.req.valid('query')
    c.header('content-type', 'text/csv; charset=utf-8')
    c.header('content-disposition', 'attachment; filename="log.csv"')
    return c.body(streamed(log.csv(asked))) as never
  })
}

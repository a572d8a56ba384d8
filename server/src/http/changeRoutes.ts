import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi'
import { Changes, RemovedThing, SetAside } from '@thimble/contract/answers'
import { streamSSE } from 'hono/streaming'
import { setAside } from '../db/tables'
import type { ShopStore } from '../stores/shopStore'
import { asKept, json } from './documentRoutes'

const BEAT_MS = 15_000
const MOST_REMOVED = 200

const flag = z.enum(['true', 'false']).default('false')
const sinceQuery = z.object({
  since: z.coerce.number().int().min(0).default(0),
  start: z.string().max(64).optional(),
  held: flag,
  limit: z.coerce.number().int().min(1).max(500).default(200),
})

/** What has changed since a device last asked, and the news that there is something new. */
export function changeRoutes(app: OpenAPIHono, store: ShopStore): void {
  const tags = ['changes']
  const changes = createRoute({
    method: 'get',
    path: '/changes',
    tags,
    description:
      'All that has changed since a revision, each thing as it is now; ask again with `next` and `start` until `next` is `last`. `held`: only what a device that begins at 0 has to hold.',
    request: { query: sinceQuery },
    responses: { 200: { description: 'A page of changes', content: json(Changes) } },
  })
  app.openapi(changes, async (c) => {
    const { since, start, held, limit } = c.req.valid('query')
    return asKept(
      c,
      await store.changes.text({ since, held: held === 'true', limit, ...(start === undefined ? {} : { start }) }),
    )
  })
  const aside = createRoute({
    method: 'get',
    path: '/set-aside',
    tags,
    responses: { 200: { description: 'What cannot be read, with why', content: json(z.array(SetAside)) } },
  })
  app.openapi(aside, async (c) => c.json(await store.database.db.select().from(setAside).limit(500), 200))
  const removed = createRoute({
    method: 'get',
    path: '/removed',
    tags,
    responses: { 200: { description: 'What was removed, the latest first', content: json(z.array(RemovedThing)) } },
  })
  app.openapi(removed, async (c) => c.json(await store.changes.removed(MOST_REMOVED), 200))
  eventRoute(app, store)
}

/** Server-sent events: the number of each change as it is written, the last one at once, and a beat now and then. */
function eventRoute(app: OpenAPIHono, { database: { revisions } }: ShopStore): void {
  const events = createRoute({
    method: 'get',
    path: '/events',
    tags: ['changes'],
    description: 'An event “changed” for what is new, its id the revision. Whoever comes back is told where it stands.',
    responses: { 200: { description: 'Events without end', content: { 'text/event-stream': { schema: z.string() } } } },
  })
  app.openapi(events, (c) =>
    streamSSE(c, async (stream) => {
      let told = -1
      let wake = (): void => undefined
      const stop = revisions.listen(() => wake())
      stream.onAbort(() => wake())
      const beat = setInterval(() => void stream.writeSSE({ event: 'beat', data: '' }), BEAT_MS)
      try {
        while (!stream.aborted && !revisions.ended) {
          const news = new Promise<void>((resolve) => (wake = resolve))
          if (revisions.last === told) await news
          else {
            told = revisions.last
            await stream.writeSSE({ event: 'changed', id: String(told), data: revisions.start })
          }
        }
      } finally {
        clearInterval(beat)
        stop()
      }
    }),
  )
}

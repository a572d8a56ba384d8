import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi'
import { Id } from '@thimble/contract'
import { MachineNow, MachineCommand, SewingJob } from '@thimble/contract/sewingMachine'
import { streamSSE } from 'hono/streaming'
import type { SewingMachines } from '../devices/sewing/sewingMachines'
import type { Revisions } from '../db/revisions'
import { failures, json } from './documentRoutes'

const byId = z.object({ id: Id })
const BEAT_MS = 15_000
const tags = ['devices']

/** The stand-in for a machine: what it is given, what is pressed at it, and what it tells. */
export function sewingRoutes(app: OpenAPIHono, machines: SewingMachines, revisions: Revisions): void {
  const params = byId
  const stands = {
    200: { description: 'How the machine stands', content: json(MachineNow) },
    404: failures[404],
    422: failures[422],
  }
  const now = createRoute({
    method: 'get',
    path: '/devices/machines/{id}',
    tags,
    request: { params },
    responses: stands,
  })
  app.openapi(now, async (c) => c.json(await machines.now(c.req.valid('param').id), 200))
  const load = createRoute({
    ...{ method: 'put', path: '/devices/machines/{id}/job', tags, responses: stands },
    description: 'Gives it one hooping of a piece; it refuses what a machine refuses.',
    request: { params, body: { required: true, content: json(SewingJob) } },
  })
  app.openapi(load, async (c) => c.json(await machines.load(c.req.valid('param').id, c.req.valid('json')), 200))
  const press = createRoute({
    ...{ method: 'post', path: '/devices/machines/{id}/press', tags, responses: stands },
    request: { params, body: { required: true, content: json(MachineCommand) } },
  })
  app.openapi(press, async (c) => c.json(await machines.press(c.req.valid('param').id, c.req.valid('json')), 200))
  streamRoute(app, machines, revisions)
}

/** Server-sent events: how it stands at once and whenever it has something to tell; who is slow is told the latest. */
function streamRoute(app: OpenAPIHono, machines: SewingMachines, revisions: Revisions): void {
  const events = createRoute({
    ...{ method: 'get', path: '/devices/machines/{id}/events', tags, request: { params: byId } },
    description: 'An event “now” whenever it has something to tell. Whoever comes back is told how it stands.',
    responses: { 200: { description: 'Events without end', content: { 'text/event-stream': { schema: z.string() } } } },
  })
  app.openapi(events, (c) =>
    streamSSE(c, async (stream) => {
      const { id } = c.req.valid('param')
      let latest: MachineNow | null = await machines.now(id)
      let wake = (): void => undefined
      const stop = machines.listen(id, (now) => {
        latest = now
        wake()
      })
      const stopEnd = revisions.listen(() => revisions.ended && wake())
      stream.onAbort(() => wake())
      const beat = setInterval(() => void stream.writeSSE({ event: 'beat', data: '' }), BEAT_MS)
      try {
        while (!stream.aborted && !revisions.ended) {
          const news = new Promise<void>((resolve) => (wake = resolve))
          if (latest) {
            const data = JSON.stringify(latest)
            latest = null
            await stream.writeSSE({ event: 'now', data })
          } else await news
        }
      } finally {
        clearInterval(beat)
        stop()
        stopEnd()
      }
    }),
  )
}

import { createRoute, type OpenAPIHono } from '@hono/zod-openapi'
import { CameraRequest, CameraLook, TraceAnswer, TraceRequest } from '@thimble/contract/devices'
import { lookAtHoop } from '../devices/camera'
import { walkTrace } from '../devices/traceWalk'
import { failures, json } from './documentRoutes'

/** Hoopings whose looks are remembered; a look more or less of an older one changes its noise alone. */
const REMEMBERED = 500

/** The stand-ins for what stands at a machine. `seed`: what they make up follows from it. */
export function deviceRoutes(app: OpenAPIHono, seed: string): void {
  const looks = new Map<string, number>()
  const tags = ['devices']
  const camera = createRoute({
    ...{ method: 'post', path: '/devices/camera/look', tags },
    request: { body: { required: true, content: json(CameraRequest) } },
    responses: {
      200: { description: 'What the camera sees of a hooping', content: json(CameraLook) },
      422: failures[422],
    },
  })
  app.openapi(camera, (c) => {
    const ask = c.req.valid('json')
    const key = `${ask.piece}/${ask.hooping}`
    const look = looks.get(key) ?? 0
    if (looks.size >= REMEMBERED && !looks.has(key)) looks.delete(looks.keys().next().value!)
    looks.set(key, look + 1)
    return c.json(lookAtHoop(ask, { seed, look }), 200)
  })
  const trace = createRoute({
    ...{ method: 'post', path: '/devices/machine/trace', tags },
    request: { body: { required: true, content: json(TraceRequest) } },
    responses: { 200: { description: 'How near the needle came', content: json(TraceAnswer) }, 422: failures[422] },
  })
  app.openapi(trace, (c) => c.json(walkTrace(c.req.valid('json')), 200))
}

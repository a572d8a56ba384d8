import { createRoute, type OpenAPIHono, z } from '@hono/zod-openapi'
import { Backups } from '@thimble/contract/log'
import { createReadStream } from 'node:fs'
import { backupBytes } from '../backup/writeBackup'
import type { DailyBackups } from '../backup/dailyBackups'
import { NotFound } from '../stores/notFound'
import type { ShopStore } from '../stores/shopStore'
import { failures, json } from './documentRoutes'
import { streamed } from './streamed'

const zip = { 'application/zip': { schema: z.string().openapi({ format: 'binary' }) } }

/** The whole shop as one zip: written while it is taken, or one of those the program has taken by itself. */
export function backupRoutes(app: OpenAPIHono, store: ShopStore, daily: DailyBackups, now: () => string): void {
  const tags = ['backups']
  const listed = { 200: { description: 'Those that are kept, the latest first', content: json(Backups) } }
  app.openapi(createRoute({ method: 'get', path: '/backups', tags, responses: listed }), async (c) =>
    c.json(await daily.list(), 200),
  )
  app.openapi(
    createRoute({ method: 'post', path: '/backups', tags, description: 'Takes one now.', responses: listed }),
    async (c) => {
      await daily.take()
      return c.json(await daily.list(), 200)
    },
  )
  const one = createRoute({
    method: 'get',
    path: '/backups/{name}',
    tags,
    request: { params: z.object({ name: z.string().max(60) }) },
    responses: { 200: { description: 'One of them', content: zip }, 404: failures[404] },
  })
  app.openapi(one, async (c) => {
    const { name } = c.req.valid('param')
    const file = await daily.find(name)
    if (!file) throw new NotFound(name)
    return c.body(streamed(createReadStream(file)), 200, headersOf(name)) as never
  })
  const fresh = createRoute({
    method: 'get',
    path: '/backup',
    tags,
    responses: { 200: { description: 'The whole shop as it is this moment', content: zip } },
  })
  app.openapi(fresh, (c) => {
    const at = now()
    return c.body(streamed(backupBytes(store, at)), 200, headersOf(`shop-${at.slice(0, 10)}.zip`)) as never
  })
}

const headersOf = (name: string) => ({
  'content-type': 'application/zip',
  'content-disposition': `attachment; filename="${name}"`,
})

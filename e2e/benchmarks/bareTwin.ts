import { serve } from '@hono/node-server'
import { createClient } from '@libsql/client'
import { Hono } from 'hono'
import { apply } from 'json-merge-patch'

/** The least that could keep a piece: the same read, transaction and durability as the API has, and nothing else. */
const [file, port] = process.argv.slice(2)
const client = createClient({ url: `file:${file}` })
const app = new Hono()
const find = 'SELECT doc FROM pieces WHERE id = ? AND deleted_at IS NULL'

app.get('/pieces/:id', async (c) => {
  const { rows } = await client.execute({ sql: find, args: [c.req.param('id')] })
  return c.body(rows[0]!.doc as string, 200, { 'content-type': 'application/json' })
})
app.patch('/pieces/:id', async (c) => {
  const [id, patch] = [c.req.param('id'), await c.req.json<object>()]
  const tx = await client.transaction('write')
  const { rows } = await tx.execute({ sql: find, args: [id] })
  const doc = JSON.stringify(apply(JSON.parse(rows[0]!.doc as string), patch))
  await tx.execute({ sql: 'UPDATE pieces SET doc = ? WHERE id = ?', args: [doc, id] })
  await tx.commit()
  return c.body(doc, 200, { 'content-type': 'application/json' })
})
serve({ fetch: app.fetch, port: Number(port), hostname: '127.0.0.1' }, () => console.log('open'))

import { serve, type ServerType } from '@hono/node-server'
import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { parseArgs } from 'node:util'
import { backUp } from './db/backUp'
import { openDatabase } from './db/openDatabase'
import { sites } from './http/site'
import { PhoneListener } from './phones/phoneListener'
import { Phones } from './phones/phones'
import { StartError } from './startError'
import { checkInThreads } from './shopFile/checkers'
import { ShopStore } from './stores/shopStore'

const { values } = parseArgs({
  options: {
    data: { type: 'string' },
    static: { type: 'string' },
    migrations: { type: 'string' },
    port: { type: 'string' },
    'phones-port': { type: 'string' },
    phones: { type: 'boolean' },
    seed: { type: 'string' },
    'with-parent': { type: 'boolean' },
    fresh: { type: 'boolean' },
    backup: { type: 'string' },
  },
})

/** A whole request may take as long as the longest shop file; its head comes at once. */
const PATIENCE = { requestTimeout: 600_000, headersTimeout: 10_000, connectionsCheckingInterval: 2000 }

/** Laid beside this program by the build. */
const CHECK_THREAD = fileURLToPath(new URL('checkThread.mjs', import.meta.url))

// What a shop keeps is its owner's: names of customers are in it.
process.umask(0o077)

async function start(): Promise<void> {
  if (values.backup) {
    await backUp(values.data!, values.backup)
    console.log(`The shop was copied to ${values.backup}`)
    return
  }
  const port = portOf('PORT', values.port ?? '4820')
  const phonesPort = portOf('PHONES_PORT', values['phones-port'] ?? String(port === 65535 ? port - 1 : port + 1))
  const database = await openDatabase(values.data!, values.migrations!, {
    afresh: values.fresh ?? false,
    build: process.env.THIMBLE_BUILD ?? '',
  })
  const store = new ShopStore(database, () => new Date().toISOString())
  const phones = await Phones.of(database, { port: phonesPort })
  const { loopback, network } = sites(store, values.static!, { phones, checking: checkInThreads(CHECK_THREAD) })

  if (values.seed && (await store.isNew())) await importByApi(loopback, port, values.seed)
  // The first who asks the log need not wait for it to be read.
  await store.log.recordText()
  const server = await listen(loopback.fetch, port)
  console.log(`Zealous Thimble is open at http://127.0.0.1:${port}`)
  await phones.ready(({ server: shown }) => new PhoneListener(phonesPort, shown, network.fetch, PATIENCE), {
    open: values.phones ?? false,
  })
  tellOfPhones(phones)

  let closing = false
  const close = (): void => {
    if (closing) return
    closing = true
    database.revisions.end()
    void phones.close()
    server.close(() => void database.close().then(() => process.exit(0)))
    if ('closeIdleConnections' in server) server.closeIdleConnections()
    setTimeout(() => void database.close().then(() => process.exit(0)), 3000).unref()
  }
  // Started by another program that is gone without a word: close as if it had asked.
  const parent = process.ppid
  if (values['with-parent']) setInterval(() => process.ppid !== parent && close(), 300).unref()
  process.on('SIGINT', close)
  process.on('SIGTERM', close)
}

function portOf(name: string, text: string): number {
  const port = Number(text)
  if (Number.isInteger(port) && port >= 1 && port <= 65535) return port
  throw new StartError(`${name} ${text} is not a port: choose a number from 1 to 65535.`)
}

/** Where phones come in, or why they do not, for who started the program and looks at what it says. */
function tellOfPhones(phones: Phones): void {
  const { open, problem, addresses } = phones.state()
  if (problem) console.log(`Phones can’t connect. ${problem}`)
  if (open) console.log(`Phones connect at ${addresses.join(' or ')}: connect one in Settings, Phones.`)
}

function listen(fetch: Parameters<typeof serve>[0]['fetch'], port: number): Promise<ServerType> {
  return new Promise((resolve, reject) => {
    const server = serve({ fetch, port, hostname: '127.0.0.1', serverOptions: PATIENCE }, () => resolve(server))
    server.on('error', (error: NodeJS.ErrnoException) => {
      const taken = `Port ${port} is taken: stop the other program, or choose another with PORT=4821.`
      reject(
        new StartError(
          error.code === 'EADDRINUSE'
            ? taken
            : `Port ${port} cannot be opened (${error.code}): choose another with PORT=4821.`,
        ),
      )
    })
  })
}

/** The demo comes in the way any shop file does: through POST /api/v1/import. */
async function importByApi(app: ReturnType<typeof sites>['loopback'], port: number, file: string): Promise<void> {
  const answer = await app.request('/api/v1/import', {
    method: 'POST',
    headers: { 'content-type': 'application/json', host: `127.0.0.1:${port}` },
    body: readFileSync(file),
  })
  if (!answer.ok)
    throw new StartError(`The demo shop ${file} was not taken: ${((await answer.json()) as { detail: string }).detail}`)
  console.log('The demo shop is loaded.')
}

start().catch((error: unknown) => {
  console.error(error instanceof StartError ? error.message : error)
  process.exit(1)
})

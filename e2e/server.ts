import { test as base } from '@playwright/test'
import { spawn, type ChildProcess } from 'node:child_process'
import { cpSync, mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { type IncomingMessage, request } from 'node:http'
import { createServer } from 'node:net'
import os from 'node:os'
import path from 'node:path'
import { Readable } from 'node:stream'
import { text } from 'node:stream/consumers'
import { readyDemo } from '../demo/readyDemo'

const root = path.resolve(__dirname, '..')

const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as { port: number }
      probe.close(() => resolve(port))
    })
  })

/** The built server on a folder and port of its own; it can be stopped, killed and started again on the same data. */
export class ShopServer {
  #child: ChildProcess | null = null
  private constructor(
    readonly folder: string,
    readonly port: number,
    readonly phonesPort: number,
    readonly site: string,
  ) {}

  static async at(folder: string, site = 'app/dist'): Promise<ShopServer> {
    return new ShopServer(folder, await freePort(), await freePort(), site)
  }

  /** @param site where the built app lies */
  static fresh(site?: string): Promise<ShopServer> {
    return ShopServer.at(mkdtempSync(path.join(os.tmpdir(), 'thimble-e2e-')), site)
  }

  /** One on a copy of the demo shop that this run made ready (readyShop); not started yet. */
  static async withDemo(): Promise<ShopServer> {
    const server = await ShopServer.fresh()
    const left = (file: string): boolean => !path.basename(file).startsWith('shop.lock')
    cpSync(process.env.THIMBLE_READY_SHOP!, server.folder, { recursive: true, filter: left })
    return server
  }

  get url(): string {
    return `http://127.0.0.1:${this.port}`
  }

  async start(): Promise<void> {
    const args = [
      'dist/server.mjs',
      '--data',
      this.folder,
      '--static',
      this.site,
      '--migrations',
      'server/drizzle',
      '--port',
      String(this.port),
      '--phones-port',
      String(this.phonesPort),
    ]
    const child = spawn(process.execPath, args, { cwd: root })
    this.#child = child
    await new Promise<void>((resolve, reject) => {
      child.stdout.on('data', (text) => String(text).includes('is open at') && resolve())
      let said = ''
      child.stderr.on('data', (text) => (said += text))
      child.on('exit', (code) => reject(new Error(`the server ended with ${code}: ${said}`)))
    })
  }

  stop(signal: 'SIGTERM' | 'SIGKILL' = 'SIGTERM'): Promise<number | null> {
    const child = this.#child
    this.#child = null
    if (!child || child.exitCode !== null) return Promise.resolve(child?.exitCode ?? null)
    return new Promise((resolve) => {
      child.on('exit', (code) => resolve(code))
      child.kill(signal)
    })
  }

  async importDemo(): Promise<void> {
    await this.send('POST', '/import', readyDemo())
  }

  async send<T = any>(method: string, where: string, body?: unknown): Promise<T> {
    const answer = await fetch(`${this.url}/api/v1${where}`, {
      method,
      // A connection that was left open a while may be closed by the server as it is taken up again.
      headers: { connection: 'close', ...(body ? { 'content-type': 'application/json' } : {}) },
      ...(body ? { body: JSON.stringify(body) } : {}),
    })
    if (!answer.ok) throw new Error(`${method} ${where}: ${answer.status} ${await answer.text()}`)
    return answer.status === 204 ? (undefined as T) : ((await answer.json()) as T)
  }

  /** A shop file, or a backup, as it is made; nothing holds it whole. */
  async take(file: ReadableStream<Uint8Array>, { type = 'application/json', query = '' } = {}): Promise<void> {
    const options = { method: 'POST', headers: { 'content-type': type } }
    // However long it takes: fetch waits five minutes for an answer and no longer.
    const answer = await new Promise<IncomingMessage>((resolve, reject) => {
      const asking = request(`${this.url}/api/v1/import${query}`, options, resolve).on('error', reject)
      Readable.fromWeb(file as never).pipe(asking)
    })
    const said = await text(answer)
    if (answer.statusCode !== 200) throw new Error(said)
  }

  /** The most memory the server has held, in MB. */
  get mostMemory(): number {
    const status = readFileSync(`/proc/${this.#child!.pid}/status`, 'utf8')
    return Number(/VmHWM:\s+(\d+)/.exec(status)![1]) / 1000
  }

  clear(): void {
    rmSync(this.folder, { recursive: true, force: true })
  }
}

async function whileOpen(server: ShopServer, use: (server: ShopServer) => Promise<void>): Promise<void> {
  await server.start()
  await use(server)
  await server.stop('SIGKILL')
  server.clear()
}

/** `shop`: a new one with nothing in it; `demo`: the demo shop. Each test has its own. */
/** Folded lines are open where nothing else is said; a journey that is to be gone as it stands says `closed`. */
export const test = base.extend<{ shop: ShopServer; demo: ShopServer; folds: 'open' | 'closed' }>({
  folds: ['open', { option: true }],
  context: async ({ context, folds }, use) => {
    if (folds === 'open') await context.addInitScript(openFolds)
    await use(context)
  },
  shop: async ({}, use) => whileOpen(await ShopServer.fresh(), use),
  demo: async ({}, use) => whileOpen(await ShopServer.withDemo(), use),
})
/** For a page of a context of its own. */
export const openFolds = (): void => {
  try {
    localStorage.setItem('zt.folds', 'open')
  } catch {
    // No page of the shop.
  }
}
export { expect } from '@playwright/test'
export { ENDURE } from './endureTag'

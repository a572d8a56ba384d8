import { chromium, type Page } from '@playwright/test'
import type { Piece } from '@thimble/contract'
import { finishedAt } from '@thimble/plan'
import config from '../../playwright.config'
import { readyDemo } from '../../demo/readyDemo'
import { ShopServer } from '../server'
import type { Figure } from './figure'
import { asStream, shopLines } from './manyPieces'

const [PIECES, IN_WORK, DESIGNS] = [20_000, 300, 2_000]
const RUNS = 9
const DRAWN_BY_MS = 6000

const middle = (list: number[]): number => list.sort((a, b) => a - b)[Math.floor(list.length / 2)]!
const p95 = (list: number[]): number => list.sort((a, b) => a - b)[Math.floor(list.length * 0.95)]!

/** A shop of 20 000 pieces and 2 000 designs, a document a line. */
function largeShop(demo: ReturnType<typeof readyDemo>): Generator<string> {
  const [open, done] = [demo.pieces.find(({ id }) => id === 'piece-polo-4')!, demo.pieces.find(finishedAt)!]
  const { hoops, supplies, threads, items, designs } = demo
  const several = Array.from({ length: DESIGNS }, (_, i) => ({ ...designs[i % designs.length]!, id: `design-${i}` }))
  const pieces = Array.from(
    { length: PIECES },
    (_, i) => (): Piece => ({
      ...(i < IN_WORK ? open : done),
      ...{ id: `large-${i}`, name: `Large shop, piece ${i}`, due: i === 0 ? '2026-01-05' : '2026-12-24' },
      ...(i < IN_WORK ? { measure: { ...open.measure, designId: `design-${i % DESIGNS}` } } : {}),
    }),
  )
  return shopLines(demo, pieces, { hoops, supplies, threads, items, designs: [...designs, ...several] })
}

/** What a large shop costs: coming in, after a start, on the feed, and on a phone that knows it. */
export async function measureLarge(): Promise<Figure[]> {
  const server = await ShopServer.fresh()
  await server.start()
  try {
    const imported = await timedImport(server, largeShop(readyDemo()), '20 000 pieces and 2 000 designs')
    await server.stop()
    await server.start()
    const started = await afterStart(server)
    const feed = await feedAfterEdits(server)
    return [...imported, ...started, feed, ...(await knownDevice(server))]
  } finally {
    await server.stop()
    server.clear()
  }
}

/** A shop file taken in: how long, how long others waited meanwhile, and what it held. */
export async function timedImport(
  server: ShopServer,
  shop: Generator<string>,
  what: string,
  aim: number | null = null,
): Promise<Figure[]> {
  // What the first request of all waits for is not the import.
  await server.send('GET', '/health')
  let longest = 0
  let over = false
  const others = (async () => {
    while (!over) {
      const start = performance.now()
      await server.send('GET', '/health')
      longest = Math.max(longest, performance.now() - start)
      await new Promise((resolve) => setTimeout(resolve, 20))
    }
  })()
  const start = performance.now()
  await server.take(asStream(shop))
  const took = (performance.now() - start) / 1000
  over = true
  await others
  return [
    { what: `${what} taken in`, value: took, unit: 's', aim },
    { what: 'longest that another request waited meanwhile', value: longest, unit: 'ms', aim: 100 },
    { what: 'most memory of the server meanwhile', value: server.mostMemory, unit: 'MB', aim: 300 },
  ]
}

/** What the first who ask wait for: words in the log, and pages of finished pieces that nobody has asked for since. */
async function afterStart(server: ShopServer): Promise<Figure[]> {
  const timed = async (where: string): Promise<number> => {
    const start = performance.now()
    await server.send('GET', where)
    return performance.now() - start
  }
  const first = await timed('/log/found?limit=50&words=piece')
  const pages: number[] = []
  for (let i = 0; i < 60; i++) pages.push(await timed(`/pieces?state=finished&limit=50&offset=${i * 300}`))
  return [
    { what: 'first search of the log after a start', value: first, unit: 'ms', aim: 100 },
    { what: 'a page of 50 finished pieces after a start, 95th percentile', value: p95(pages), unit: 'ms', aim: 100 },
  ]
}

async function feedAfterEdits(server: ShopServer): Promise<Figure> {
  const times: number[] = []
  for (let i = 0; i < 100; i++) {
    const { revision } = await server.send('PATCH', `/pieces/large-${i}`, { note: `edit ${i}` })
    const start = performance.now()
    const { changes } = await server.send('GET', `/changes?since=${revision - 1}`)
    times.push(performance.now() - start)
    if (changes.length !== 1) throw new Error(`${changes.length} changes after one edit`)
  }
  return { what: '/changes after one edit, 95th percentile', value: p95(times), unit: 'ms', aim: 20 }
}

async function knownDevice(server: ShopServer): Promise<Figure[]> {
  const browser = await chromium.launch(config.use!.launchOptions)
  try {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 } })
    const page = await context.newPage()
    await page.goto(server.url)
    await firstCard(page).waitFor({ timeout: 60_000 })
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
    // Everything told, and the shell kept.
    await page.waitForTimeout(8000)
    const writes = await writesOfOneEdit(page)
    await page.addInitScript(noteFirstCard)
    const wire = await context.newCDPSession(page)
    const times: number[] = []
    for (let i = 0; i < RUNS; i++) {
      await page.goto('about:blank')
      await context.route('**/api/**', () => undefined)
      await wire.send('Emulation.setCPUThrottlingRate', { rate: 4 })
      await page.goto(server.url, { waitUntil: 'commit' })
      await page.waitForTimeout(DRAWN_BY_MS)
      times.push(await page.evaluate(() => (window as never as { firstCardAt: number }).firstCardAt))
      await wire.send('Emulation.setCPUThrottlingRate', { rate: 1 })
      await page.waitForTimeout(1500)
      await context.unroute('**/api/**')
    }
    await page.waitForTimeout(4000)
    await wire.send('HeapProfiler.collectGarbage')
    const { usedSize } = await wire.send('Runtime.getHeapUsage')
    return [
      { what: 'records one edit writes on the device', value: writes, unit: '', aim: 1 },
      {
        what: 'first usable Bench of it on a known device, no answer from the server, CPU slowed 4x (median of 9)',
        value: middle(times),
        unit: 'ms',
        aim: 1500,
      },
      { what: 'memory of the page with all of it held', value: usedSize / 1e6, unit: 'MB', aim: 150 },
    ]
  } finally {
    await browser.close()
  }
}

/**
 * Noted by the page itself, from its start to the picture with the card, as whoever asks the page while it is slowed
 * down slows it down the more.
 */
function noteFirstCard(): void {
  const watching = new MutationObserver(() => {
    if (!document.querySelector('a[href="/piece/large-0"]')) return
    watching.disconnect()
    requestAnimationFrame(() => setTimeout(() => Object.assign(window, { firstCardAt: performance.now() })))
  })
  watching.observe(document, { childList: true, subtree: true })
}

const firstCard = (page: Page) => page.getByRole('link', { name: /^Large shop, piece 0\b/ })

async function writesOfOneEdit(page: Page): Promise<number> {
  await firstCard(page).click()
  await page.getByLabel(/^1 /).waitFor()
  await page.evaluate(() => {
    const count = { puts: 0 }
    Object.assign(window, { count })
    const { put } = IDBObjectStore.prototype
    IDBObjectStore.prototype.put = function (...args) {
      count.puts++
      return put.apply(this, args)
    }
  })
  await page.getByLabel('Customer').fill('Gullhouse Guest Rooms')
  await page
    .getByRole('status')
    .filter({ hasText: /^saved$/ })
    .waitFor()
  await page.waitForTimeout(1500)
  return page.evaluate(() => (window as never as { count: { puts: number } }).count.puts)
}

import { type Browser, chromium, type Page } from '@playwright/test'
import { readFileSync, writeFileSync } from 'node:fs'
import { type ColourBlock, planColourOrder } from '@thimble/core'
import { blockOverlaps, fewestRuns } from '@thimble/core/design/work'
import config from '../../playwright.config'
import { manyStitches } from '../manyStitches'
import { ShopServer } from '../server'
import type { Figure } from './figure'

const STITCHES = 100_000
const ROUNDS = 5

const middle = (list: readonly number[]): number => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)]!
const most = (list: readonly number[]): number => Math.max(0, ...list)

/** Longest time since it was last asked that the main thread answered nothing, milliseconds. */
async function watchMain(page: Page): Promise<() => Promise<number>> {
  await page.evaluate(() => {
    const state = { longest: 0, last: performance.now() }
    Object.assign(window, { blocked: state })
    const { port1, port2 } = new MessageChannel()
    port1.onmessage = () => {
      const now = performance.now()
      state.longest = Math.max(state.longest, now - state.last)
      state.last = now
      setTimeout(() => port2.postMessage(null), 1)
    }
    port2.postMessage(null)
  })
  return () =>
    page.evaluate(() => {
      const { blocked } = window as never as { blocked: { longest: number } }
      const { longest } = blocked
      blocked.longest = 0
      return longest
    })
}

type Memory = { begin: () => number; grown: () => number }

/** How much more memory the page's process, worker included, has held at its most since it began; megabytes. */
async function watchMemory(browser: Browser): Promise<Memory> {
  const wire = await browser.newBrowserCDPSession()
  const { processInfo } = await wire.send('SystemInfo.getProcessInfo')
  const read = (id: number, name: 'VmRSS' | 'VmHWM'): number =>
    Number(new RegExp(`${name}:\\s+(\\d+)`).exec(readFileSync(`/proc/${id}/status`, 'utf8'))?.[1] ?? 0) / 1000
  const renderers = processInfo.filter(({ type }) => type === 'renderer').map(({ id }) => id)
  const page = renderers.sort((a, b) => read(b, 'VmRSS') - read(a, 'VmRSS'))[0]!
  let before = 0
  return {
    begin: () => {
      writeFileSync(`/proc/${page}/clear_refs`, '5')
      return (before = read(page, 'VmRSS'))
    },
    grown: () => read(page, 'VmHWM') - before,
  }
}

/** Reads a list of 100 000 stitches in the app itself, then draws it back and forth. */
async function inTheApp(): Promise<Figure[]> {
  const server = await ShopServer.fresh()
  await server.start()
  const browser = await chromium.launch(config.use!.launchOptions)
  const buffer = Buffer.from(manyStitches(STITCHES))
  const [read, blocked, grown]: number[][] = [[], [], []]
  try {
    const page = await browser.newPage({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' })
    await page.goto(`${server.url}/designs/add`)
    const files = page.locator('input[type=file]')
    await files.setInputFiles({ name: 'warm.csv', mimeType: 'text/csv', buffer: Buffer.from(manyStitches(500)) })
    await page.getByText('1 of 1 came in').waitFor()
    const longest = await watchMain(page)
    const memory = await watchMemory(browser)
    for (let i = 1; i <= ROUNDS; i++) {
      memory.begin()
      await files.setInputFiles({ name: `list ${i}.csv`, mimeType: 'text/csv', buffer })
      // Handing the file over is the test's own work; what counts begins when the app has it.
      await page
        .getByText(`Reading list ${i}.csv`)
        .or(page.getByText(`${i + 1} of ${i + 1} came in`))
        .first()
        .waitFor()
      await longest()
      await page.getByText(`${i + 1} of ${i + 1} came in`).waitFor()
      await page.waitForTimeout(700)
      blocked!.push(await longest())
      const [worker] = page.workers()
      read!.push(await worker!.evaluate(() => performance.getEntriesByName('read and measured').at(-1)!.duration))
      grown!.push(memory.grown())
    }
    await page.getByRole('link', { name: /^list 5\b/ }).click()
    await page.getByRole('slider').waitFor()
    await page.waitForTimeout(3000)
    const frames = await scrubbed(page)
    return [
      {
        what: '100,000 stitches read and measured in the worker (median of 5)',
        value: middle(read!),
        unit: 'ms',
        aim: 1000,
      },
      {
        what: 'longest the main thread was held up meanwhile (worst of 5)',
        value: most(blocked!),
        unit: 'ms',
        aim: 50,
      },
      {
        what: 'memory of page and worker grown by it at its peak (most of 5)',
        value: most(grown!),
        unit: 'MB',
        aim: 200,
      },
      {
        what: 'scrub through 100,000 stitches, CPU slowed 4x: frame (median)',
        value: middle(frames),
        unit: 'ms',
        aim: 34,
      },
      {
        what: 'the same, 95th percentile',
        value: [...frames].sort((a, b) => a - b)[Math.floor(frames.length * 0.95)]!,
        unit: 'ms',
        aim: 100,
      },
    ]
  } finally {
    await browser.close()
    await server.stop()
    server.clear()
  }
}

/** Times between frames while the slider is drawn to and fro, on a 4x slowed CPU. */
async function scrubbed(page: Page): Promise<number[]> {
  const wire = await page.context().newCDPSession(page)
  await wire.send('Emulation.setCPUThrottlingRate', { rate: 4 })
  const box = (await page.getByRole('slider').boundingBox())!
  const y = box.y + box.height / 2
  await page.mouse.move(box.x + box.width * 0.9, y)
  await page.mouse.down()
  // As text: a function with a name would carry a helper of the compiler's into the page.
  await page.evaluate(`{
    let last = performance.now()
    window.frameTimes = []
    requestAnimationFrame(function tick(now) {
      window.frameTimes.push(now - last)
      last = now
      requestAnimationFrame(tick)
    })
  }`)
  for (let i = 0; i < 120; i++) {
    const share = 0.5 + 0.4 * Math.cos(i / 9)
    await page.mouse.move(box.x + box.width * share, y)
    await page.waitForTimeout(16)
  }
  await page.mouse.up()
  return page.evaluate(() => (window as never as { frameTimes: number[] }).frameTimes.slice(2))
}

/** Blocks strewn over a field, the same in every run. */
function strewn(count: number, colours: number, field: number): ColourBlock[] {
  let state = 7
  const random = (below: number): number => (state = (state * 48271) % 2147483647) % below
  return Array.from({ length: count }, () => {
    const [x, y, colour] = [random(field) * 2, random(field) * 2, random(colours)]
    const stitches = Array.from({ length: 30 }, (_, i) => ({ x: x + (i % 2) * 5 + 0.3, y: y + i / 6 }))
    return { colour: `#${String(100000 + colour * 1111)}`, stitches }
  })
}

function orders(): Figure[] {
  const timed = (blocks: ColourBlock[]): number =>
    middle(
      Array.from({ length: 7 }, () => {
        const start = performance.now()
        planColourOrder(blocks)
        return performance.now() - start
      }),
    )
  const far = strewn(200, 6, 100)
  const kinds = [...new Set(far.map((b) => b.colour))]
  const least =
    fewestRuns(
      far.map((b) => kinds.indexOf(b.colour)),
      blockOverlaps(far),
    ) - 1
  return [
    { what: 'colour order of 16 blocks, proven', value: timed(strewn(16, 6, 20)), unit: 'ms', aim: 200 },
    { what: 'colour order of 200 blocks in 6 colours', value: timed(far), unit: 'ms', aim: 200 },
    { what: 'the same, 12 colours, crowded', value: timed(strewn(200, 12, 60)), unit: 'ms', aim: 200 },
    {
      what: 'its changes over the lower bound, 200 blocks in 6 colours',
      value: planColourOrder(far).changes / least,
      unit: 'times',
      aim: 1.1,
    },
  ]
}

export const measureDesigns = async (): Promise<Figure[]> => [...orders(), ...(await inTheApp())]

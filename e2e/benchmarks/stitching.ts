import { Piece, type RunEvent } from '@thimble/contract'
import { decideStage, planPiece } from '@thimble/plan'
import { type CDPSession, chromium, type Page } from '@playwright/test'
import { apply } from 'json-merge-patch'
import { readyDemo } from '../../demo/readyDemo'
import config from '../../playwright.config'
import { ShopServer } from '../server'
import type { Figure } from './figure'

const MACHINE = 'machine-boatyard'
/** How long the frames are counted, and the page's memory is watched; the issue asks for ten minutes. */
const FRAMES_MS = 10_000
const MINUTES = Number(process.env.MINUTES ?? 2)
const panelHoop = {
  ...{ id: 'hoop-panel', name: 'Panel 300 × 360', clamp: false, machines: [] },
  field: { shape: 'rect', width: 300, height: 360, cornerRadius: 8 },
  outside: { width: 340, height: 400 },
  ...{ createdAt: '2026-11-20T08:00:00.000Z', updatedAt: '2026-11-20T08:00:00.000Z', revision: 0 },
}

/** A run of the harbour panel, some 66,000 stitches: frames of its drawing, its events on their way, memory while it runs. */
export async function measureRun(): Promise<Figure[]> {
  const server = await ShopServer.fresh()
  await server.start()
  await server.importDemo()
  await server.send('PUT', '/hoops/hoop-panel', panelHoop)
  await server.send('PATCH', `/machines/${MACHINE}`, { field: { width: 400, height: 400 }, bobbinM: 2000 })
  await server.send('PUT', '/pieces/panel', panel(await server.send('GET', '/hoops/hoop-panel')))
  const browser = await chromium.launch(config.use!.launchOptions)
  try {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' })
    const page = await context.newPage()
    const wire = await context.newCDPSession(page)
    const delay = await delayOfEvents(page, server)
    await page.goto(`${server.url}/piece/panel/run`)
    await start(page, server)
    await wire.send('Emulation.setCPUThrottlingRate', { rate: 4 })
    const frames = await between(page)
    await wire.send('Emulation.setCPUThrottlingRate', { rate: 1 })
    const grown = await growth(page, wire, server)
    return [
      { what: 'what happens at the machine to the screen (slowest of a run)', value: delay, unit: 'ms', aim: 300 },
      {
        what: 'between frames of 66,000 stitches, CPU slowed 4x (median)',
        value: frames.median,
        unit: 'ms',
        aim: 33.4,
      },
      { what: 'the same, 95 of 100', value: frames.most, unit: 'ms', aim: null },
      { what: `a page’s memory, grown in ${MINUTES} minutes of running`, value: grown, unit: 'MB', aim: 5 },
    ]
  } finally {
    await browser.close()
    await server.stop()
    server.clear()
  }
}

/** A drape with the harbour panel on it, decided as far as its hoop. */
function panel(hoop: object): Piece {
  const demo = readyDemo()
  const designs = Object.fromEntries(demo.designs.map((design) => [design.id, design]))
  const shelf = { ...demo, designs, hoops: [hoop as (typeof demo.hoops)[number]] }
  const drape = demo.pieces.find(({ id }) => id === 'piece-drape')!
  const asked = Piece.parse({
    ...drape,
    ...{ id: 'panel', name: 'Harbour panel' },
    measure: { ...drape.measure, designId: 'design-harbour' },
    hoop: { ...drape.hoop, hoopId: 'hoop-panel', holding: 'floated' },
  })
  return (['measure', 'build', 'hoop'] as const).reduce((so, stage) => {
    const change = decideStage(so, stage, planPiece(so, shelf), '2026-11-27T08:00:00.000Z')
    return change ? Piece.parse(apply(structuredClone(so), change)) : so
  }, asked)
}

/** Resolves to what comes to an end with the run. */
async function start(page: Page, server: ShopServer): Promise<{ ended: Promise<void> }> {
  await page.getByRole('radio', { name: 'Practice machine' }).click()
  await page.getByRole('radio', { name: '60 times', exact: true }).click()
  await page.getByRole('button', { name: 'Start' }).click()
  await page.getByText(/^(sewing|waiting for you)$/).waitFor()
  return { ended: keepGoing(server) }
}

/** Threads and goes on whatever happens, until the server is gone. */
async function keepGoing(server: ShopServer): Promise<void> {
  try {
    for (;;) {
      const { state, why } = await server.send('GET', `/devices/machines/${MACHINE}`)
      if (why === 'end') return
      const press = state === 'waiting-for-colour' ? 'threaded' : state === 'stopped' ? 'start' : null
      if (press) await server.send('POST', `/devices/machines/${MACHINE}/press`, { press })
      await new Promise((resolve) => setTimeout(resolve, 400))
    }
  } catch {
    // Measured.
  }
}

/** The slowest way of the machine's waits for a thread from when they happened to when the list shows them. */
async function delayOfEvents(page: Page, server: ShopServer): Promise<number> {
  await page.goto(`${server.url}/piece/piece-apron-2/run`)
  const { ended } = await start(page, server)
  await page.evaluate(() => {
    const shown: number[] = []
    Object.assign(window, { shown })
    let lines = 0
    new MutationObserver(() => {
      const now = document.querySelectorAll('[role=list] [role=listitem]').length
      while (lines < now) {
        shown.push(Date.now())
        lines++
      }
    }).observe(document.body, { subtree: true, childList: true })
  })
  await ended
  await page.waitForTimeout(1000)
  const shown = await page.evaluate(() => (window as never as { shown: number[] }).shown)
  const events = await server.send<RunEvent[]>('GET', '/pieces/piece-apron-2/run')
  const at = events.map(({ createdAt }) => Date.parse(createdAt))
  // The first were there before anybody looked.
  return Math.max(...shown.slice(2).map((ms, i) => ms - at[i + 2]!))
}

async function between(page: Page): Promise<{ median: number; most: number }> {
  // As text: a function with a name of its own does not cross to the page as it is compiled here.
  const gaps = await page.evaluate<number[]>(`new Promise((resolve) => {
    const all = []
    const begun = performance.now()
    let last = begun
    requestAnimationFrame(function look(now) {
      all.push(now - last)
      last = now
      if (now - begun < ${FRAMES_MS}) requestAnimationFrame(look)
      else resolve(all)
    })
  })`)
  const sorted = gaps.sort((a, b) => a - b)
  return { median: sorted[Math.floor(sorted.length / 2)]!, most: sorted[Math.floor(sorted.length * 0.95)]! }
}

/** What a page holds more after some minutes of running, rubbish taken out; at a pace that lasts as long. */
async function growth(page: Page, wire: CDPSession, server: ShopServer): Promise<number> {
  await server.send('POST', `/devices/machines/${MACHINE}/press`, { press: 'pace', pace: 10 })
  const held = async (): Promise<number> => {
    await wire.send('HeapProfiler.enable')
    await wire.send('HeapProfiler.collectGarbage')
    return (await wire.send('Runtime.getHeapUsage')).usedSize / 1e6
  }
  await page.waitForTimeout(20_000)
  const before = await held()
  await page.waitForTimeout(MINUTES * 60_000)
  return Math.max(0, (await held()) - before)
}

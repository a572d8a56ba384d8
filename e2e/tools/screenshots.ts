import { chromium, type Page } from '@playwright/test'
import { demoToday } from '../../demo/demoShop'
import config from '../../playwright.config'
import { ShopServer } from '../server'

type Shot = { name: string; path: string; wide?: boolean; scroll?: number; before?: (page: Page) => Promise<void> }

async function showLoading(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^Which way up/ }).click()
}
/** A preference as it is changed, with what that comes to. */
async function changeKnits(page: Page): Promise<void> {
  await page.getByRole('button', { name: /^Knits/ }).click()
  await page.getByRole('radio', { name: 'Float on hooped backing' }).click()
}
/** Two dots found a little askew, and to the right. */
async function landAskew(page: Page): Promise<void> {
  for (const [mark, way] of [
    ['the left dot', 'ArrowUp'],
    ['the right dot', 'ArrowDown'],
  ] as const) {
    await page.getByRole('slider', { name: mark }).focus()
    for (const key of [way, way, way, way, 'ArrowRight', 'ArrowRight', 'ArrowRight']) await page.keyboard.press(key)
  }
  await page.getByText('You can dial it straight').waitFor()
}
/** The pieces of the demo's order. */
async function makePieces(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Make 12 pieces' }).click()
  await page.getByText('12 on the Bench.').waitFor()
}

/** The order of work of that order, once it is made. */
async function toWork(page: Page): Promise<void> {
  if (await page.getByRole('button', { name: 'Make 12 pieces' }).isVisible()) await makePieces(page)
  await page.getByRole('link', { name: /Order of work, time/ }).click()
  await page.getByRole('heading', { name: 'Ready' }).waitFor()
}

/** A run that was begun a while ago, and goes on from the middle. */
async function sewSome(page: Page): Promise<void> {
  const day = demoToday('demo')
  for (const [id, kind, stitch, at] of [
    ['run-1', 'started', 0, '10:26:40'],
    ['run-2', 'thread-break', 908, '10:29:10'],
    ['run-3', 'resumed', 900, '10:29:54'],
  ] as const) {
    const when = `${day}T${at}.000Z`
    const event = { name: 'Tearoom apron', piece: 'piece-apron-2', kind, stitch, createdAt: when, updatedAt: when }
    await page.request.put(new URL(`/api/v1/runEvents/${id}`, page.url()).href, { data: { ...event, revision: 0 } })
  }
  await page.getByText('sewing', { exact: true }).waitFor()
}

/** The door for phones opened, with a code for one. */
async function askForCode(page: Page): Promise<void> {
  await page.getByRole('radio', { name: 'Yes' }).click()
  await page.getByRole('button', { name: 'Connect a phone' }).click()
  await page.getByRole('timer').waitFor()
}

/** Draws a design as far as a share of its stitches. */
const drawTo =
  (share: number) =>
  async (page: Page): Promise<void> => {
    const box = (await page.getByRole('slider').boundingBox())!
    await page.mouse.click(box.x + box.width * share, box.y + box.height / 2)
  }

const shots: Shot[] = [
  { name: 'bench', path: '/' },
  { name: 'measure', path: '/piece/piece-polo-4', before: (page) => page.getByLabel(/Neck, shoulder point/).focus() },
  { name: 'build', path: '/piece/piece-robe' },
  { name: 'hoop', path: '/piece/piece-polo-3' },
  { name: 'load', path: '/piece/piece-polo-3', scroll: 760, before: showLoading },
  { name: 'straight', path: '/piece/piece-apron-2/straight', before: landAskew },
  { name: 'run', path: '/piece/piece-apron-2/run', before: sewSome },
  { name: 'finish', path: '/piece/piece-toolroll', scroll: 320 },
  { name: 'designs', path: '/designs' },
  { name: 'design', path: '/designs/design-tern', before: drawTo(0.62) },
  { name: 'stash', path: '/stash' },
  { name: 'log', path: '/log' },
  { name: 'works', path: '/log/works', scroll: 900 },
  { name: 'record', path: '/log/piece-polo-1' },
  { name: 'habits', path: '/settings/preferences', before: changeKnits },
  { name: 'wide-phones', path: '/phones', wide: true, before: askForCode },
  { name: 'wide-measure', path: '/piece/piece-polo-4', wide: true },
  { name: 'order', path: '/runs/order/order-crew-2', before: makePieces },
  { name: 'wide-work', path: '/runs/order/order-crew-2', wide: true, before: toWork },
]

/** Takes the pictures of docs/screenshots from the demo data, on a server of its own. */
async function main(): Promise<void> {
  const server = await ShopServer.fresh()
  await server.start()
  const today = demoToday('demo')
  await server.importDemo()
  const browser = await chromium.launch(config.use!.launchOptions)
  for (const shot of shots) {
    const context = await browser.newContext({
      viewport: shot.wide ? { width: 1280, height: 800 } : { width: 390, height: 844 },
      serviceWorkers: 'block',
      locale: 'en-GB',
    })
    const page = await context.newPage()
    await page.clock.setFixedTime(new Date(`${today}T10:30:00Z`))
    await page.goto(server.url + shot.path)
    await page.getByRole('heading').first().waitFor()
    await page.waitForLoadState('networkidle')
    await page.waitForTimeout(700)
    await shot.before?.(page)
    if (shot.scroll)
      await page.locator('div').evaluateAll(
        (all, y) =>
          all
            .filter((d) => getComputedStyle(d).overflowY === 'auto')
            .sort((a, b) => b.scrollHeight - b.clientHeight - a.scrollHeight + a.clientHeight)
            .slice(0, 1)
            .forEach((d) => (d.scrollTop = y)),
        shot.scroll,
      )
    await page.waitForTimeout(500)
    await page.screenshot({ path: `docs/screenshots/${shot.name}.png` })
    await context.close()
  }
  await browser.close()
  await server.stop()
  server.clear()
}

main().catch((error: unknown) => {
  console.error(error)
  process.exit(1)
})

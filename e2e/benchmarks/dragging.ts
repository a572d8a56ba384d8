import { chromium, type Page } from '@playwright/test'
import config from '../../playwright.config'
import { ShopServer } from '../server'
import type { Figure } from './figure'

const MOVES = 40

/** From a finger's move of a dot on the hoop's grid to the frame that shows the design where it now lies. */
export async function measureDragging(): Promise<Figure[]> {
  const server = await ShopServer.fresh()
  await server.start()
  await server.importDemo()
  const browser = await chromium.launch(config.use!.launchOptions)
  try {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' })
    const page = await context.newPage()
    await page.goto(`${server.url}/piece/piece-polo-3/straight`)
    await page.getByRole('slider', { name: 'the cross' }).focus()
    await page.keyboard.press('ArrowRight')
    const quick = await dragged(page)
    const wire = await context.newCDPSession(page)
    await wire.send('Emulation.setCPUThrottlingRate', { rate: 4 })
    const slow = await dragged(page)
    return [
      { what: 'a dot dragged to the frame that draws it (median)', value: quick, unit: 'ms', aim: 16 },
      { what: 'the same, CPU slowed 4x', value: slow, unit: 'ms', aim: 50 },
    ]
  } finally {
    await browser.close()
    await server.stop()
    server.clear()
  }
}

/** Moves the left dot about and notes each time from the move to the drawing's change. */
async function dragged(page: Page): Promise<number> {
  await page.evaluate(() => {
    const times: number[] = []
    let moved = 0
    Object.assign(window, { times })
    const dot = document.querySelector('[role=slider][aria-label="the left dot"]')!
    addEventListener('pointermove', () => (moved = performance.now()), true)
    new MutationObserver(() => {
      if (moved > 0) times.push(performance.now() - moved)
      moved = 0
    }).observe(dot.parentElement!, { subtree: true, attributes: true, childList: true })
  })
  const box = (await page.getByRole('slider', { name: 'the left dot' }).boundingBox())!
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
  await page.mouse.move(x, y)
  await page.mouse.down()
  for (let i = 0; i < MOVES; i++) {
    await page.mouse.move(x + 4 * Math.sin(i), y + 3 * Math.cos(i))
    await page.waitForTimeout(60)
  }
  await page.mouse.up()
  const times = await page.evaluate(() => (window as never as { times: number[] }).times)
  return [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)]!
}

import { chromium } from '@playwright/test'
import config from '../../playwright.config'
import { ShopServer } from '../server'
import type { Figure } from './figure'

const KEYS = 24

/** From a character arriving in a measurement to the frame that shows the drawing changed, on a 4x slowed CPU. */
export async function measureTyping(): Promise<Figure[]> {
  const server = await ShopServer.fresh()
  await server.start()
  await server.importDemo()
  const browser = await chromium.launch(config.use!.launchOptions)
  try {
    const context = await browser.newContext({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' })
    const page = await context.newPage()
    await page.goto(`${server.url}/piece/piece-polo-4`)
    const field = page.getByLabel(/^1 /)
    await field.fill('580.')
    await page.waitForTimeout(500)
    const wire = await context.newCDPSession(page)
    await wire.send('Emulation.setCPUThrottlingRate', { rate: 4 })
    await page.evaluate(() => {
      const seen: [number, number][] = []
      let pressed = 0
      Object.assign(window, { seen })
      addEventListener('input', () => (pressed = performance.now()), true)
      const drawing = document.querySelector('[aria-label^="Drawing to scale"]')!
      new MutationObserver(() => {
        if (pressed === 0) return
        const since = pressed
        pressed = 0
        requestAnimationFrame(() => {
          const begun = performance.now() - since
          const { port1, port2 } = new MessageChannel()
          // The message comes once the frame has been laid out and painted.
          port1.onmessage = () => seen.push([begun, performance.now() - since])
          port2.postMessage(null)
        })
      }).observe(drawing, { subtree: true, attributes: true, childList: true, characterData: true })
    })
    await field.focus()
    await page.keyboard.press('End')
    await page.waitForTimeout(300)
    for (let i = 0; i < KEYS; i++) {
      await page.keyboard.press(i % 2 === 0 ? '9' : 'Backspace')
      await page.waitForTimeout(350)
    }
    const times = await page.evaluate(() => (window as never as { seen: [number, number][] }).seen)
    const middle = (of: 0 | 1): number => times.map((t) => t[of]).sort((a, b) => a - b)[Math.floor(times.length / 2)]!
    return [
      {
        what: 'typing a measurement to the frame that draws it, CPU slowed 4x (median)',
        value: middle(0),
        unit: 'ms',
        aim: 50,
      },
      { what: 'the same, until that frame is painted', value: middle(1), unit: 'ms', aim: 50 },
    ]
  } finally {
    await browser.close()
    await server.stop()
    server.clear()
  }
}

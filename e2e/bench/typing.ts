import { chromium } from '@playwright/test'
import config from '../../playwright.config'
import { ShopServer } from '../server'
import type { Figure } from './bench'

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
    const field = page.getByLabel(/Seam to seam/)
    await field.fill('580.')
    await page.waitForTimeout(500)
    const wire = await context.newCDPSession(page)
    await wire.send('Emulation.setCPUThrottlingRate', { rate: 4 })
    await page.evaluate(() => {
      const seen: number[] = []
      let pressed = 0
      Object.assign(window, { seen })
      addEventListener('input', () => (pressed = performance.now()), true)
      const drawing = document.querySelector('[aria-label^="Drawing to scale"]')!
      new MutationObserver(() => {
        if (pressed === 0) return
        const since = pressed
        pressed = 0
        // The change is on the screen once the next frame has been drawn.
        requestAnimationFrame(() => {
          const { port1, port2 } = new MessageChannel()
          port1.onmessage = () => seen.push(performance.now() - since)
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
    const times = (await page.evaluate(() => (window as never as { seen: number[] }).seen)).sort((a, b) => a - b)
    const at = (part: number): number => times[Math.min(times.length - 1, Math.floor(times.length * part))]!
    return [
      { what: 'typing a measurement to the drawing, CPU slowed 4x (median)', value: at(0.5), unit: 'ms', aim: 50 },
      { what: 'the same, nine of ten', value: at(0.9), unit: 'ms', aim: null },
    ]
  } finally {
    await browser.close()
    await server.stop()
    server.clear()
  }
}

import { chromium } from '@playwright/test'
import config from '../../playwright.config'
import { ShopServer } from '../server'
import type { Figure } from './figure'

const TIMES = 9

/** From a measurement typed on one device to its being shown on another that has the same piece open. */
export async function measureOtherDevice(): Promise<Figure[]> {
  const server = await ShopServer.withDemo()
  await server.start()
  const browser = await chromium.launch(config.use!.launchOptions)
  try {
    const [here, there] = await Promise.all(
      [0, 1].map(async () => {
        const context = await browser.newContext({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' })
        const page = await context.newPage()
        await page.goto(`${server.url}/piece/piece-polo-4`)
        return page.getByLabel(/^1 /)
      }),
    )
    const times: number[] = []
    for (let i = 0; i < TIMES; i++) {
      const typed = String(560 + i)
      await here!.fill(typed)
      const start = performance.now()
      while ((await there!.inputValue()) !== typed) continue
      times.push(performance.now() - start)
    }
    const value = times.sort((a, b) => a - b)[Math.floor(TIMES / 2)]!
    return [{ what: 'a measurement typed, until another device shows it (median)', value, unit: 'ms', aim: 1000 }]
  } finally {
    await browser.close()
    await server.stop()
    server.clear()
  }
}

import { chromium } from '@playwright/test'
import config from '../../playwright.config'
import { ShopServer } from '../server'
import type { Figure } from './figure'

const RUNS = 5

/** First load of the Bench from an empty cache: bytes over the wire, and time to the first card on a 4x slowed CPU. */
export async function measureLoad(): Promise<Figure[]> {
  const server = await ShopServer.fresh()
  await server.start()
  await server.importDemo()
  const browser = await chromium.launch(config.use!.launchOptions)
  const [bytes, times]: [number[], number[]] = [[], []]
  try {
    for (let i = 0; i < RUNS; i++) {
      const context = await browser.newContext({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' })
      const page = await context.newPage()
      const wire = await context.newCDPSession(page)
      await wire.send('Network.enable')
      await wire.send('Emulation.setCPUThrottlingRate', { rate: 4 })
      let sum = 0
      wire.on('Network.loadingFinished', ({ encodedDataLength }) => (sum += encodedDataLength))
      const start = performance.now()
      await page.goto(server.url, { waitUntil: 'commit' })
      await page.getByRole('button', { name: 'New piece' }).waitFor()
      await page
        .getByRole('link', { name: /Crew polo, tern badge/ })
        .first()
        .waitFor()
      times.push(performance.now() - start)
      // The app goes on listening for news: what a first load fetches has come by now.
      await page.waitForTimeout(2500)
      bytes.push(sum)
      await context.close()
    }
  } finally {
    await browser.close()
    await server.stop()
    server.clear()
  }
  const middle = (list: number[]): number => list.sort((a, b) => a - b)[Math.floor(list.length / 2)]!
  return [
    { what: 'first load of the app, transferred (median of 5)', value: middle(bytes) / 1000, unit: 'kB', aim: 545 },
    {
      what: 'time to the first usable Bench, CPU slowed 4x (median of 5)',
      value: middle(times),
      unit: 'ms',
      aim: null,
    },
  ]
}

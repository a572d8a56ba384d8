import { chromium, type Page } from '@playwright/test'
import { ShopServer } from '../server'
import { mkdirSync } from 'node:fs'
const out = '/tmp/shots'
mkdirSync(out, { recursive: true })
async function run() {
  const shop = await ShopServer.fresh()
  await shop.start()
  await shop.importDemo()
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium' })
  const steps: [string, (page: Page) => Promise<void>][] = (await import('/tmp/steps')).default
  for (const [name, go] of steps) {
    const wide = name.includes('wide')
    const page = await browser.newPage({
      viewport: wide ? { width: 1280, height: 800 } : { width: 390, height: 844 },
      reducedMotion: 'reduce',
    })
    page.on('pageerror', (e) => console.log(name, 'ERR', e.message))
    page.on('console', (m) => m.type() === 'error' && console.log(name, 'CON', m.text().slice(0, 300)))
    try {
      await page.goto(shop.url)
      await page.waitForTimeout(900)
      await go(Object.assign(page, { base: shop.url, shop }) as never)
      await page.waitForTimeout(500)
    } catch (e) {
      console.log(name, 'FAIL', (e as Error).message.slice(0, 600))
    }
    await page.screenshot({ path: `${out}/${name}.png`, fullPage: false })
    await page.close()
  }
  await browser.close()
  await shop.stop('SIGKILL')
  shop.clear()
}
void run()

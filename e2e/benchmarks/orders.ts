import { chromium, type Page } from '@playwright/test'
import config from '../../playwright.config'
import { ShopServer } from '../server'
import type { Figure } from './figure'

const MANY = 500
const ROUNDS = 3
const sizes = ['S', 'M', 'L', 'XL']
/** Names of one to three syllables, each another. */
const names = Array.from({ length: MANY }, (_, i) => {
  const part = (n: number): string => ['Wren', 'ada', 'mor', 'sil', 'jor', 'pip', 'dor', 'nell'][n % 8]!
  return `${sizes[i % 4]};${part(i)}${part(Math.floor(i / 8))} ${i}`
})
const list = ['size;name', ...names].join('\n')

const median = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!

async function timed(work: () => Promise<unknown>): Promise<number> {
  const start = performance.now()
  await work()
  return performance.now() - start
}

/** An order with a line of polos that bear names; answers where its names are put in. */
async function begin(page: Page, url: string): Promise<void> {
  await page.goto(`${url}/runs`)
  await page.getByRole('button', { name: 'New order' }).click()
  await page.getByRole('button', { name: 'Add the first line' }).click()
  await page.getByRole('button', { name: 'Choose a placement' }).click()
  await page.getByRole('radio', { name: 'Personal name' }).click()
  await page.getByRole('link', { name: /Add names/ }).click()
  await page.getByLabel('The list').waitFor()
}

/** 500 names pasted, shown checked, and made into as many pieces in one transaction. */
export async function measureOrders(): Promise<Figure[]> {
  const [checked, kept, made]: [number[], number[], number[]] = [[], [], []]
  const browser = await chromium.launch(config.use!.launchOptions)
  for (let round = 0; round < ROUNDS; round++) {
    const server = await ShopServer.fresh()
    await server.start()
    const permissions = ['clipboard-read', 'clipboard-write']
    const page = await browser.newPage({ serviceWorkers: 'block', permissions })
    await begin(page, server.url)
    await page.evaluate((text) => navigator.clipboard.writeText(text), list)
    await page.getByLabel('The list').focus()
    checked.push(
      await timed(async () => {
        await page.keyboard.press('Control+V')
        await page.getByText(`${MANY} lines, all good.`).waitFor()
      }),
    )
    await page.getByRole('button', { name: `Take ${MANY} names in` }).click()
    await page.goBack()
    await page.getByRole('radio', { name: 'Smaller letters for those' }).click()
    await page.getByText('All fit now.').waitFor()
    await page.getByRole('link', { name: 'Back to the order' }).click()
    const sent = page.waitForRequest((request) => request.method() === 'POST' && request.url().endsWith('/pieces'), {
      timeout: 120_000,
    })
    const whole = timed(async () => {
      await page.getByRole('button', { name: `Make ${MANY} pieces` }).click()
      await page.getByText(`${MANY} on the Bench.`).waitFor({ timeout: 120_000 })
    })
    kept.push(await sent.then((request) => timed(async () => request.response())))
    made.push(await whole)
    await page.close()
    await server.stop()
    server.clear()
  }
  await browser.close()
  return [
    { what: '500 names pasted, until they are shown checked', value: median(checked), unit: 'ms', aim: 1000 },
    { what: '500 pieces with their names kept in one transaction', value: median(kept), unit: 'ms', aim: 3000 },
    { what: '500 names set, their pieces made and shown', value: median(made), unit: 'ms', aim: null },
  ]
}

import type { Piece } from '@thimble/contract'
import type { Page } from '@playwright/test'
import { expect, type ShopServer, test } from './server'
import { toStage } from './ticket'

test.use({ folds: 'closed' })

/** Words a stage may have on a phone with its folds closed, the page's own head and foot among them. */
const MOST_WORDS = { Measure: 220, Layers: 180, Hoop: 200, Stitch: 180, Finish: 200 } as const
const SCREENS = 1.8
const HIGH = 844

const countWords = (text: string): number => text.split(/\s+/).filter((word) => /[\p{L}\p{N}]/u.test(word)).length

/** Words on the page, and its height in screens; what waits for an answer is folded up first. */
async function sizeOf(page: Page): Promise<{ words: number; screens: number }> {
  const open = page.locator('h2 [aria-expanded=true]')
  while ((await open.count()) > 0) await open.first().click()
  const words = countWords(await page.locator('body').innerText())
  const high = await page.evaluate(() =>
    Math.max(
      ...[...document.querySelectorAll('*')].map((e) =>
        /auto|scroll/.test(getComputedStyle(e).overflowY) ? e.scrollHeight : 0,
      ),
    ),
  )
  return { words, screens: high / HIGH }
}

/** A row of nine in inches, and a toy by its size alone. */
async function oddPieces(shop: ShopServer): Promise<Piece[]> {
  const all = await shop.send<Piece[]>('GET', '/pieces?limit=100')
  return all
}

test('a stage is one screen: few words, and hardly higher than the phone', async ({ page, demo: shop }) => {
  test.slow()
  const over: string[] = []
  for (const { id } of await oddPieces(shop)) {
    await page.goto(`${shop.url}/piece/${id}`)
    for (const [stage, most] of Object.entries(MOST_WORDS)) {
      await toStage(page, new RegExp(`^${stage}`))
      await expect(page.getByRole('button', { name: /^This piece/ })).toBeVisible()
      const { words, screens } = await sizeOf(page)
      if (words > most || screens > SCREENS) over.push(`${id} ${stage}: ${words} words, ${screens.toFixed(2)} screens`)
    }
  }
  expect(over).toEqual([])
})

test('a page of settings is one screen', async ({ page, demo: shop }) => {
  for (const subject of ['', '/shop', '/preferences', '/days', '/costs', '/backups', '/device']) {
    await page.goto(`${shop.url}/settings${subject}`)
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible()
    const { words, screens } = await sizeOf(page)
    expect([subject, words <= 180, screens <= SCREENS]).toEqual([subject, true, true])
  }
})

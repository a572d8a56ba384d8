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

const BY_SIZE = { designId: null, ownChange: null }
const length = (text: string) => ({ text, unit: 'mm' })

/** Two odd ones beside the demo's: a row of nine and a toy, both by their sizes alone. */
async function addOddPieces(shop: ShopServer): Promise<void> {
  const runner = await shop.send<Piece>('GET', '/pieces/piece-runner')
  const row = { ...runner.measure, ...BY_SIZE, row: { ...runner.measure.row, count: '9' } }
  const romper = await shop.send<Piece>('GET', '/pieces/piece-romper')
  const belly = { ...romper.measure, ...BY_SIZE, measures: {}, placement: 'belly' }
  const odd = [
    {
      ...runner,
      id: 'odd-row',
      name: 'Row of nine',
      measure: { ...row, ownDesign: { ...row.ownDesign, width: length('118'), height: length('46') } },
    },
    {
      ...romper,
      id: 'odd-toy',
      name: 'Plush tern',
      item: { ...romper.item, kind: 'plush-toy', size: 'large' },
      measure: { ...belly, ownDesign: { ...belly.ownDesign, width: length('48'), height: length('56') } },
      build: {
        ...romper.build,
        cloth: { ...romper.build.cloth, family: 'velvet-plush' },
        use: { ...romper.build.use, toy: true },
      },
    },
  ]
  for (const { revision: _, ...piece } of odd) await shop.send('PUT', `/pieces/${piece.id}`, piece)
}

test('a stage is one screen: few words, and hardly higher than the phone', async ({ page, demo: shop }) => {
  test.slow()
  const over: string[] = []
  await addOddPieces(shop)
  const pieces = await shop.send<Piece[]>('GET', '/pieces?limit=100')
  expect(pieces.map(({ id }) => id)).toEqual(expect.arrayContaining(['odd-row', 'odd-toy', 'piece-polo-3']))
  for (const { id } of pieces) {
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

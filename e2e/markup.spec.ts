import type { Page } from '@playwright/test'
import { execFileSync } from 'node:child_process'
import { readyDemo } from '../demo/readyDemo'
import { pdfText } from './poppler'
import { ENDURE, expect, test } from './server'
import { ticket, toStage } from './ticket'

const demo = readyDemo()
/** Markup of a page and of a PDF at once. */
const MARKUP = '<i>)Tj(&amp;%\\'
const marked = <T extends { name: string }>(list: readonly T[]): T[] =>
  list.map((one, i) => ({ ...one, name: `${MARKUP}${i}` }))

async function paper(page: Page, press: () => Promise<void>): Promise<{ text: string; file: string }> {
  const printing = page.waitForEvent('download')
  await press()
  const file = await (await printing).path()
  return { text: pdfText(file), file }
}

/** It says the names as they are, and there is nothing in it that could run or lead anywhere. */
function expectPlain({ text, file }: { text: string; file: string }): void {
  expect(text).toContain(MARKUP)
  expect(execFileSync('pdfinfo', ['-js', file], { encoding: 'utf8' })).toBe('')
  expect(execFileSync('pdfinfo', ['-url', file], { encoding: 'utf8' })).not.toMatch(/http|javascript/i)
}

test('markup in every name is drawn as text on every paper', { tag: ENDURE }, async ({ page, shop }) => {
  test.setTimeout(240_000)
  const orders = marked(demo.orders).map((order) => ({ ...order, customer: MARKUP, deliveryNote: MARKUP }))
  await shop.send('POST', '/import', {
    ...demo,
    shop: { ...demo.shop, name: MARKUP },
    ...{ pieces: marked(demo.pieces), designs: marked(demo.designs), orders, supplies: marked(demo.supplies) },
    ...{ threads: marked(demo.threads), machines: marked(demo.machines), hoops: marked(demo.hoops) },
  })
  const hand = ticket(page)
  const link = (name: string | RegExp) => page.getByRole('link', { name }).first().click()

  // The template of a piece.
  await page.goto(`${shop.url}/piece/piece-polo-4`)
  await toStage(page, /Measure/)
  await hand.press(/Paper template/)
  expectPlain(await paper(page, () => hand.press('PDF on A4')))

  // What is to be bought, and a record.
  await page.goto(`${shop.url}/stash/to-buy`)
  expectPlain(await paper(page, () => hand.press('Save to print')))
  const done = demo.pieces.find(({ finish }) => finish.kept.length > 0)!
  await page.goto(`${shop.url}/log/${done.id}`)
  expectPlain(await paper(page, () => page.getByRole('button', { name: 'Print' }).click()))

  // A quote, and the sheet of all that is on the bench.
  await page.goto(`${shop.url}/runs/order/${orders[0]!.id}`)
  await hand.press(/^Make \d+ pieces/)
  await expect(page.getByText(/on the Bench/).first()).toBeVisible({ timeout: 30_000 })
  await link('Cost')
  const quote = page.getByRole('button', { name: 'Quote (PDF)' })
  await expect(quote).toBeEnabled({ timeout: 30_000 })
  expectPlain(await paper(page, () => quote.click()))
  await page.goto(`${shop.url}/runs`)
  await page.locator('a[href^="/runs/"]:not([href^="/runs/order"])').first().click()
  const print = page.getByRole('button', { name: 'Work sheet (PDF)' })
  await expect(print).toBeEnabled({ timeout: 30_000 })
  expectPlain(await paper(page, () => print.click()))
})

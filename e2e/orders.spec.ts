import type { Piece } from '@thimble/contract'
import { decideStage, planPiece } from '@thimble/plan'
import type { Page } from '@playwright/test'
import { apply } from 'json-merge-patch'
import { readyDemo } from '../demo/readyDemo'
import { codeOn, pdfPictures, pdfText } from './poppler'
import { expect, type ShopServer, test } from './server'
import { sewToEnd } from './sewToEnd'
import { sights } from './sights'
import { ticket } from './ticket'

const names = [
  ...['S;Wren', 'M;Ives', 'L;Bartholomew Marchbanks', 'XXXXL;Tolly', 'M;Ada', 'XL;Jory', ';Nell'],
  ...['M;Morwenna', 'S;Pip', 'L;Hugh', 'XL;Silas', 'M;Dorcas;;for the bosun'],
]
const csv = ['size;name;colour;note', ...names].join('\r\n')

const demo = readyDemo()
const shelf = { ...demo, designs: Object.fromEntries(demo.designs.map((design) => [design.id, design])) }

/** Measured, built and hooped as it is planned, as a hand would have on its ticket. */
async function madeReady(shop: ShopServer, id: string): Promise<void> {
  let piece = await shop.send<Piece>('GET', `/pieces/${id}`)
  const design = await shop.send('GET', `/designs/${piece.measure.designId}`)
  const here = { ...shelf, designs: { ...shelf.designs, [design.id]: design } }
  for (const stage of ['measure', 'build', 'hoop'] as const) {
    const change = decideStage(piece, stage, planPiece(piece, here), '2026-11-23T09:00:00.000Z')!
    await shop.send('PATCH', `/pieces/${id}`, change)
    piece = apply(piece, change) as Piece
  }
}

async function sewIt(page: Page): Promise<void> {
  await page.getByRole('radio', { name: 'Practice machine' }).click()
  await page.getByRole('radio', { name: '60 times', exact: true }).click()
  await page.getByRole('button', { name: 'Start' }).click()
  await sewToEnd(page)
  await page.getByRole('button', { name: 'Stitched: go to Finish' }).click()
}

for (const [sight, viewport] of sights)
  test(`${sight}: twelve polos in four sizes, from a CSV with two bad lines to what was quoted against what it took`, async ({
    page,
    demo: shop,
  }) => {
    test.setTimeout(240_000)
    const hand = ticket(page)
    const link = (name: string | RegExp) => page.getByRole('link', { name }).first().click()
    await page.setViewportSize(viewport)
    await page.goto(`${shop.url}/runs`)

    // The order, its line, and the names from a file.
    await hand.press('New order')
    await hand.type('Name', 'Crew polos, third lot')
    await hand.type('Customer', 'Saltmarsh Ferry Co-op')
    await hand.type('Due', '2031-05-09')
    await hand.press('Add the first line')
    await hand.type('Name', 'Crew polo')
    await hand.press('Choose a placement')
    await hand.pick('Personal name')
    await link(/Add names/)
    await page
      .locator('input[type=file]')
      .setInputFiles({ name: 'crew.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) })
    await expect(page.getByText('10 lines good, 2 to fix.')).toBeVisible()
    await expect(page.getByText(/^Line 5: “XXXXL” is not a size of polo/)).toBeVisible()
    await expect(page.getByText(/^Line 8: No size/)).toBeVisible()
    await hand.press('Add the 10 good lines')
    await expect(page.getByText('10 names', { exact: true })).toBeVisible()
    await hand.type('The list', 'size;name\nXL;Tolly\nL;Nell')
    await hand.press('Add 2 names')
    await expect(page.getByRole('listitem').filter({ hasText: 'Nell' })).toBeVisible()

    // Names that come out too long are mended together; then twelve pieces are made in one go.
    await page.goBack()
    await expect(page.getByText('2 names too long:')).toBeVisible()
    await hand.pick('Smaller letters for those')
    await expect(page.getByText('All fit now.')).toBeVisible()
    await link('Back to the order')
    await hand.press('Make 12 pieces')
    await expect(page.getByText('12 on the Bench.')).toBeVisible({ timeout: 30_000 })
    await expect(page.getByText('2 S, 4 M, 3 L, 3 XL')).toBeVisible()

    // Money: by the shop's own rates, quoted on paper.
    await link('Cost')
    await expect(page.getByText('Enter what the item costs you, in its line, first.')).toBeVisible({
      timeout: 30_000,
    })
    await expect(page.getByRole('button', { name: 'Quote (PDF)' })).toBeDisabled()
    await page.goBack()
    await link(/^Crew polo/)
    await hand.type('Your cost each', '6.50')
    await link('Back to the order')
    await link('Cost')
    await hand.type('Machine, per hour', '6')
    await hand.type('Hands, per hour', '14')
    await hand.type('Mark-up', '60')
    await hand.type(/^Set-up/, '20')
    const quoting = page.waitForEvent('download')
    await hand.press('Quote (PDF)')
    const quote = pdfText(await (await quoting).path())
    expect(quote).toMatch(
      /Quote: Crew polos, third lot[\s\S]*For Saltmarsh Ferry Co-op[\s\S]*Crew polo +12 +£\d+\.\d\d +£\d+\.\d\d/,
    )
    const [, each, all] = /Crew polo +12 +£([\d.]+) +£([\d.]+)/.exec(quote)!
    expect(Math.round(Number(each) * 1200)).toBe(Math.round(Number(all) * 100))
    await expect(page.getByRole('heading', { name: 'Quoted and actual' })).toBeVisible()
    await expect(page.getByRole('heading', { name: 'Quoted price' })).toBeVisible()

    // The order of work: moved by keys and worked out again; cut; on paper.
    await page.goBack()
    await link('Order of work, time and cutting')
    await expect(page.getByRole('heading', { name: 'Ready' })).toBeVisible({ timeout: 30_000 })
    const grips = page.getByRole('button', { name: /^Move / })
    const [first, second] = [
      await grips.nth(0).getAttribute('aria-label'),
      await grips.nth(1).getAttribute('aria-label'),
    ]
    await grips.nth(0).focus()
    const told = page.getByRole('status').filter({ hasText: /draggable/i })
    await page.keyboard.press('Space')
    // Picked up, it is over its own place first.
    await expect(told).toContainText(/moved over/)
    const picked = (await told.textContent())!
    await page.keyboard.press('ArrowDown')
    await expect(told).not.toHaveText(picked)
    await page.keyboard.press('Space')
    await expect(page.getByText(/^As you put them/)).toBeVisible()
    expect([await grips.nth(0).getAttribute('aria-label'), await grips.nth(1).getAttribute('aria-label')]).toEqual([
      second,
      first,
    ])
    await expect(page.getByRole('img', { name: /The roll from its start/ }).first()).toBeVisible()
    const door = await shop.send<{ addresses: string[] }>('PUT', '/phones/door', { open: true })
    const printing = page.waitForEvent('download')
    await hand.press('Work sheet (PDF)')
    const printed = await (await printing).path()
    const sheet = pdfText(printed)
    const code = codeOn(pdfPictures(printed)[0]!, 168, 30)
    expect(code?.startsWith(`${door.addresses[0]}/piece/`)).toBe(true)
    for (const name of ['Wren', 'Bartholomew Marchbanks', 'Nell']) expect(sheet).toContain(name)
    expect(sheet).toMatch(
      /Ready \w+day \d+ \w+, \d+:\d\d[\s\S]*Set up: [\s\S]*Cut from the rolls[\s\S]*Strip 1, cut at \d+ mm/,
    )
    const { leftMm: before } = (await shop.send('GET', '/supplies')).find(
      ({ kind }: { kind: string }) => kind === 'cut-away-mesh-fusible',
    )
    await hand.press(/^Cut(?!ting)/)
    await expect(page.getByText('All of it is cut.')).toBeVisible({ timeout: 30_000 })
    await expect
      .poll(
        async () =>
          (await shop.send('GET', '/supplies')).find(({ kind }: { kind: string }) => kind === 'cut-away-mesh-fusible')
            .leftMm,
      )
      .toBeLessThan(before)

    // The first of them is sewn by the stand-in, and says what comes next.
    const begun = /^Move (Crew polo, \w+)/.exec(second!)![1]!
    const pieces = await shop.send<Piece[]>('GET', '/pieces?limit=500')
    const lead = pieces.find(({ name }) => name === begun)!
    await madeReady(shop, lead.id)
    await hand.press('Open the first piece')
    await hand.press('To the machine')
    await sewIt(page)
    await expect(page.getByRole('heading', { name: 'Next in this order' })).toBeVisible()
    await expect(page.getByRole('button', { name: 'Open the next piece' })).toBeVisible()

    // All but the odd one are recorded alike; it is spoiled, and recorded so.
    await link('Crew polos, third lot')
    await link('Record several')
    await hand.type('Hooping', '5')
    await hand.type('Finishing', '3')
    await hand.press('All of them')
    await page.getByRole('checkbox', { name: /Crew polo, Hugh/ }).click()
    await hand.press('Save 11 pieces to log')
    await expect(page.getByText(/11 pieces of 12 in the log/)).toBeVisible({ timeout: 60_000 })
    await page.goto(`${shop.url}/runs`)
    await link(/Crew polos, third lot/)
    await expect(page.getByText('1 on the Bench, 11 in the log.')).toBeVisible()
    await link('Record several')
    await hand.pick('Spoiled')
    await hand.press('All of them')
    await hand.press('Save 1 piece to log')

    // What was quoted against what it took, by part: nothing is lost in between.
    await expect(page.getByText('12 pieces of 12 in the log, 1 failed.', { exact: false })).toBeVisible({
      timeout: 30_000,
    })
    const table = page.getByRole('table').first()
    await expect(table.getByRole('row').first()).toContainText('quoted')
    const rows = await table.getByRole('row').allInnerTexts()
    const pounds = (row: string): number[] =>
      [...row.matchAll(/£([\d.,]+)/g)].map(([, n]) => Math.round(Number(n!.replace(',', '')) * 100))
    const [parts, cost] = [rows.slice(1, -2).map(pounds), pounds(rows.at(-2)!)]
    for (const column of [0, 1]) expect(parts.reduce((sum, row) => sum + row[column]!, 0)).toBe(cost[column])
  })

import type { Piece } from '@thimble/contract'
import type { Page } from '@playwright/test'
import { ENDURE, expect, test } from './server'
import { sewToEnd } from './sewToEnd'
import { ticket, toStage } from './ticket'
import { begin, toLog, type Walk, walkThrough } from './walk'

const ring = (x: number, r: number, colour: string, width: number): string =>
  `<circle cx="${x}" cy="30" r="${r}" fill="none" stroke="${colour}" stroke-width="${width}"/>`
const patch = (x: number, r: number): string =>
  ring(x, r, '#b3322e', 0.4) + ring(x, r, '#b3322e', 0.4) + ring(x, r, '#27406b', 3)
/** Three patches, each drawn from its line to its cover; the last is small. */
const SAILS = `<svg xmlns="http://www.w3.org/2000/svg" width="160mm" height="60mm" viewBox="0 0 160 60">${patch(30, 22)}${patch(85, 20)}${patch(125, 4)}</svg>`

async function addSails(page: Page, base: string): Promise<void> {
  await page.goto(`${base}/designs/add`)
  await page.locator('input[type=file]').setInputFiles({
    name: 'Three sails.svg',
    mimeType: 'image/svg+xml',
    buffer: Buffer.from(SAILS),
  })
  await page.getByRole('link', { name: /Three sails/ }).click()
  await expect(page.getByText('Patch 3: cover')).toBeVisible()
}

const hoodedTop: Walk = {
  what: 'a hooded top with three patches',
  item: 'Hooded top',
  placement: /^Centre front/,
  design: /^Three sails/,
  size: ['160', '60'],
  holding: 'floated',
  hoop: 'Large 160',
}

for (const fewest of [true, false])
  test(
    `three patches are laid and trimmed by what the machine’s screen asks, ${fewest ? 'in the fewest changes' : 'as drawn'}`,
    fewest ? {} : { tag: ENDURE },
    async ({ page, demo: shop }) => {
      test.setTimeout(240_000)
      await addSails(page, shop.url)
      if (fewest) {
        await page.getByRole('button', { name: 'Use this order' }).click()
        await expect(page.getByRole('button', { name: /^Use the drawn order/ })).toBeVisible()
      }
      const asked: string[] = []
      const sewing = async (): Promise<void> => {
        await page.getByRole('radio', { name: 'Practice machine' }).click()
        await page.getByRole('radio', { name: '60 times', exact: true }).click()
        await page.getByRole('button', { name: 'Start' }).click()
        asked.push(...(await sewToEnd(page)))
      }
      await begin(page, shop, hoodedTop)
      await toLog(page, { ...hoodedTop, sewing }, false)
      const cloth = asked
        .map((text) => text.replace(/, #.* is on$/, ''))
        .filter((text) => / (laid|trimmed)$/.test(text))
      expect(cloth).toEqual(
        fewest
          ? ['Patch 1, Patch 2 and Patch 3 laid', 'Patch 1, Patch 2 and Patch 3 trimmed']
          : [1, 2, 3].flatMap((n) => [`Patch ${n} laid`, `Patch ${n} trimmed`]),
      )
    },
  )

test('the two cuffs of a shirt are a pair, mirrored with their buttonholes', { tag: ENDURE }, async ({
  page,
  demo: shop,
}) => {
  test.setTimeout(240_000)
  const cuff: Walk = {
    what: 'a cuff',
    item: 'Blouse or shirt',
    placement: /^Cuff/,
    design: /./,
    size: ['30', '12'],
    holding: 'floated',
    hoop: 'Square 100',
  }
  const hand = ticket(page)
  await begin(page, shop, cuff)
  await expect(page.getByText(/Open the wearer’s left cuff/)).toBeVisible()
  const left = page.url()
  await page.getByLabel(/Cuff, end to end/).fill('236')
  await hand.saved()
  await hand.press('Make a pair: the other side')
  await expect(page.getByText(/Open the wearer’s right cuff/)).toBeVisible()
  const urls = [left, page.url()]
  // What was measured on one holds for both.
  await expect(page.getByLabel(/Cuff, end to end/)).toHaveValue('236')
  await toLog(page, cuff, true)
  await page.goto(left)
  await toLog(page, cuff, true)
  const stored = async (url: string) => {
    const { measure, finish } = await shop.send<Piece>('GET', `/pieces/${url.split('/').pop()}`)
    const hole = measure.kept[0]!.item.zones.find(({ id }) => id === 'buttonhole')!
    return [measure.choices.side ?? 'left', Math.sign(hole.outline[0]!), finish.kept.length]
  }
  const both = () => Promise.all(urls.map(stored))
  await expect.poll(both, { timeout: 20_000 }).toEqual([
    ['left', 1, 1],
    ['right', -1, 1],
  ])
})

test('a blanket has an initial in each corner, each upright the right way', { tag: ENDURE }, async ({
  page,
  demo: shop,
}) => {
  test.setTimeout(300_000)
  const hand = ticket(page)
  const corner: Walk = {
    what: 'a corner',
    item: 'Blanket or throw',
    placement: /One corner, square/,
    design: /^Rope/,
    size: ['50', '50'],
    holding: 'floated',
    hoop: 'Square 100',
  }
  await begin(page, shop, corner)
  await hand.pick('Upright')
  await hand.saved()
  const first = page.url()
  await hand.press('Add the other three corners')
  await expect(page).not.toHaveURL(first)
  const others = page.getByRole('link', { name: /One corner, square/ })
  await expect(others).toHaveCount(3)
  const urls = [first, page.url()]
  for (const link of await others.all()) urls.push(shop.url + (await link.getAttribute('href'))!)
  for (const url of new Set(urls)) {
    await page.goto(url)
    await expect(page.getByText(/Arrow beyond the upper dot, toward the upper edge/)).toBeVisible()
    await toLog(page, corner, false)
  }
  expect(new Set(urls).size).toBe(4)
})

test('a tea towel has its design at both ends', { tag: ENDURE }, async ({ page, demo: shop }) => {
  test.setTimeout(240_000)
  await walkThrough(
    page,
    shop,
    {
      what: 'a tea towel',
      item: 'Tea towel',
      placement: /Both ends/,
      design: /^Shell sprig/,
      size: ['48', '56'],
      holding: 'floated',
      hoop: 'Square 100',
    },
    false,
  )
})

test('a pillow opened again with a smaller width is stopped as a fresh one is', async ({ page, demo: shop }) => {
  const hand = ticket(page)
  await begin(page, shop, { item: 'Ready-made pillow', placement: /^Centred/ })
  await page.getByLabel(/^1 /).fill('450')
  await page
    .getByRole('radio', { name: /^Concertina/ })
    .first()
    .click()
  await hand.saved()
  await hand.press('I’ve marked it')
  await expect(page.getByRole('button', { name: 'Use these layers' })).toBeVisible()
  await toStage(page, /Measure/)
  await hand.press(/^Reopen/)
  await page.getByLabel(/^1 /).fill('110')
  await expect(page.getByRole('button', { name: 'Take it as it is now' })).toHaveCount(0)
  await expect(page.getByRole('button', { name: 'I’ve marked it' })).toBeDisabled()
  await toStage(page, /Layers/)
  await expect(page.getByText(/The design is \d+ mm wide and the item only 110 mm/)).toBeVisible()
  await page.goto(shop.url)
  await expect(page.getByText(/the item only 110 mm/)).toBeVisible()
})

import { expect, type Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { ENDURE, test } from './server'
import { ticket, toStage } from './ticket'

test.use({ viewport: { width: 390, height: 844 } })

async function openBuild(page: Page, base: string, id: string): Promise<ReturnType<typeof ticket>> {
  await page.goto(`${base}/piece/${id}`)
  await toStage(page, /Layers/)
  return ticket(page)
}
type Shop = { send: <T>(method: string, path: string, body?: unknown) => Promise<T> }
/** A piece of the demo, made of another cloth. */
async function madeOf(shop: Shop, id: string, cloth: object, use: object = {}): Promise<void> {
  await shop.send('PATCH', `/pieces/${id}`, { build: { cloth: { told: true, ...cloth }, use } })
}
const title = (page: Page, name: string | RegExp) => expect(page.getByRole('heading', { name }).first()).toBeVisible()
const layer = (page: Page, name: RegExp) => page.getByRole('button', { name }).first()
const chosen = (shop: Shop, id: string) => shop.send<any>('GET', `/pieces/${id}`).then((p) => p.build.stack)

test('seven cloths of the workshop come to the stacks a practitioner would lay', { tag: ENDURE }, async ({
  page,
  demo: shop,
}) => {
  await madeOf(shop, 'piece-polo-4', { family: 'polar-fleece', colour: '#27406b' })
  for (const [id, heading, needle, layers] of [
    [
      'piece-romper',
      'Float it on sticky tear-away',
      '70/10 ballpoint, coated',
      ['Fusible cut-away mesh', 'Soft fusible cover'],
    ],
    ['piece-drape', 'Float it on sticky tear-away', '75/11 embroidery, coated', ['Velvet', /film/]],
    ['piece-robe', 'Float it on sticky tear-away', '75/11 embroidery, coated', ['Fusible cut-away mesh', /film/]],
    ['piece-toolroll', /(Hoop|Clamp) it with medium cut-away/, '75/11 sharp', ['Canvas']],
    ['piece-gown', /part-soluble/, /(65\/9|70\/10) sharp/, ['Lawn']],
    ['piece-polo-4', 'Hoop it with cut-away mesh', '75/11 ballpoint, coated', ['Polar fleece', /film/]],
  ] as const) {
    await openBuild(page, shop.url, id)
    await title(page, heading)
    await expect(page.getByText(needle).first()).toBeVisible()
    for (const name of layers) await expect(page.getByText(name).first()).toBeVisible()
  }
})

test('a cloth nobody named is told by four tests, and its stack follows', async ({ page, demo: shop }) => {
  const hand = await openBuild(page, shop.url, 'piece-pennant')
  await hand.press('I don’t know the cloth')
  await page.getByLabel(/^How far does/).fill('8')
  for (const answer of ['Loops', 'Nothing', 'Stays as it was']) await hand.pick(answer)
  await expect(page.getByText('Most like terry: 87 % sure')).toBeVisible()
  await expect(page.getByText(/Irons burn. Use a scrap/)).toBeVisible()
  await hand.press('Use terry')
  await title(page, 'Float it on sticky tear-away')
  await hand.saved()
  await page.reload()
  await toStage(page, /Layers/)
  await title(page, 'Float it on sticky tear-away')
})

test('a stack built by hand is judged as it grows, and follows into the lists', async ({ page, demo: shop }) => {
  await madeOf(shop, 'piece-polo-4', { family: 'jersey', colour: '#fdfbf5' })
  const hand = await openBuild(page, shop.url, 'piece-polo-4')
  const pick = (from: string, kind: string) =>
    page.getByRole('radiogroup', { name: from }).getByRole('radio', { name: kind, exact: true }).click()
  await hand.press('Start from bare cloth')
  await hand.press('Change them')
  await expect(page.getByText(/No backing under this much stitching/)).toBeVisible()
  await hand.press(/Add a layer/)
  await pick('What to add', 'Medium tear-away')
  await expect(page.getByText(/nothing holds the stitches in the wash/)).toBeVisible()
  await layer(page, /^Medium tear-away/).click()
  await expect(page.getByText(/^In the stash: Tear-away, medium, 7.8 m free/)).toBeVisible()
  await hand.press(/Change it/)
  await pick('Use instead', 'Medium cut-away')
  await expect(page.getByText(/Worse: Firm cut-away shows through/)).toBeVisible()
  await pick('Use instead', 'Cut-away mesh')
  await expect(page.getByText(/^Firm cut-away shows through/)).toHaveCount(0)
  await expect(page.getByText(/Good: .*Mesh leaves no patch on pale cloth/)).toBeVisible()
  await expect.poll(async () => (await chosen(shop, 'piece-polo-4'))?.recipe ?? null).toBeNull()
  await hand.press('Use these layers')
  await toStage(page, /Stitch/)
  await expect(page.getByRole('checkbox', { name: /^Not stretched/ })).toBeVisible()
  await expect(page.getByRole('checkbox', { name: /film/ })).toHaveCount(0)
})

test('a habit changed in the settings changes the recipe and its reasons, told on a piece of the shop', {
  tag: ENDURE,
}, async ({ page, demo: shop }) => {
  await page.goto(`${shop.url}/settings/preferences`)
  const knits = page.getByRole('radiogroup', { name: 'Knits' })
  await knits.getByRole('radio', { name: 'Float on hooped backing' }).click()
  await expect(page.getByText(/^Float on hooped backing: Floated: /)).toBeVisible()
  await openBuild(page, shop.url, 'piece-romper')
  await title(page, 'Float it on sticky tear-away')
  await expect(page.getByText(/Your preference: knits are floated/).first()).toBeVisible()
  await expect(page.getByRole('link', { name: 'Your preference' }).first()).toBeVisible()
})

test('what the stash lacks is said, and what is there and does as well is put in its place', { tag: ENDURE }, async ({
  page,
  demo: shop,
}) => {
  await shop.send('DELETE', '/supplies/supply-1')
  const hand = await openBuild(page, shop.url, 'piece-pennant')
  await expect(page.getByText(/Medium tear-away: none in the stash/)).toBeVisible()
  await page.getByRole('button', { name: /^Use .* instead$/ }).click()
  await expect(page.getByText(/none in the stash/)).toHaveCount(0)
  await expect(page.getByText(/your own choice/)).toBeVisible()
  await hand.press('Use these layers')
  await expect.poll(async () => (await shop.send<any>('GET', '/pieces/piece-pennant')).build.kept.length).toBe(1)
})

test('a swatch is kept in the stash, picked for a piece, and carried by it', { tag: ENDURE }, async ({
  page,
  demo: shop,
}) => {
  await page.goto(`${shop.url}/stash`)
  const hand = ticket(page)
  await hand.press('Add a swatch')
  await hand.type('Name', 'Market denim')
  await hand.press(/Most like/)
  await hand.pick('Denim')
  await hand.type('Weight', 'heavy')
  await hand.press('Save')
  await expect(page.getByText(/“heavy”|a number/i).first()).toBeVisible()
  await hand.type('Weight', '450')
  await hand.press('Save')
  await expect(page.getByRole('link', { name: /Market denim/ })).toBeVisible()
  await openBuild(page, shop.url, 'piece-pennant')
  await hand.pick('Market denim')
  // From 400 g/m2 denim carries stitches by itself.
  await title(page, /(Hoop|Clamp) it with medium cut-away/)
  await expect
    .poll(async () => (await shop.send<any>('GET', '/pieces/piece-pennant')).build.cloth.swatch?.gsm)
    .toBe(450)
})

test('a spool is weighed, and what is left follows', { tag: ENDURE }, async ({ page, demo: shop }) => {
  const [spool] = await shop.send<any[]>('GET', '/threads')
  await page.goto(`${shop.url}/stash/thread/${spool.id}`)
  const hand = ticket(page)
  await hand.press('Weigh the spool')
  await hand.type('Now', '17')
  await hand.type('Empty spool', '18')
  await expect(page.getByText('The spool can’t weigh less than when empty.')).toBeVisible()
  // 13 g of 40 weight, which is 26 g a thousand metres.
  await hand.type('Now', '31')
  await hand.press('Use 500 m')
  const left = async () => (await shop.send<any>('GET', `/threads/${spool.id}`)).leftM
  await expect.poll(left).toBe(500)
  await expect(page.getByText('500 m', { exact: true })).toBeVisible()
  // The way back leads to what was there before, to the metre.
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect.poll(left).toBe(spool.leftM)
})

test('what the bench wants and the stash lacks is a list, and a file', { tag: ENDURE }, async ({
  page,
  demo: shop,
}) => {
  await shop.send('DELETE', '/supplies/supply-3')
  await page.goto(`${shop.url}/stash`)
  await page.getByRole('link', { name: /^Shopping list/ }).click()
  const sticky = page.getByRole('listitem').filter({ hasText: 'Sticky tear-away' })
  await expect(sticky).toContainText(/ short$/)
  const saved = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as CSV' }).click()
  const lines = readFileSync((await (await saved).path())!, 'utf8').split('\n')
  expect(lines[0]).toBe('what,unit,wanted,left,missing,pieces')
  expect(lines.find((line) => line.startsWith('Sticky tear-away,'))).toMatch(/,m,[\d.]+,0,\d/)
})

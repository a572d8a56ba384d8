import type { Page } from '@playwright/test'
import { appendFileSync, cpSync, mkdtempSync, rmSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { ENDURE, expect, ShopServer, test } from './server'
import { ticket, toStage } from './ticket'

/** Counts what a hand does. */
function counting(page: Page) {
  const done = { taps: 0, numbers: 0 }
  return {
    done,
    tap: async (role: 'button' | 'radio' | 'link', name: RegExp) => {
      done.taps++
      await page.getByRole(role, { name }).first().click()
    },
    number: async (text: string) => {
      done.numbers++
      await page.keyboard.type(text)
      await page.keyboard.press('Enter')
    },
  }
}

test('a first polo takes five taps and four numbers to all its marks, and the same again three taps', async ({
  demo: shop,
  page,
}) => {
  await page.goto(shop.url)
  const hand = counting(page)
  await hand.tap('button', /^New piece/)
  await hand.tap('radio', /^Polo/)
  await hand.tap('radio', /left chest/)
  await hand.tap('button', /^Start measuring/)
  // Enter goes from one number to the next.
  await page.getByLabel(/^1 /).focus()
  for (const text of ['540', '260', '180', '76']) await hand.number(text)
  await hand.tap('radio', /^Tern over waves/)
  await expect(page.getByRole('checkbox', { name: /mm below the shoulder point/ })).toBeVisible()
  await expect(page.getByRole('button', { name: 'I’ve marked it' })).toBeEnabled()
  expect(hand.done).toEqual({ taps: 5, numbers: 4 })

  const again = counting(page)
  await again.tap('link', /^Log$/)
  await again.tap('link', /^Tearoom apron(?!, summer)/)
  await again.tap('button', /^Same again$/)
  await expect(page).toHaveURL(/\/piece\//)
  await expect(page.getByText(/^From last time:/)).toBeVisible()
  expect(again.done.taps).toBe(3)
})

test('an empty shop says where to begin, and its shelf is set up by ten taps', async ({ shop, page }) => {
  await page.goto(shop.url)
  await expect(page.getByText(/^Enter your measurements/)).toBeVisible()
  const hand = counting(page)
  await hand.tap('link', /^2 +Your shelf/)
  await hand.tap('radio', /^Flat bed/)
  const group = (name: string) => page.getByRole('group', { name })
  for (const size of ['Square 100', 'Long 130 × 180', 'Large 160 × 260']) await group('Hoops').getByText(size).click()
  for (const shelf of ['Backings', 'Toppings', 'Needles', 'Thread colours'])
    await group(shelf).getByRole('button', { name: 'All', exact: true }).click()
  await hand.tap('button', /^Add 44 things/)
  await expect(page).toHaveURL(/\/stash$/)
  await expect.poll(async () => (await shop.send('GET', '/threads')).length).toBe(24)
  await expect(page.getByText(/134 mm|144 mm × 144 mm outside, screw, typical/).first()).toBeVisible()
  // Its own numbers typed, it is typical no more.
  await page.getByRole('link', { name: /^Square 100/ }).click()
  await ticket(page).type('Hoop width outside', '134')
  await ticket(page).press('Save')
  await expect
    .poll(async () => (await shop.send<{ note: string }[]>('GET', '/hoops')).map(({ note }) => note).sort()[0])
    .toBe('')
})

test('with no hoop in the stash a piece goes on, and comes back to itself when one is put in', { tag: ENDURE }, async ({
  shop,
  page,
}) => {
  await page.goto(`${shop.url}/new`)
  const hand = ticket(page)
  await hand.pick('Tote')
  await page.getByRole('radiogroup', { name: 'Placement' }).getByRole('radio').first().click()
  await hand.press(/^Start measuring/)
  await hand.type('Design width', '80')
  await hand.type('Design height', '60')
  await hand.press('I’ve marked it')
  await hand.press(/Use typical sizes/)
  await hand.press(/^(Use these layers|Go on without)/)
  await expect(page.getByText(/none in the stash/)).toHaveCount(0)
  await expect(page.getByRole('button', { name: 'Go on without a hoop' })).toBeEnabled()
  await hand.press('Add a hoop')
  for (const [label, text] of [
    ['Name', 'Square 100'],
    ['Field width', '100'],
    ['Field height', '100'],
    ['Hoop width outside', '140'],
    ['Hoop height outside', '150'],
  ] as const)
    await hand.type(label, text)
  await hand.press('Save')
  await expect(page).toHaveURL(/\/piece\//)
  await hand.press('Use Square 100')
  await toStage(page, /^Hoop, done/)
  await expect(page.getByRole('heading', { name: /^Square 100, / })).toBeVisible()
})

test('with no hoop in the stash it can also be stitched without one', { tag: ENDURE }, async ({ demo: shop, page }) => {
  for (const { id } of await shop.send<{ id: string }[]>('GET', '/hoops')) await shop.send('DELETE', `/hoops/${id}`)
  await page.goto(`${shop.url}/piece/piece-polo-4`)
  await toStage(page, /Hoop/)
  await ticket(page).press('Go on without a hoop')
  await toStage(page, /^Hoop, done/)
  await expect(page.getByRole('heading', { name: /^Hoop not noted/ })).toBeVisible()
})

test('what is taken off or removed comes back: at once by undo, and later from a list', async ({
  demo: shop,
  page,
}) => {
  const hand = ticket(page)
  await page.goto(`${shop.url}/piece/piece-polo-4`)
  await hand.pick('Zip')
  await hand.type('Starts below', '120')
  await page.getByRole('button', { name: 'Remove', exact: true }).click()
  await expect(page.getByLabel('Starts below')).toHaveCount(0)
  await hand.press('Undo')
  await expect(page.getByLabel('Starts below')).toHaveValue('120')

  await page.goto(`${shop.url}/stash`)
  await page.getByRole('link', { name: /^Square 100/ }).click()
  await hand.press(/^Remove this hoop/)
  await expect(page.getByRole('link', { name: /^Square 100/ })).toHaveCount(0)
  await expect.poll(async () => (await shop.send('GET', '/removed')).length).toBe(1)
  await page.goto(`${shop.url}/settings`)
  await page.getByRole('link', { name: /Removed things/ }).click()
  await hand.press('Bring back Square 100')
  await expect(page.getByText('Nothing was removed.')).toBeVisible()
  await page.goto(`${shop.url}/stash`)
  await expect(page.getByRole('link', { name: /^Square 100/ })).toBeVisible()
})

test('tapping a label goes to its field, and the item can be another one after all', { tag: ENDURE }, async ({
  demo: shop,
  page,
}) => {
  const hand = ticket(page)
  await page.goto(`${shop.url}/piece/piece-polo-4`)
  await page.getByText('1 Seam to seam at the underarm').click()
  await expect(page.getByLabel(/^1 /)).toBeFocused()
  await hand.press(/^Item Polo/)
  await hand.pick('Knit tee')
  await expect(page.getByRole('button', { name: /^Item Knit tee/ })).toBeVisible()
  await expect(page.getByText('Now a knit tee.')).toBeVisible()
  await hand.press('Undo')
  await expect(page.getByRole('button', { name: /^Item Polo/ })).toBeVisible()
})

test('a draft of another make is set aside, and a part that is gone opens the page again, once', {
  tag: ENDURE,
}, async ({ demo: shop, page }) => {
  await page.addInitScript(() => localStorage.setItem('zt.draft.wording', '{"text":{"was":5},"face":[]}'))
  await page.goto(`${shop.url}/designs/wording`)
  await expect(page.getByLabel('The words')).toHaveValue('')

  let refused = 0
  await page.route(/\/_expo\/static\/js\/web\/log|\/_expo\/static\/js\/web\/index-/, (route) =>
    refused++ === 0 ? route.abort() : route.continue(),
  )
  await page.getByRole('link', { name: 'Log' }).click()
  await expect(page.getByRole('heading', { name: 'Log', level: 1 })).toBeVisible()
  expect(refused).toBeGreaterThan(1)
})

test('on paper the ticket is whole and without its bars, and the program can be put among others', async ({
  demo: shop,
  page,
}) => {
  await page.goto(`${shop.url}/piece/piece-polo-4`)
  await page.getByRole('button', { name: /^Prepare and mark/ }).waitFor()
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('navigation', { name: 'Places' })).toBeHidden()
  await expect(page.getByRole('button', { name: 'I’ve marked it' })).toBeHidden()
  expect(await page.evaluate(() => document.documentElement.scrollHeight)).toBeGreaterThan(1500)

  const href = await page.locator('link[rel=manifest]').getAttribute('href')
  const { icons } = await (await page.request.get(shop.url + href)).json()
  for (const { src } of icons)
    expect((await page.request.get(shop.url + src)).headers()['content-type']).toBe('image/png')
  expect(await (await page.request.get(`${shop.url}/notices.txt`)).text()).toMatch(/^react \d+\.\d+\.\d+, MIT$/m)
  // The printing parts, of 1.5 MB, are fetched by who prints.
  expect(await (await page.request.get(`${shop.url}/sw.js`)).text()).not.toMatch(/"url":"[^"]*templatePdf/)
})

test('wording that is scaled knows how high its letters are then', { tag: ENDURE }, async ({ shop, page }) => {
  const hand = ticket(page)
  await page.goto(`${shop.url}/designs/wording`)
  await hand.type('The words', 'Tide')
  await hand.type('Capital height', '12')
  await hand.press('Save')
  const letter = async () => (await shop.send('GET', '/designs'))[0]?.smallestLetterMm ?? 0
  await expect.poll(letter).toBeGreaterThan(7)
  const before = await letter()
  const width = (await shop.send('GET', '/designs'))[0].width
  await hand.type(/^Or new width/, `${width / 2} mm`)
  await hand.press(/^Make it 50 %/)
  await expect.poll(letter).toBeCloseTo(before / 2, 1)
})

test.describe('a newer version', () => {
  test.use({ serviceWorkers: 'allow' })
  test('is told of and taken when the worker says so', async ({ page }) => {
    const site = mkdtempSync(path.join(os.tmpdir(), 'thimble-site-'))
    cpSync('app/dist', site, { recursive: true })
    const shop = await ShopServer.fresh(site)
    await shop.start()
    await page.goto(shop.url)
    await page.evaluate(() => navigator.serviceWorker.ready)
    await page.reload()
    await expect(page.getByText('A newer version is ready.')).toHaveCount(0)
    for (const ending of ['', '.br', '.gz']) {
      if (ending) rmSync(path.join(site, `sw.js${ending}`), { force: true })
      else appendFileSync(path.join(site, 'sw.js'), '\n// newer')
    }
    await page.evaluate(async () => (await navigator.serviceWorker.getRegistration())!.update())
    await expect(page.getByText('A newer version is ready.')).toBeVisible()
    const again = page.waitForEvent('load')
    await page.getByRole('button', { name: 'Update now' }).click()
    await again
    await expect(page.getByText('A newer version is ready.')).toHaveCount(0)
    await shop.stop('SIGKILL')
    shop.clear()
    rmSync(site, { recursive: true })
  })
})

test('Layers begin with the answer once the cloth was told, and Measure asks it before the marking tool', {
  tag: ENDURE,
}, async ({ demo: shop, page }) => {
  const hand = ticket(page)
  await page.goto(`${shop.url}/piece/piece-polo-4`)
  await page.getByRole('button', { name: /^Cloth:/ }).waitFor()
  const order = await page.getByRole('heading').allTextContents()
  const at = (name: string) => order.findIndex((text) => text.startsWith(name))
  expect(at('Cloth')).toBeGreaterThan(0)
  expect(at('Cloth')).toBeLessThan(at('Prepare and mark'))
  await hand.pick('Black')
  await hand.saved()
  await expect(page.getByText(/White chalk shows on dark cloth/)).toBeVisible()
  await toStage(page, /Layers/)
  // There it is told in one line, below the layers.
  await expect(page.getByRole('button', { name: 'Cloth and use: Pique, black, next to the skin' })).toBeVisible()
  const below = await page.getByRole('heading').allTextContents()
  expect(below.findIndex((text) => /^(Hoop|Float) it/.test(text))).toBeLessThan(
    below.findIndex((text) => text.startsWith('Cloth and use')),
  )
})

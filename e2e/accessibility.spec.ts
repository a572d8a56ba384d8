import type { Page } from '@playwright/test'
import { screens } from './screens'
import { LEVEL, layChecker, violationsOf } from './axe'
import { expect, test } from './server'
import { settled } from './settled'
import { toStage } from './ticket'

/** What is pressed and is less than 44 px wide or high. */
const tooSmall = (): string[] =>
  Array.from(
    document.querySelectorAll<HTMLElement>(
      'a[href], button, input, textarea, [role=button], [role=radio], [role=checkbox], [role=slider], [role=tab]',
    ),
  )
    .filter((el) => el.checkVisibility())
    .map((el) => ({ el, box: (el.closest('label') ?? el).getBoundingClientRect() }))
    .filter(({ box: { width, height } }) => width > 0 && (width < 43.5 || height < 43.5))
    .map(({ el, box }) => `small: ${el.outerHTML.slice(0, 120)} ${Math.round(box.width)} x ${Math.round(box.height)}`)

/** What is wider than the page it is on, but for drawings, which are cut where they end. */
const tooWide = (): string[] =>
  Array.from(document.querySelectorAll<HTMLElement>('main *'))
    .filter((el) => !el.closest('svg, canvas') && el.getBoundingClientRect().right > innerWidth + 1)
    .map((el) => `wide: ${el.outerHTML.slice(0, 160)}`)

/** What can be pushed to and fro on a phone. */
const pushedSideways = (): string[] =>
  Array.from(document.querySelectorAll<HTMLElement>('div'))
    .filter((el) => getComputedStyle(el).overflowY === 'auto' && el.scrollWidth > el.clientWidth + 1)
    .map((el) => `sideways: ${el.outerHTML.slice(0, 160)}`)

/** What the theme may change, and what the width may. */
const [OF_THEME, OF_WIDTH] = [
  ['color-contrast', 'link-in-text-block'],
  ['scrollable-region-focusable', 'aria-hidden-focus', 'tabindex', 'nested-interactive', 'landmark-unique'],
]

const [PHONE, WIDE] = [
  { width: 390, height: 844 },
  { width: 1280, height: 800 },
]
/** All of them in the dim and wide too with `npm run endure`; here every third, whose parts are those of the others. */
const [ALL_LOOKS, LOOKED_AT_THRICE] = [Boolean(process.env.THIMBLE_ENDURE), 3]
/** In so many tests, which go side by side. */
const SHARES = 4

/** What is wrong with the screen a page shows: all of it on a phone by day, then what the dim changes, then what the width does. */
async function faultsOf(page: Page, everyLook: boolean): Promise<string[]> {
  await layChecker(page)
  const byDay = [
    ...(await violationsOf(page, LEVEL)),
    ...(await page.evaluate(tooSmall)),
    ...(await page.evaluate(pushedSideways)),
  ]
  if (!everyLook) return byDay
  await page.emulateMedia({ colorScheme: 'dark' })
  await settled(page)
  const inTheDim = (await violationsOf(page, OF_THEME)).map((fault) => `dark: ${fault}`)
  await page.emulateMedia({ colorScheme: 'light' })
  await page.setViewportSize(WIDE)
  await settled(page)
  const wide = [
    ...(await violationsOf(page, OF_WIDTH)),
    ...(await page.evaluate(tooSmall)),
    ...(await page.evaluate(tooWide)),
  ].map((fault) => `wide: ${fault}`)
  await page.setViewportSize(PHONE)
  return [...byDay, ...inTheDim, ...wide]
}

for (let share = 0; share < SHARES; share++)
  test(`every screen is there for every hand and eye, ${share + 1} of ${SHARES}`, async ({ demo: shop, page }) => {
    test.setTimeout(300_000)
    await page.emulateMedia({ colorScheme: 'light' })
    const found: Record<string, string[]> = {}
    for (const [at, [path, before]] of screens.entries()) {
      if (at % SHARES !== share) continue
      await page.goto(shop.url + path)
      await expect(page).toHaveTitle(/^.+ · Zealous Thimble$/)
      await settled(page)
      await before?.(page)
      // A line half under the bar at the thumb is small only until it is scrolled.
      await page.addStyleTag({ content: '[data-bar] { position: static !important }' })
      const faults = await faultsOf(page, ALL_LOOKS || at % LOOKED_AT_THRICE === 0)
      if (faults.length > 0) found[path] = faults
    }
    expect(found).toEqual({})
  })

test('enlarged four times, nothing is wider than the page and no bar stands in the way', async ({
  demo: shop,
  page,
}) => {
  await page.setViewportSize({ width: 320, height: 256 })
  for (const path of [
    '/',
    '/new',
    '/piece/piece-polo-4',
    '/piece/piece-robe',
    '/designs/design-tern',
    '/log',
    '/phones',
    '/runs/bench',
    '/runs/order/order-crew-2/line/crew',
    '/settings',
  ]) {
    await page.goto(shop.url + path)
    await expect(page).toHaveTitle(/Zealous Thimble$/)
    await settled(page)
    const { wider, stuck } = await page.evaluate(() => ({
      wider: Array.from(document.querySelectorAll<HTMLElement>('main *'))
        .filter((el) => !el.closest('svg, canvas') && el.getBoundingClientRect().right > innerWidth + 1)
        .map((el) => el.outerHTML.slice(0, 160)),
      stuck: Array.from(document.querySelectorAll<HTMLElement>('body *'))
        .filter((el) => ['sticky', 'fixed'].includes(getComputedStyle(el).position) && el.offsetHeight > 0)
        .map((el) => el.outerHTML.slice(0, 160)),
    }))
    expect([path, wider, stuck]).toEqual([path, [], []])
  }
})

test('back is where one was: what was searched for, how far it was scrolled, which stage was open', async ({
  demo: shop,
  page,
}) => {
  await page.goto(`${shop.url}/log`)
  await page.getByRole('searchbox').fill('apron')
  await page.getByRole('link', { name: /apron/ }).first().click()
  await page.getByRole('button', { name: 'Back' }).click()
  await expect(page.getByRole('searchbox')).toHaveValue('apron')

  await page.goto(`${shop.url}/piece/piece-polo-3`)
  await toStage(page, /Layers/)
  await page.getByText('Remove this piece').scrollIntoViewIfNeeded()
  const far = () =>
    page.evaluate(() => Math.max(...Array.from(document.querySelectorAll('main *'), (el) => el.scrollTop)))
  await expect.poll(far).toBeGreaterThan(100)
  const left = await far()
  await page.getByRole('link', { name: 'Stash' }).click()
  await expect(page.getByRole('heading', { name: 'Stash' })).toBeVisible()
  await page.goBack()
  await expect(page.getByRole('button', { name: /^Why:/ })).toBeVisible()
  await expect.poll(far).toBe(left)
})

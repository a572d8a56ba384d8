import { AxeBuilder } from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { expect, test } from './server'
import { settled } from './settled'
import { toStage } from './ticket'

/** Every screen there is, and what to do there before it is looked at. */
const screens: [path: string, before?: (page: Page) => Promise<unknown>][] = [
  ['/'],
  ['/new'],
  ['/new', (page) => page.getByRole('radio', { name: 'Polo' }).click()],
  ['/piece/piece-polo-4'],
  ['/piece/piece-polo-4', (page) => page.getByRole('button', { name: /^Which design/ }).click()],
  ['/piece/piece-robe'],
  [
    '/piece/piece-robe',
    (page) =>
      page
        .getByRole('button', { name: /tear-away/i })
        .first()
        .click(),
  ],
  ['/piece/piece-polo-3'],
  ['/piece/piece-apron-2'],
  ['/piece/piece-apron-2', (page) => toStage(page, /Hoop/)],
  ['/piece/piece-apron-2/straight', (page) => page.getByRole('button', { name: 'Type the numbers' }).click()],
  ['/piece/piece-apron-2/run'],
  ['/piece/piece-toolroll'],
  ['/piece/piece-polo-1', (page) => toStage(page, /Build/)],
  ['/piece/piece-polo-1', (page) => toStage(page, /Finish/)],
  ['/piece/piece-nothing'],
  ['/designs'],
  ['/designs/add'],
  ['/designs/wording'],
  ['/designs/group'],
  ['/designs/new'],
  ['/designs/design-tern'],
  ['/designs/design-lighthouse'],
  ['/items/new'],
  ['/stash'],
  ['/stash/hoop/new'],
  ['/stash/machine/machine-boatyard'],
  ['/stash/supply/supply-6', (page) => page.getByRole('button', { name: /What moved/ }).click()],
  ['/stash/supply/new'],
  ['/stash/needle/needle-fine-65'],
  ['/stash/bobbin/new'],
  ['/stash/adhesive/new'],
  ['/stash/swatch/new'],
  ['/stash/to-buy'],
  ['/stash/thread/thread-shell', (page) => page.getByRole('button', { name: /Weigh the spool/ }).click()],
  ['/runs'],
  ['/runs/bench', (page) => page.getByRole('heading', { name: 'In this order' }).waitFor()],
  ['/runs/order/order-crew-2', (page) => page.getByText('12 pieces to make.').waitFor()],
  ['/runs/order/order-crew-2/line/crew'],
  ['/runs/order/order-crew-2/line/crew/names', (page) => page.getByLabel('The list').fill('XXXXL;Tolly\nM;Nell')],
  ['/runs/order/order-crew-2/money'],
  ['/runs/order/order-crew-2/record'],
  ['/log', (page) => page.getByRole('button', { name: 'Narrow and sort' }).click()],
  ['/log/works', (page) => page.getByRole('button', { name: 'In numbers' }).first().click()],
  ['/log/beside?a=past-1&b=past-8'],
  ['/log/piece-polo-1'],
  ['/settings'],
  [
    '/phones',
    async (page) => {
      await page.getByRole('radio', { name: 'Yes' }).click()
      await page.getByRole('button', { name: 'Let a phone in' }).click()
      await page.getByRole('timer').waitFor()
    },
  ],
  ['/removed'],
  ['/not-kept'],
  ['/nowhere'],
]

type Violations = Awaited<ReturnType<AxeBuilder['analyze']>>['violations']
const told = (violations: Violations): string[] =>
  violations.map(({ id, help, nodes }) => `${id}: ${help} ${nodes.map((n) => n.html.slice(0, 300)).join(' | ')}`)

/** What is pressed and is less than 44 px wide or high. */
const tooSmall = (): string[] =>
  Array.from(
    document.querySelectorAll<HTMLElement>(
      'a[href], button, input, textarea, [role=button], [role=radio], [role=checkbox], [role=slider]',
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

const level = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice']
/** What the theme may change, and what the width may. */
const [OF_THEME, OF_WIDTH] = [
  ['color-contrast', 'link-in-text-block'],
  ['scrollable-region-focusable', 'aria-hidden-focus', 'tabindex', 'nested-interactive', 'landmark-unique'],
]

type Look = {
  name: string
  theme: 'light' | 'dark'
  viewport: { width: number; height: number }
  look: (page: Page, axe: AxeBuilder) => Promise<string[]>
  /** In so many tests, which go side by side. */
  shares: number
}
const [phone, wide] = [
  { width: 390, height: 844 },
  { width: 1280, height: 800 },
]
const violationsOf = async (axe: AxeBuilder): Promise<string[]> => told((await axe.analyze()).violations)

const looks: Look[] = [
  {
    ...{ name: 'all of it, phone and light', theme: 'light', viewport: phone, shares: 4 },
    look: async (page, axe) => [...(await violationsOf(axe.withTags(level))), ...(await page.evaluate(tooSmall))],
  },
  {
    ...{ name: 'its contrast, phone and dark', theme: 'dark', viewport: phone, shares: 2 },
    look: (_, axe) => violationsOf(axe.withRules(OF_THEME)),
  },
  {
    ...{ name: 'its sizes and what takes the cursor, wide and light', theme: 'light', viewport: wide, shares: 2 },
    look: async (page, axe) => [
      ...(await violationsOf(axe.withRules(OF_WIDTH))),
      ...(await page.evaluate(tooSmall)),
      ...(await page.evaluate(tooWide)),
    ],
  },
]

for (const { name, theme, viewport, look, shares } of looks)
  for (let share = 0; share < shares; share++)
    test(`every screen is there for every hand and eye: ${name}, ${share + 1} of ${shares}`, async ({
      demo: shop,
      page,
    }) => {
      test.setTimeout(300_000)
      await shop.send('PATCH', '/shop', { theme })
      await page.setViewportSize(viewport)
      const found: Record<string, string[]> = {}
      for (const [path, before] of screens.filter((_, i) => i % shares === share)) {
        await page.goto(shop.url + path)
        await expect(page).toHaveTitle(/^.+ · Zealous Thimble$/)
        await settled(page)
        await before?.(page)
        // A line half under the bar at the thumb is small only until it is scrolled.
        await page.addStyleTag({ content: '[data-bar] { position: static !important }' })
        const all = await look(page, new AxeBuilder({ page }))
        if (all.length > 0) found[path] = all
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
  await toStage(page, /Build/)
  await page.getByText('Remove this piece').scrollIntoViewIfNeeded()
  const far = () =>
    page.evaluate(() => Math.max(...Array.from(document.querySelectorAll('main *'), (el) => el.scrollTop)))
  await expect.poll(far).toBeGreaterThan(100)
  const left = await far()
  await page.getByRole('link', { name: 'Stash' }).click()
  await expect(page.getByRole('heading', { name: 'Stash' })).toBeVisible()
  await page.goBack()
  await expect(page.getByRole('heading', { name: 'Why' })).toBeVisible()
  await expect.poll(far).toBe(left)
})

import AxeBuilder from '@axe-core/playwright'
import type { Page } from '@playwright/test'
import { expect, ShopServer, test } from './server'

/** Every screen there is, and what to do there before it is looked at. */
const screens: [path: string, before?: (page: Page) => Promise<void>][] = [
  ['/'],
  ['/new'],
  ['/new', (page) => page.getByRole('radio', { name: 'Polo' }).click()],
  ['/piece/piece-polo-4'],
  ['/piece/piece-robe'],
  ['/piece/piece-polo-3'],
  ['/piece/piece-apron-2'],
  ['/piece/piece-toolroll'],
  ['/piece/piece-nothing'],
  ['/designs'],
  ['/designs/add'],
  ['/designs/wording'],
  ['/designs/group'],
  ['/designs/design-tern'],
  ['/designs/design-lighthouse'],
  ['/items/new'],
  ['/stash'],
  ['/stash/hoop/new'],
  ['/stash/supply/new'],
  ['/stash/thread/new'],
  ['/runs'],
  ['/log'],
  ['/log/piece-polo-1'],
  ['/settings'],
  ['/not-kept'],
  ['/nowhere'],
]

const told = (violations: Awaited<ReturnType<AxeBuilder['analyze']>>['violations']): string[] =>
  violations.map(
    ({ id, help, nodes }) =>
      `${id}: ${help}\n   ${nodes
        .slice(0, 3)
        .map((n) => n.html.slice(0, 300))
        .join('\n   ')}`,
  )

/** What is pressed and is less than 44 px wide or high, but for links within running text. */
const tooSmall = (): string[] =>
  [
    ...document.querySelectorAll<HTMLElement>(
      'a[href], button, input, textarea, [role=button], [role=radio], [role=checkbox], [role=link], [role=slider]',
    ),
  ]
    .filter((el) => el.checkVisibility() && getComputedStyle(el).position !== 'fixed')
    .map((el) => el.closest('label') ?? el)
    .filter((el) => {
      const { width, height } = el.getBoundingClientRect()
      return width > 0 && (width < 43.5 || height < 43.5)
    })
    .map(
      (el) =>
        `${el.getAttribute('aria-label') ?? el.textContent} ${Math.round(el.getBoundingClientRect().width)} x ${Math.round(el.getBoundingClientRect().height)}`,
    )

for (const [sight, viewport] of [
  ['phone', { width: 390, height: 844 }],
  ['wide', { width: 1280, height: 800 }],
] as const)
  for (const theme of ['light', 'dark'] as const)
    test(`every screen is there for every hand and eye, ${sight} and ${theme}`, async ({ shop, page }) => {
      test.setTimeout(240_000)
      await shop.importDemo()
      await shop.send('PATCH', '/shop', { theme })
      await page.setViewportSize(viewport)
      const found: string[] = []
      const titles = new Set<string>()
      for (const [path, before] of screens) {
        await page.goto(shop.url + path)
        await page.getByRole('heading').or(page.getByRole('status')).first().waitFor()
        await page.waitForTimeout(300)
        await before?.(page)
        const { violations } = await new AxeBuilder({ page })
          .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
          .analyze()
        for (const v of told(violations)) found.push(`${path}\n ${v}`)
        for (const small of await page.evaluate(tooSmall)) found.push(`${path}\n small: ${small}`)
        titles.add(await page.title())
      }
      console.log(found.join('\n'), [...titles])
      expect(found).toEqual([])
    })

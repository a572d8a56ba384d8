import type { Page } from '@playwright/test'
import { screens } from './screens'
import { expect, test } from './server'
import { settled } from './settled'

/** What people name and note: it stays as they wrote it, in whatever language the program speaks. */
const OWN = /^(name|customer|note|nextTime|deliveryNote|words|run|size)$/

/** The words of all that people wrote in a shop file. */
function ownWords(file: string): Set<string> {
  const found: string[] = []
  JSON.parse(file, (key, value) => {
    if (OWN.test(key) && typeof value === 'string') found.push(...(value.match(/\p{L}+/gu) ?? []))
    return value
  })
  return new Set(found)
}

/** The program’s own name, sizes, units, and what the platform writes in dates. */
const NOT_WORDS =
  /^(Zealous|Thimble|[A-Z]{3}|XL|mm|cm|km|min|h|[ap]m|Mon|Tue|Wed|Thu|Fri|Sat|Sun|(Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day)$/
const MONTHS = /^(January|February|March|April|May|June|July|August|September|October|November|December)$/
const isMonth = (word: string): boolean =>
  MONTHS.test(word) || /^(Jan|Feb|Mar|Apr|Jun|Jul|Aug|Sept?|Oct|Nov|Dec)$/.test(word)

/** All that is read on the page or said by its parts. */
const readOn = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const found = [document.title]
    const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
    for (let node = texts.nextNode(); node; node = texts.nextNode()) {
      const { parentElement: holder, data } = node as Text
      if (holder?.checkVisibility() && !holder.closest('script, style')) found.push(data)
    }
    for (const one of document.querySelectorAll('*'))
      for (const name of ['aria-label', 'placeholder', 'title', 'alt']) found.push(one.getAttribute(name) ?? '')
    return [...new Set(found)]
  })

/** What is cut at its end where it stands. */
const cutOn = (page: Page): Promise<string[]> =>
  page.evaluate(() =>
    Array.from(document.querySelectorAll<HTMLElement>('main *'))
      .filter((one) => {
        const { overflowX, textOverflow } = getComputedStyle(one)
        const cuts = overflowX === 'hidden' || overflowX === 'clip' || textOverflow === 'ellipsis'
        return (
          cuts &&
          one.checkVisibility() &&
          one.textContent &&
          !one.closest('svg') &&
          !one.querySelector('svg') &&
          one.scrollWidth > one.clientWidth + 1
        )
      })
      .map((one) => `cut: ${one.textContent?.slice(0, 80)}`),
  )

const SHARES = 3
/** What the log counts by is named at the shop computer, in its own language. */
const NAMED_THERE = '/log/works'
const paths = [...new Set(screens.map(([at]) => at))].filter((path) => path !== NAMED_THERE)
test.use({ folds: 'open' })

for (let share = 0; share < SHARES; share++)
  test(`in a language of its own every screen is all said by one room, ${share + 1} of ${SHARES}`, async ({
    demo: shop,
    page,
  }) => {
    test.setTimeout(300_000)
    const own = ownWords(await (await fetch(`${shop.url}/api/v1/export`)).text())
    await page.addInitScript(() => localStorage.setItem('zt.locale', 'en-XA'))
    const found: Record<string, string[]> = {}
    for (const path of paths.filter((_, at) => at % SHARES === share)) {
      await page.goto(shop.url + path)
      await expect(page).toHaveTitle(/^.+ · Zealous Thimble$/)
      await settled(page)
      const unsaid = (await readOn(page)).filter((text) =>
        (text.replace(/#[0-9a-f]{6}/g, '').match(/\p{L}+/gu) ?? []).some(
          (word) => /^[A-Za-z]{2,}$/.test(word) && !own.has(word) && !NOT_WORDS.test(word) && !isMonth(word),
        ),
      )
      const faults = [...unsaid, ...(await cutOn(page))]
      if (faults.length > 0) found[path] = faults
    }
    expect(found).toEqual({})
  })

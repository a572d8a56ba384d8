import type { Browser, BrowserContext, Page } from '@playwright/test'
import { ENDURE, expect, test, openFolds } from './server'
import { drawn } from './settled'
import { newPolo, ticket } from './ticket'

/** Another device: a browser of its own, which shares nothing with the first. */
async function another(browser: Browser, url: string): Promise<{ page: Page; context: BrowserContext }> {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' })
  await context.addInitScript(openFolds)
  const page = await context.newPage()
  await page.goto(url)
  await expect(page.getByLabel(/^1 /)).toBeVisible()
  return { page, context }
}

test('two devices on one piece both keep what each added, though one was offline meanwhile', async ({
  page,
  browser,
  shop,
}) => {
  const here = await newPolo(page, shop.url)
  await here.saved()
  const { page: away, context } = await another(browser, page.url())
  const there = ticket(away)
  await context.setOffline(true)
  await there.pick('Pocket')
  await expect(away.getByText(/Can’t reach the shop computer/)).toContainText('kept here')
  await here.pick('Stripe')
  await here.saved()
  await context.setOffline(false)
  await there.saved()
  const both = ['Pocket', 'Stripe']
  const zones = async () =>
    Object.values((await shop.send('GET', `/pieces/${page.url().split('/').pop()}`)).measure.zones as object)
  expect((await zones()).map(({ name }) => name).sort()).toEqual(both)
  for (const screen of [page, away]) {
    const shown = screen.getByLabel('What it is', { exact: true })
    const names = () => shown.evaluateAll((all) => all.map((one) => (one as HTMLInputElement).value).sort())
    await expect.poll(names).toEqual(both)
  }
  await context.close()
})

test('a change shows on the other device by itself, and not under the hand', async ({ page, browser, shop }) => {
  const here = await newPolo(page, shop.url)
  await here.saved()
  const { page: other, context } = await another(browser, page.url())
  await here.type(/^1 /, '540')
  await here.saved()
  await here.type(/^1 /, '541')
  await expect(other.getByLabel(/^1 /)).toHaveValue('541')
  const heard = other.waitForResponse(
    async (answer) => /changes\?since/.test(answer.url()) && /542/.test(await answer.text()),
  )
  await other.getByLabel(/^1 /).fill('5')
  await here.type(/^1 /, '542')
  await heard
  await drawn(other)
  await expect(other.getByLabel(/^1 /)).toHaveValue('5')
  await context.close()
})

test('of one field typed on both the later stands, and the other is told what it wrote over', async ({
  page,
  browser,
  shop,
}) => {
  const here = await newPolo(page, shop.url)
  await here.saved()
  const { page: away, context } = await another(browser, page.url())
  const there = ticket(away)
  await context.setOffline(true)
  await there.type('Customer', 'Kelpwick Concertina Band')
  await away.getByRole('heading', { level: 1 }).click()
  await here.type('Customer', 'Gullhouse Guest Rooms')
  await page.getByRole('heading', { level: 1 }).click()
  await here.saved()
  await context.setOffline(false)
  await there.saved()
  await expect(page.getByLabel('Customer')).toHaveValue('Kelpwick Concertina Band')
  await page.getByRole('link', { name: /not kept. look$/ }).click()
  const told = page.getByRole('group', { name: /Crew polo.*, not kept/ })
  await expect(told).toContainText('customer: Gullhouse Guest Rooms')
  await expect(told).toContainText('there it is now “Kelpwick Concertina Band”')
  await expect(away.getByRole('link', { name: /not kept. look$/ })).toHaveCount(0)
  // Changed on purpose, by someone who sees what is there, nobody is told anything.
  await here.press('Delete')
  await here.press('Delete for good')
  await page.goBack()
  await here.type('Customer', 'Gullhouse')
  await here.saved()
  await expect(away.getByLabel('Customer')).toHaveValue('Gullhouse')
  await expect(away.getByRole('link', { name: /not kept. look$/ })).toHaveCount(0)
  await context.close()
})

test('what is removed on one device goes from the other, and can be brought back there', { tag: ENDURE }, async ({
  page,
  browser,
  shop,
}) => {
  const here = await newPolo(page, shop.url)
  await here.saved()
  const { page: other, context } = await another(browser, page.url())
  await here.press('Remove this piece')
  await expect(other.getByText('This piece was removed.')).toBeVisible()
  await other.getByRole('button', { name: 'Bring it back' }).click()
  await expect(other.getByLabel(/^1 /)).toBeVisible()
  await expect(page.getByRole('link', { name: /Crew polo/ })).toBeVisible()
  await context.close()
})

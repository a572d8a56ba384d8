import { expect, test } from './server'
import { drawn } from './settled'
import { newPolo, ticket } from './ticket'

test('two tabs on one piece see each other’s changes at once, and neither drops what the other added', async ({
  page,
  context,
  shop,
}) => {
  const here = await newPolo(page, shop.url)
  await here.saved()
  const other = await context.newPage()
  await other.goto(page.url())
  const there = ticket(other)
  await expect(other.getByLabel(/^1 /)).toBeVisible()
  await here.type(/^1 /, '541')
  await expect(other.getByLabel(/^1 /)).toHaveValue('541')
  // What is being typed there is not overwritten under the hand.
  await other.getByLabel(/Shoulder point to underarm/).fill('2')
  await here.type(/Shoulder point to underarm/, '230')
  await expect(other.getByLabel(/Shoulder point to underarm/)).toHaveValue('2')
  await there.type(/Shoulder point to underarm/, '212')

  await here.pick('Pocket')
  await there.pick('Stripe')
  await Promise.all([here.saved(), there.saved()])
  const { measures, zones } = (await shop.send('GET', `/pieces/${page.url().split('/').pop()}`)).measure
  expect([measures.chestWidth.text, measures.shoulderToUnderarm.text]).toEqual(['541', '212'])
  expect(
    Object.values(zones as Record<string, { kind: string }>)
      .map((z) => z.kind)
      .sort(),
  ).toEqual(['pocket', 'stripe'])
})

test('an answer that comes late never puts old text back over newer', async ({ page, shop }) => {
  const hand = await newPolo(page, shop.url)
  await hand.type(/^1 /, '540')
  await hand.saved()
  let release = (): void => undefined
  const held = new Promise<void>((resolve) => (release = resolve))
  let taken = (): void => undefined
  const answered = new Promise<void>((resolve) => (taken = resolve))
  await page.route(/\/api\/v1\/changes/, async (route) => {
    const answer = await route.fetch()
    taken()
    await held
    await route.fulfill({ response: answer })
  })
  await page.reload()
  await answered
  await hand.type(/^1 /, '545')
  await expect.poll(async () => (await shop.send('GET', '/pieces'))[0].measure.measures.chestWidth.text).toBe('545')
  const late = page.waitForResponse(/\/api\/v1\/changes/)
  release()
  await late
  await hand.saved()
  await page.getByRole('heading', { level: 1 }).click()
  await drawn(page)
  await expect(page.getByLabel(/^1 /)).toHaveValue('545')
  // What is still asked for meets no server any more.
  await page.unrouteAll({ behavior: 'ignoreErrors' })
})

import { ENDURE, expect, test } from './server'
import { ticket, toStage } from './ticket'

test('a habit changed says in numbers what would come out otherwise, and the worker keeps it or takes it', {
  tag: ENDURE,
}, async ({ page, demo: shop }) => {
  const hand = ticket(page)
  const changed = page.getByRole('region', { name: 'Changed since it was decided' })
  await page.goto(`${shop.url}/settings/preferences`)
  await hand.pick('Level with the underarm')
  await expect.poll(async () => (await shop.send('GET', '/shop')).habits.chestRule).toBe('underarm-level')

  // Its mark was put at 183, and its underarm was measured at 210.
  await page.goto(`${shop.url}/piece/piece-polo-3`)
  await toStage(page, /^Measure, done, changed/)
  await expect(changed).toContainText('183 mm is now 179 mm: Cross 179 mm below the shoulder point')
  await expect(page.getByText('Cross 183 mm below the shoulder point')).toBeVisible()
  await hand.press('Keep it as it was')
  await expect(changed).toHaveCount(0)
  await page.reload()
  await toStage(page, /^Measure/)
  await expect(page.getByText('Cross 183 mm below the shoulder point')).toBeVisible()
  await hand.press(/^Reopen/)
  await expect(changed).toContainText('183 mm is now 179 mm')
  await hand.press('Take it as it is now')
  await expect(page.getByText('Cross 179 mm below the shoulder point').first()).toBeVisible()

  // What is in the log asks nothing and stays.
  await page.goto(`${shop.url}/piece/piece-polo-2`)
  await toStage(page, /^Measure/)
  await expect(page.getByText('Cross 169 mm below the shoulder point')).toBeVisible()
  await expect(changed).toHaveCount(0)
})

test('another holding keeps the layers that were decided, gripped and cut for it, and is the same at Hoop, list and log', async ({
  page,
  demo: shop,
}) => {
  const hand = ticket(page)
  const stored = () => shop.send('GET', '/pieces/piece-polo-3')
  const kinds = async () => (await stored()).build.kept[0].stack.layers.map(({ kind }: { kind: string }) => kind)
  const before = await kinds()
  await page.goto(`${shop.url}/piece/piece-polo-3`)
  await hand.pick(/^Square 100/)
  await page
    .getByRole('radiogroup', { name: 'How the cloth is held' })
    .getByRole('radio', { name: /^Floated/ })
    .click()
  await expect(page.getByRole('button', { name: /^Floated, step by step/ })).toBeVisible()
  await hand.saved()
  expect(await kinds()).toEqual(before)
  await hand.press(/^Use (?!these|instead)/)
  await expect.poll(async () => (await stored()).hoop.kept[0]?.holding).toBe('floated')
  await expect(page.getByRole('button', { name: 'To the machine' })).toBeVisible()
})

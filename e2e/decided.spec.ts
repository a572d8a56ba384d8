import { ENDURE, expect, test } from './server'
import { ticket } from './ticket'

test('a habit changed says in numbers what would come out otherwise, and the worker keeps it or takes it', {
  tag: ENDURE,
}, async ({ page, demo: shop }) => {
  const hand = ticket(page)
  const changed = page.getByRole('region', { name: 'Changed since it was decided' })
  await page.goto(`${shop.url}/settings`)
  await hand.pick('Level with the underarm')
  await expect.poll(async () => (await shop.send('GET', '/shop')).habits.chestRule).toBe('underarm-level')

  // Its mark was put at 190, and its underarm was measured at 210.
  await page.goto(`${shop.url}/piece/piece-polo-3`)
  await hand.press(/^Done: Measure.* changed$/)
  await expect(changed).toContainText('190 mm is now 210 mm: Cross 210 mm below the shoulder point')
  await expect(page.getByText('Cross 190 mm below the shoulder point')).toBeVisible()
  await hand.press('Keep it as it was')
  await expect(changed).toHaveCount(0)
  await page.reload()
  // Whether it comes back open or folded is not what is asked here.
  const line = page.getByRole('button', { name: /^Done: Measure/ })
  await expect(line).toBeVisible()
  if ((await line.getAttribute('aria-expanded')) === 'true') await line.click()
  await expect(page.getByRole('button', { name: /^Done: Measure/ })).toContainText('190 mm')

  await hand.press(/^Done: Measure/)
  await hand.press('Open again')
  await expect(changed).toContainText('190 mm is now 210 mm')
  await hand.press('Take it as it is now')
  await hand.press(/^Done: Measure/)
  await expect(page.getByRole('button', { name: /^Done: Measure/ })).toContainText('210 mm')

  // What is in the log asks nothing and stays.
  await page.goto(`${shop.url}/piece/piece-polo-2`)
  await hand.press(/^Done: Measure/)
  await expect(page.getByText('Cross 164 mm below the shoulder point')).toBeVisible()
  await expect(changed).toHaveCount(0)
})

test('another holding leaves the decided stack alone, says what does not suit, and changes it on a tap', async ({
  page,
  demo: shop,
}) => {
  const hand = ticket(page)
  const holdingKept = async () => (await shop.send('GET', '/pieces/piece-polo-3')).build.kept[0].stack.holding
  await page.goto(`${shop.url}/piece/piece-polo-3`)
  await hand.pick(/^Square 100/)
  await hand.press('Other ways to hold it')
  await hand.pick('Floated')
  await expect(page.getByText(/The stack was chosen for the piece hooped; floated/)).toBeVisible()
  await hand.saved()
  expect(await holdingKept()).toBe('hooped')
  await hand.press(/^Change the stack: Float it on/)
  await expect(page.getByText(/The stack was chosen for/)).toHaveCount(0)
  await hand.saved()
  expect(await holdingKept()).toBe('floated')
})

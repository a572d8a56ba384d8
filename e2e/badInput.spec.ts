import { ENDURE, expect, test } from './server'
import { newPolo, toStage } from './ticket'

test('a nonsense length gets a sentence beside it, stays typed through a reload, and stops nothing else', async ({
  page,
  shop,
}) => {
  const hand = await newPolo(page, shop.url)
  await hand.type(/Shoulder point to underarm/, '210')
  await hand.type(/^1 /, 'about a foot')
  await expect(page.getByRole('alert')).toHaveText(/“about a foot” is not a length/)
  await expect(page.getByRole('button', { name: 'I’ve marked it' })).toBeDisabled()
  await hand.saved()
  await page.reload()
  await expect(page.getByLabel(/^1 /)).toHaveValue('about a foot')
  await expect(page.getByLabel(/Shoulder point to underarm/)).toHaveValue('210')
  await hand.type(/^1 /, '1 ft 9 1/4 in')
  await expect(page.getByRole('alert')).toHaveCount(0)
})

test('numbers that contradict each other are said beside the one to measure again', { tag: ENDURE }, async ({
  page,
  shop,
}) => {
  const hand = await newPolo(page, shop.url)
  await hand.type(/^1 /, '540')
  await hand.type(/Neck, shoulder point/, '520')
  await expect(page.getByRole('alert')).toHaveText(/nearly as wide as the chest/)
})

test('a design too large for every hoop is refused with the way out', { tag: ENDURE }, async ({ page, demo: shop }) => {
  const hand = await newPolo(page, shop.url)
  await hand.type('Design width', '290')
  await hand.type('Design height', '280')
  await toStage(page, /Hoop/)
  await expect(page.getByRole('heading', { name: 'No hoop fits' })).toBeVisible()
  await expect(
    page.getByText(/At 290 mm × 280 mm the design is at least \d+ mm too large for every hoop/),
  ).toBeVisible()
  await expect(page.getByRole('button', { name: 'Use this hoop' })).toBeDisabled()
})

test('a hoop that cannot be is not kept, and its form keeps what was typed', async ({ page, shop }) => {
  await page.goto(`${shop.url}/stash/hoop/new`)
  await page.getByLabel('Name').fill('Square 120')
  await page.getByLabel('Field width').fill('12o')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText(/“12o” is not a length/)).toBeVisible()
  await expect(page.getByText('Type the measured size.').first()).toBeVisible()
  await expect(page.getByLabel('Field width')).toHaveValue('12o')
  expect(await shop.send('GET', '/hoops')).toEqual([])
})

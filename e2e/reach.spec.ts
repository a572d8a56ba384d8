import type { Piece } from '@thimble/contract'
import { ENDURE, expect, test } from './server'
import { ticket } from './ticket'

test('a wide screen keeps the drawing at the left while the keys walk the stages', { tag: ENDURE }, async ({
  page,
  demo: shop,
}) => {
  await page.setViewportSize({ width: 1280, height: 800 })
  await page.goto(`${shop.url}/piece/piece-polo-3`)
  const drawing = page.getByRole('img', { name: /Drawing to scale/ })
  await expect(drawing).toBeVisible()
  for (const [key, sees] of [
    ['1', /^Marks/],
    ['2', /^Why: /],
    ['3', /^Your hoops/],
    ['4', /^Before you start/],
    ['5', /^Off the machine/],
  ] as const) {
    await page.keyboard.press(key)
    await expect(page.getByRole('heading', { name: sees }).first()).toBeVisible()
    const box = await drawing.boundingBox()
    expect(box!.x + box!.width).toBeLessThan(700)
    expect(box!.height).toBeGreaterThan(600)
  }
  await page.keyboard.press('4')
  await page.keyboard.press('m')
  await expect(page.getByRole('button', { name: /^Stitch, done/ })).toBeVisible()
  await page.goto(shop.url)
  await page
    .getByRole('link', { name: /Crew polo/ })
    .first()
    .waitFor()
  await page.keyboard.press('n')
  await expect(page.getByRole('button', { name: 'Choose what it is' })).toBeDisabled()
  // The search of the place takes the cursor; nothing else happens.
  await page.keyboard.press('/')
  await expect(page.getByLabel('Find an item')).toBeFocused()
  expect(new URL(page.url()).pathname).toBe('/new')
})

test('a new piece starts by keys alone: found by its everyday name, nothing taken before it is chosen', {
  tag: ENDURE,
}, async ({ page, shop }) => {
  await page.goto(`${shop.url}/new`)
  await page.getByLabel('Find an item').focus()
  await page.keyboard.type('hoodies')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('radio', { name: 'Hooded top' })).toBeChecked()
  await expect(page.getByRole('button', { name: 'Choose where it goes' })).toBeDisabled()
  const places = page.getByRole('radiogroup', { name: 'Placement' }).getByRole('radio')
  await places.first().focus()
  await page.keyboard.press(' ')
  await page.keyboard.press('ArrowDown')
  await expect(places.nth(1)).toBeChecked()
  await expect(places.nth(1)).toBeFocused()
  await page.getByRole('button', { name: 'Start measuring: hooded top' }).press('Enter')
  // The key presses the stage's own button, and nothing while that cannot be pressed.
  await page.getByLabel(/^1 /).waitFor()
  for (let i = 0; i < 5; i++) await page.keyboard.press('m')
  await expect(page.getByRole('button', { name: 'I’ve marked it' })).toBeDisabled()
  await page.getByLabel('Design width').fill('80')
  await page.getByLabel('Design height').fill('60')
  await page.getByLabel('Design height').blur()
  await expect(page.getByRole('button', { name: 'I’ve marked it' })).toBeEnabled()
  await page.keyboard.press('m')
  await expect(page.getByRole('button', { name: 'Use typical sizes' })).toBeVisible()
  await page.getByLabel(/^1 /).fill('580')
  await page.keyboard.press('Enter')
  await expect(page.getByLabel(/Shoulder point to underarm/)).toBeFocused()
  await expect(page.getByRole('button', { name: 'I’ve marked it' })).toBeEnabled()
})

test('another way is taken with one tap', { tag: ENDURE }, async ({ page, demo: shop }) => {
  await page.goto(`${shop.url}/piece/piece-robe`)
  const chosen = async () => (await shop.send<Piece>('GET', '/pieces/piece-robe')).build.stack?.recipe
  await ticket(page).unfold(/^Other ways/)
  const other = page.getByRole('button', { name: 'Use these', exact: true })
  await other.last().click()
  await expect.poll(chosen).toBeTruthy()
  const first = await chosen()
  await ticket(page).unfold(/^Other ways/)
  await other.first().click()
  await expect.poll(chosen).not.toBe(first)
})

test('a design is added by name and size, and sized pieces find it', { tag: ENDURE }, async ({ page, shop }) => {
  await page.goto(`${shop.url}/designs`)
  await page.getByRole('button', { name: 'Add a design' }).click()
  await page.getByRole('button', { name: 'Enter its size and stitches' }).click()
  for (const [label, text] of [
    ['Name', 'Shell sprig'],
    ['Width', '46'],
    ['Height', '1 1/2 in'],
    ['Stitches', 'about 400'],
  ] as const)
    await page.getByLabel(label, { exact: true }).fill(text)
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('“about 400” is not a stitch count.')).toBeVisible()
  await page.getByLabel('Stitches').fill('1 390')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('46 mm × 38 mm')).toBeVisible()
  // 1390 stitches on 0.7 of 46 x 38.1 mm are 113 a square centimetre.
  await expect(page.getByText('dense, about 113 a cm²')).toBeVisible()
})

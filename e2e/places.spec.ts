import { ENDURE, expect, test } from './server'
import { toStage } from './ticket'

test('the five places are one tap away on a phone and on a rail when it is wide', async ({ page, demo: shop }) => {
  await page.goto(shop.url)
  for (const [place, sees] of [
    ['Designs', 'Tern over waves'],
    ['Stash', 'Square 100'],
    ['Orders', 'Saltmarsh Ferry Co-op'],
    ['Log', 'Tearoom apron, lighthouse badge'],
    ['Bench', 'Felt pennant, concertina'],
  ] as const) {
    await page.getByRole('navigation').getByRole('link', { name: place }).click()
    await expect(page.getByText(sees).first()).toBeVisible()
  }
  await page.setViewportSize({ width: 1280, height: 800 })
  const rail = await page.getByRole('navigation').boundingBox()
  expect(rail!.width).toBeLessThan(140)
  expect(rail!.height).toBeGreaterThan(700)
})

test('settings change how every length is written, and habits what is advised', async ({ page, demo: shop }) => {
  await page.goto(`${shop.url}/settings/shop`)
  await page.getByRole('radio', { name: 'Inches' }).click()
  await page.goto(`${shop.url}/settings/preferences`)
  await page.getByRole('radio', { name: 'Float on hooped backing' }).click()
  await page.goto(`${shop.url}/piece/piece-polo-4`)
  await expect(page.getByText(/to the wearer’s left \(your right\)/)).toContainText('"')
  await toStage(page, /Layers/)
  await expect(page.getByRole('heading', { level: 2, name: /Float it on sticky tear-away/ })).toBeVisible()
})

test('the stash takes a hoop, shows it, and gives it back after a removal', async ({ page, shop }) => {
  await page.goto(`${shop.url}/stash`)
  await page.getByRole('button', { name: 'Add a hoop' }).click()
  for (const [label, text] of [
    ['Name', 'Square 100'],
    ['Field width', '100'],
    ['Field height', '3 15/16 in'],
    ['Hoop width outside', '13.4 cm'],
    ['Hoop height outside', '150'],
  ] as const)
    await page.getByLabel(label).fill(text)
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('Field 100 mm × 100 mm')).toBeVisible()
  await page.getByRole('link', { name: 'Square 100' }).click()
  await page.getByRole('button', { name: 'Remove this hoop' }).click()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('link', { name: 'Square 100' })).toBeVisible()
  await expect.poll(async () => (await shop.send('GET', '/hoops')).length).toBe(1)
})

test('what is typed on a form is there again after a reload, and what is low is said', async ({ page, shop }) => {
  await page.goto(`${shop.url}/stash/supply/new`)
  await page.getByLabel('Name').fill('Mesh, grey')
  await page.getByLabel('Width of the roll').fill('50 cm')
  await page.getByLabel('Length left').fill('0.8')
  await page.reload()
  await expect(page.getByLabel('Name')).toHaveValue('Mesh, grey')
  await page.getByLabel('Warn below').fill('1.5 m')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('0.8 m')).toBeVisible()
  await expect(page.getByText('low', { exact: true })).toBeVisible()
  const [kept] = await shop.send('GET', '/supplies')
  expect([kept.widthMm, kept.leftMm, kept.lowMm]).toEqual([500, 800, 1500])
})

test('a date that cannot be is said beside it, stays typed, and the old one stays kept', { tag: ENDURE }, async ({
  page,
  demo: shop,
}) => {
  await page.goto(`${shop.url}/piece/piece-polo-4`)
  const due = page.getByRole('textbox', { name: 'Due' })
  await due.fill('next Tuesday')
  await expect(page.getByText('Write the date like 30 Nov or 2026-11-30.')).toBeVisible()
  await page.reload()
  await expect(due).toHaveValue('next Tuesday')
  expect((await shop.send('GET', '/pieces/piece-polo-4')).due).toBe('2026-11-24')
  await due.fill('2026-12-03')
  await expect.poll(async () => (await shop.send('GET', '/pieces/piece-polo-4')).due).toBe('2026-12-03')
})

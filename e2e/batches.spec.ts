import { expect, test } from './server'

test('a run is put in order, its changes are said, and its backing is laid on the rolls', async ({
  page,
  demo: shop,
}) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(`${shop.url}/runs`)
  await page.getByRole('link', { name: 'Plan the whole Bench' }).click()
  // The whole bench is put in order in a worker.
  await expect(page.getByRole('heading', { name: 'In this order' })).toBeVisible({ timeout: 30_000 })
  await expect(page.getByText(/chang.* as entered|fewest changes/)).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Ready' })).toBeVisible()
  await expect(page.getByText(/^(Today|\w+day|\d+ \w+) \d+:\d\d$/)).toBeVisible()
  await expect(page.getByText(/Set up: .*needle .*thread /)).toBeVisible()
  const polos = page.getByRole('link', { name: /Crew polo, tern badge, [34] of 12/ })
  await expect(polos).toHaveCount(2)
  await expect(
    page.getByRole('img', { name: /The roll from its start: \d+ pieces in \d+ strips/ }).first(),
  ).toBeVisible()
  await page.getByRole('button', { name: 'The measures' }).first().click()
  await expect(page.getByText(/Strip 1, cut at \d+ mm: \d+ × \d+/).first()).toBeVisible()
  await polos.first().click()
  await expect(page).toHaveURL(/\/piece\/piece-polo-/)
})

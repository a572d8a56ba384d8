import { readdirSync, readFileSync, rmSync } from 'node:fs'
import path from 'node:path'
import { ENDURE, expect, test } from './server'
import { newPolo, ticket } from './ticket'

test('what the server would not take is counted, named with why, tried again, copied out and let go', async ({
  page,
  shop,
}) => {
  const hand = await newPolo(page, shop.url)
  await hand.type(/^1 /, '540')
  await hand.saved()
  const id = page.url().split('/').pop()!
  const before = await shop.send('GET', `/pieces/${id}`)
  // An older backup is put in the place of the shop: it knows nothing of the piece.
  await shop.stop()
  for (const name of readdirSync(shop.folder)) rmSync(path.join(shop.folder, name), { recursive: true })
  await shop.start()
  await hand.type(/^1 /, '541')
  await expect(page.getByText('not all saved')).toBeVisible()
  await page.getByRole('link', { name: /not kept. look$/ }).click()
  await expect(page.getByRole('group', { name: 'Crew polo 5, not kept' })).toContainText('chest width: 541')

  // It is there after a reload; tried again in vain it stays, and once the piece is back it is kept.
  await page.reload()
  const refused = page.getByRole('group', { name: 'Crew polo 5, not kept' })
  await expect(refused).toContainText('may have been removed')
  const arriving = page.waitForEvent('download')
  await hand.press('Copy')
  expect(readFileSync(await (await arriving).path(), 'utf8')).toContain('"text": "541"')
  await hand.press('Try again')
  await expect(refused).toContainText('chest width: 541')
  await shop.send('PUT', `/pieces/${id}`, before)
  await hand.press('Try again')
  await expect(page.getByText('Everything is saved.')).toBeVisible()
  expect((await shop.send('GET', `/pieces/${id}`)).measure.measures.chestWidth.text).toBe('541')
})

test('what was not kept is let go only when asked twice', { tag: ENDURE }, async ({ page, shop }) => {
  const hand = await newPolo(page, shop.url)
  await hand.saved()
  await shop.stop()
  for (const name of readdirSync(shop.folder)) rmSync(path.join(shop.folder, name), { recursive: true })
  await shop.start()
  await hand.type(/^1 /, '542')
  await page.getByRole('link', { name: /not kept. look$/ }).click()
  await hand.press('Delete')
  await hand.press('Delete for good')
  await expect(page.getByText('Everything is saved.')).toBeVisible()
  await expect(page.getByRole('link', { name: /not kept. look$/ })).toHaveCount(0)
})

test('text longer than a field takes stays typed, is said at the field, and is kept once it fits', async ({
  page,
  demo: shop,
}) => {
  const hand = ticket(page)
  const customer = async () => (await shop.send('GET', '/pieces/piece-robe')).customer
  const [long, short] = ['Gullhouse '.repeat(15), 'Gullhouse Guest Rooms, second floor']
  await page.goto(`${shop.url}/piece/piece-robe`)
  await hand.type('Customer', long)
  await expect(page.getByText('Keep it under 120 characters. You typed 150.')).toBeVisible()
  await page.reload()
  await expect(page.getByLabel('Customer')).toHaveValue(long)
  await expect(page.getByText('Keep it under 120 characters. You typed 150.')).toBeVisible()
  expect(await customer()).toBe('Gullhouse Guest Rooms')
  await hand.type('Customer', short)
  await hand.saved()
  expect(await customer()).toBe(short)
})

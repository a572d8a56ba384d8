import { createClient } from '@libsql/client'
import path from 'node:path'
import { ENDURE, expect, test } from './server'
import { newPolo } from './ticket'

test('a server killed in mid-edit loses nothing: it is said, kept here, and sent when it is back', async ({
  page,
  shop,
}) => {
  const hand = await newPolo(page, shop.url)
  await hand.type(/^1 /, '540')
  await hand.saved()
  // What was not fetched yet cannot be typed into.
  await expect(page.getByLabel('Design width')).toBeVisible()
  await shop.stop('SIGKILL')
  await hand.type(/Shoulder point to underarm/, '8 1/4 in')
  await hand.type('Design width', '84')
  await expect(page.getByText(/Can’t reach the shop computer/)).toContainText('kept here')
  await expect(page.getByLabel(/Shoulder point to underarm/)).toHaveValue('8 1/4 in')
  await shop.start()
  await expect(page.getByText(/Can’t reach the shop computer/)).toHaveCount(0)
  await hand.saved()
  const id = page.url().split('/').pop()!
  const { measures, ownDesign } = (await shop.send('GET', `/pieces/${id}`)).measure
  expect([measures.chestWidth.text, measures.shoulderToUnderarm.text, ownDesign.width.text]).toEqual([
    '540',
    '8 1/4 in',
    '84',
  ])
})

test('the server killed while it writes keeps every change it answered for', { tag: ENDURE }, async ({
  demo: shop,
}) => {
  const answered: number[] = []
  const writes = Array.from({ length: 200 }, (_, i) => i).map(async (i) => {
    await shop.send('PATCH', '/pieces/piece-polo-4', { stitch: { checks: { [`n${i}`]: true } } }).then(
      () => answered.push(i),
      () => undefined,
    )
  })
  await expect.poll(() => answered.length, { intervals: [5] }).toBeGreaterThan(20)
  await shop.stop('SIGKILL')
  await Promise.all(writes)
  await shop.start()
  const { checks } = (await shop.send('GET', '/pieces/piece-polo-4')).stitch
  expect(answered.length).toBeGreaterThan(0)
  expect(answered.filter((i) => !checks[`n${i}`])).toEqual([])
})

test('a file held by another program is said as that, and what was typed is kept once it is let go', {
  tag: ENDURE,
}, async ({ page, shop }) => {
  const hand = await newPolo(page, shop.url)
  await hand.saved()
  const other = createClient({ url: `file:${path.join(shop.folder, 'shop.db')}` })
  const held = await other.transaction('write')
  await hand.type(/^1 /, '542')
  await expect(page.getByText(/Another program has the shop’s file open/)).toContainText('kept here')
  await held.rollback()
  other.close()
  await hand.saved()
  await expect(page.getByText(/Another program has/)).toHaveCount(0)
  const id = page.url().split('/').pop()!
  expect((await shop.send('GET', `/pieces/${id}`)).measure.measures.chestWidth.text).toBe('542')
})

test('removing a piece can be undone', { tag: ENDURE }, async ({ page, demo: shop }) => {
  await page.goto(`${shop.url}/piece/piece-romper`)
  await page.getByRole('button', { name: 'Remove this piece' }).click()
  await expect(page.getByText('Infant romper, shell sprig removed.')).toBeVisible()
  await expect(page.getByRole('link', { name: /Infant romper/ })).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('link', { name: /Infant romper/ })).toBeVisible()
})

test.describe('with the offline shell', () => {
  test.use({ serviceWorkers: 'allow' })

  test('the app opens on a typed ticket while the server is away', async ({ page, shop }) => {
    const hand = await newPolo(page, shop.url)
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
    await hand.type(/^1 /, '540')
    await hand.saved()
    await page.reload()
    await shop.stop('SIGKILL')
    await hand.type(/^1 /, '541')
    await page.reload()
    await expect(page.getByLabel(/^1 /)).toHaveValue('541')
    await shop.start()
    await expect
      .poll(async () => (await shop.send('GET', '/pieces'))[0].measure.measures.chestWidth.text, { timeout: 15_000 })
      .toBe('541')
  })
})

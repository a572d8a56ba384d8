import type { Page } from '@playwright/test'
import { expect, type ShopServer, test, openFolds } from './server'
import { newPolo, ticket } from './ticket'

const backupOf = async (shop: ShopServer): Promise<ArrayBuffer> =>
  (await fetch(`${shop.url}/api/v1/backup`)).arrayBuffer()

async function load(shop: ShopServer, zip: ArrayBuffer, how: 'merge' | 'replace'): Promise<void> {
  const headers = { 'content-type': 'application/zip' }
  const answer = await fetch(`${shop.url}/api/v1/import?how=${how}`, { method: 'POST', body: zip, headers })
  expect(answer.status).toBe(200)
}

const untold = (page: Page) => expect(page.getByRole('link', { name: /not kept. look$/ })).toHaveCount(0)
const openNotKept = (page: Page) => page.getByRole('link', { name: /not kept. look$/ }).click()

test('a phone and a laptop through cut, removal and restore: every change is kept or told', async ({
  page,
  browser,
  shop,
}) => {
  test.setTimeout(240_000)
  const before = await backupOf(shop)
  const laptop = await newPolo(page, shop.url)
  await laptop.type(/^1 /, '540')
  await laptop.saved()
  const older = await backupOf(shop)
  const address = page.url()
  const piece = () => shop.send('GET', `/pieces/${address.split('/').pop()}`)
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' })
  await context.addInitScript(openFolds)
  const phonePage = await context.newPage()
  await phonePage.goto(address)
  const phone = ticket(phonePage)
  await expect(phonePage.getByLabel(/^1 /)).toHaveValue('540')

  // Cut off, both type; what each typed is kept.
  await context.setOffline(true)
  await phone.type(/^1 /, '541')
  await laptop.type('Customer', 'Gullhouse Guest Rooms')
  await laptop.saved()
  await context.setOffline(false)
  await phone.saved()
  await expect(page.getByLabel(/^1 /)).toHaveValue('541')
  expect((await piece()).customer).toBe('Gullhouse Guest Rooms')

  // Cut off again, the phone types into what the laptop removes: it is told, and brings it back with what it typed.
  await context.setOffline(true)
  await phone.type(/^1 /, '542')
  await phone.type('Design width', '84')
  await laptop.press('Remove this piece')
  await expect(page.getByText(/^Crew polo.* removed\.$/)).toBeVisible()
  await expect
    .poll(() =>
      piece().then(
        () => 'there',
        () => 'gone',
      ),
    )
    .toBe('gone')
  await context.setOffline(false)
  await openNotKept(phonePage)
  const told = phonePage.getByRole('group', { name: /Crew polo 5, not kept/ })
  await expect(told.first()).toContainText('This was removed.')
  await phonePage.getByRole('button', { name: 'Bring back and save' }).first().click()
  await expect(phonePage.getByText('Everything is saved.')).toBeVisible()
  const { measures, ownDesign } = (await piece()).measure
  expect([measures.chestWidth.text, ownDesign.width.text]).toEqual(['542', '84'])

  // An older backup is loaded over it: the phone is told what of its own was overwritten, and sends it again.
  await phonePage.goto(address)
  await load(shop, older, 'merge')
  await expect(phonePage.getByLabel(/^1 /)).toHaveValue('540')
  await openNotKept(phonePage)
  const over = phonePage.getByRole('group', { name: /Crew polo 5, not kept/ }).filter({ hasText: 'chest width: 542' })
  await expect(over).toContainText('A backup replaced it and says “540”.')
  await over.getByRole('button', { name: 'Try again' }).click()
  await expect.poll(async () => (await piece()).measure.measures.chestWidth.text).toBe('542')
  for (let left = phonePage.getByRole('button', { name: 'Delete' }); (await left.count()) > 0; ) {
    await left.first().click()
    await phonePage.getByRole('button', { name: 'Delete for good' }).click()
  }

  // Cut off once more, while the shop is put back to before the piece was there.
  await phonePage.goto(address)
  await untold(phonePage)
  await context.setOffline(true)
  await phone.type(/^1 /, '543')
  await load(shop, before, 'replace')
  await context.setOffline(false)
  await openNotKept(phonePage)
  await phonePage.getByRole('button', { name: 'Bring back and save' }).click()
  await expect.poll(async () => (await piece().catch(() => null))?.measure.measures.chestWidth.text).toBe('543')
  await context.close()
})

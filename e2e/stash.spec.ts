import { ENDURE, expect, test } from './server'
import { ticket } from './ticket'

const toolRoll = 'piece-toolroll'

test('a record takes of the stash what the piece was made of, and taken back it gives it back', async ({
  page,
  demo: shop,
}) => {
  const supplies = () => shop.send<any[]>('GET', '/supplies')
  const threads = () => shop.send<any[]>('GET', '/threads')
  const left = async () => [...(await supplies()).map((s) => s.leftMm), ...(await threads()).map((t) => t.leftM)]
  const before = await left()
  const hand = ticket(page)
  await page.goto(`${shop.url}/piece/${toolRoll}`)
  const taken = page.getByRole('listitem').filter({ hasText: 'Calico' })
  await expect(taken).toContainText(/left after it/)
  const metres = Number(/(\d+(\.\d)?) m$/.exec((await taken.textContent())!)![1])
  await hand.pick('Good')
  await hand.press('Save to log')
  const took = async () => (await shop.send<any>('GET', `/pieces/${toolRoll}`)).finish.kept[0]?.took ?? []
  await expect.poll(async () => (await took()).length).toBeGreaterThan(2)
  const white = (await took()).find((one: any) => one.name === 'Calico')
  expect(Math.abs(white.amount - metres)).toBeLessThan(0.06)
  const now = (await threads()).find(({ name }) => name === 'Calico')
  const [moved] = await shop.send<any[]>('GET', `/stock/threads.leftM/${now.id}`)
  expect(moved).toMatchObject({ kind: 'used', note: 'Canvas tool roll, rope initial' })
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect.poll(left).toEqual(before)
})

test('stock is bought, cut and counted on the phone, each with a way back; what went below nothing says so', async ({
  page,
  demo: shop,
}) => {
  const left = async () => (await shop.send<any>('GET', '/supplies/supply-1')).leftMm
  const first = await left()
  const hand = ticket(page)
  await page.goto(`${shop.url}/stash/supply/supply-1`)
  const note = page.getByRole('button', { name: 'Save stock' })
  await hand.type('How much', 'two')
  await expect(page.getByText(/“two”/)).toBeVisible()
  await hand.type('How much', '5')
  await note.click()
  await expect.poll(left).toBe(first + 5000)
  await hand.pick('Cut off')
  await hand.type('How much', '30 m')
  await note.click()
  await expect(page.getByText(/more used than counted/)).toBeVisible()
  await hand.pick('Stock count')
  await hand.type('Counted', '4.2')
  await note.click()
  await expect(page.getByText('4.2 m', { exact: true })).toBeVisible()
  await expect.poll(left).toBe(4200)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect.poll(left).toBe(first + 5000 - 30_000)

  // Another hand cuts some while the form is open: what the form keeps says nothing of what is left.
  await hand.type('Name', 'Tear-away, for aprons')
  const at = new Date().toISOString()
  const cut = { name: 'Tear-away', of: 'supplies.leftMm', ofId: 'supply-1', kind: 'cut', amount: -210 }
  await shop.send('PUT', '/movements/another-hand', { ...cut, createdAt: at, updatedAt: at })
  await page.getByRole('button', { name: 'Save', exact: true }).click()
  await expect.poll(async () => (await shop.send<any>('GET', '/supplies/supply-1')).name).toBe('Tear-away, for aprons')
  expect(await left()).toBe(first + 5000 - 30_000 - 210)
})

test('sheets are counted, and needles, bobbins and what is in a machine are known', async ({ page, demo: shop }) => {
  const hand = ticket(page)
  await page.goto(`${shop.url}/stash/supply/new`)
  await hand.type('Name', 'Medium, in sheets')
  await hand.pick('Sheets')
  await hand.type('Sheet width', '300')
  await hand.type('Sheet length', '250')
  await hand.type('How many', '20')
  await hand.press('Save')
  await expect(page.getByRole('link', { name: /Medium, in sheets.*20 sheets/ })).toBeVisible()

  await page.goto(`${shop.url}/stash/machine/machine-boatyard`)
  await expect(page.getByText(/Change the needle soon/)).toBeVisible()
  await hand.press('It struck something')
  await expect(page.getByText(/Change the needle now: it struck something/)).toBeVisible()
  const drawer = async () => (await shop.send<any>('GET', '/needles/needle-sharp-90')).left
  const before = await drawer()
  await hand.press('Fit a new needle')
  await hand.pick(/Sharp 90\/14/)
  await expect(page.getByText('90/14 sharp: 0 min sewn, nothing struck.')).toBeVisible()
  await expect.poll(drawer).toBe(before - 1)
  await hand.press('Put a full bobbin in')
  await hand.pick(/Black, wound here/)
  await expect(page.getByText('50 m left of 50 m.')).toBeVisible()

  // An apron's stack asks for another needle than is in now, and says so before you start.
  await page.goto(`${shop.url}/piece/piece-apron-2`)
  await expect(page.getByText(/Boatyard machine has a 90\/14 sharp. Fit a /)).toBeVisible()
  await page.goto(`${shop.url}/stash/supply/supply-6`)
  await expect(page.getByText(/of it are spoken for by 1 built piece/)).toBeVisible()
})

test('what spools weighed twice tell of the forecast is counted with when the worker says so', { tag: ENDURE }, async ({
  page,
  demo: shop,
}) => {
  await page.goto(`${shop.url}/stash`)
  // 389 m were gone of 360 worked out, by three spools.
  await expect(page.getByText(/^1\.08 × the forecast, by 3 weighings: between 1\.03 and 1\.13/)).toBeVisible()
  const metres = async () => {
    await page.goto(`${shop.url}/piece/piece-polo-4`)
    await page
      .getByRole('navigation', { name: 'Stages' })
      .getByRole('button', { name: /Layers/ })
      .click()
    const line = page.getByRole('listitem').filter({ hasText: 'Chalk white' })
    return Number(/(\d+(\.\d)?) m$/.exec((await line.textContent())!)![1])
  }
  const before = await metres()
  await page.goto(`${shop.url}/stash`)
  await page.getByRole('button', { name: 'Use 1.08' }).click()
  await expect(page.getByText('Thread is worked out as 1.08 × the forecast.')).toBeVisible()
  expect(Math.abs((await metres()) - before * 1.08)).toBeLessThan(0.15)
  await page.goto(`${shop.url}/stash`)
  await page.getByRole('button', { name: 'Use the forecast alone' }).click()
  await expect.poll(async () => (await shop.send<any>('GET', '/shop')).threadFactor).toBe(1)
})

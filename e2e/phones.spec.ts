import { type Browser, chromium, type Page } from '@playwright/test'
import { X509Certificate, createHash } from 'node:crypto'
import { readFileSync } from 'node:fs'
import path from 'node:path'
import { OtherNetwork } from './otherNetwork'
import { LEVEL, layChecker, violationsOf } from './axe'
import { ENDURE, expect, openFolds, type ShopServer, test } from './server'
import { newPolo, ticket } from './ticket'

/** Service workers as they come: a browser that does not trust the certificate keeps none. */
const PHONE = {
  viewport: { width: 390, height: 844 },
  hasTouch: true,
  isMobile: true,
  serviceWorkers: 'allow',
} as const
const DESK = { width: 1280, height: 800 }

/** On the laptop: the door opened, and a code asked for. */
async function invite(desk: Page, shop: ShopServer): Promise<string> {
  await desk.goto(`${shop.url}/phones`)
  await desk.getByRole('radio', { name: 'Yes' }).click()
  await desk.getByRole('button', { name: 'Connect a phone' }).click()
  await expect(desk.getByText(/Expires in [12]:\d\d/)).toBeVisible()
  return (await shop.send('GET', '/phones')).invited.code
}

/** The page before the program, by its contrast, its names and the size of what is tapped. */
async function readable(phone: Page): Promise<void> {
  await layChecker(phone)
  expect(await violationsOf(phone, LEVEL)).toEqual([])
  for (const one of await phone.locator('button, a, summary, input').all())
    if (await one.isVisible()) expect((await one.boundingBox())!.height).toBeGreaterThanOrEqual(44)
}

/** On the phone the code and a name, on the laptop a yes. */
async function comeIn(phone: Page, desk: Page, at: string, code: string, name: string): Promise<void> {
  await phone.goto(`${at}/pair/#${code}`)
  await expect(phone.getByLabel('The six letters')).toHaveValue(code)
  await phone.getByLabel('What to call this phone').fill(name)
  await phone.getByRole('button', { name: 'Ask to connect' }).click()
  await expect(phone.getByRole('heading', { name: 'Now tap Yes on the shop computer' })).toBeVisible()
  await expect(desk.getByRole('heading', { name: `“${name}” wants to connect` })).toBeVisible()
  await desk.getByRole('button', { name: 'Yes, connect it' }).click()
}

test('a phone is let in by code and yes, works with the same shop, and is turned out at once', async ({
  page: desk,
  demo: shop,
  browser,
}) => {
  await desk.setViewportSize(DESK)
  const code = await invite(desk, shop)
  const at = `https://127.0.0.1:${shop.phonesPort}`
  const context = await browser.newContext({ ...PHONE, ignoreHTTPSErrors: true })
  await context.addInitScript(openFolds)
  const phone = await context.newPage()

  await phone.goto(`${at}/stash`)
  await expect(phone).toHaveURL(`${at}/pair/`)
  expect(await phone.locator('body').innerText()).not.toMatch(/Marram|Saltmarsh|polo/i)
  await readable(phone)
  await phone.getByLabel('The six letters').fill(code === 'ABCDEF' ? 'ABCDEG' : 'ABCDEF')
  await phone.getByRole('button', { name: 'Ask to connect' }).click()
  await expect(phone.getByText('That’s not the code. Check the shop computer.')).toBeVisible()
  await comeIn(phone, desk, at, code, 'Bench phone')
  await expect(phone.getByRole('heading', { name: 'This phone is connected' })).toBeVisible()
  await readable(phone)
  await phone.getByRole('link', { name: 'Go to the Bench' }).click()
  await phone.getByRole('link', { name: /Crew polo.*4 of 12/ }).click()
  await phone.getByLabel('Customer').fill('Gullhouse Guest Rooms')
  await ticket(phone).saved()
  await expect.poll(async () => (await shop.send('GET', '/pieces/piece-polo-4')).customer).toBe('Gullhouse Guest Rooms')

  await expect(desk.getByText('Bench phone')).toBeVisible()
  await desk.getByRole('button', { name: 'Remove Bench phone' }).click()
  await desk.getByRole('button', { name: 'Remove phone' }).click()
  await expect(phone.getByText(/The shop computer removed this phone/)).toBeVisible({ timeout: 2000 })
  await phone.getByRole('link', { name: 'Bench', exact: true }).click()
  await expect(phone.getByText(/Infant romper/)).toHaveCount(0)
  await phone.getByRole('button', { name: 'Connect again' }).click()
  await expect(phone).toHaveURL(`${at}/pair/`)
})

test('a phone that was turned out keeps what was typed there, and sends it when it is let in again', async ({
  page: desk,
  demo: shop,
  browser,
}) => {
  const at = `https://127.0.0.1:${shop.phonesPort}`
  const context = await browser.newContext({ ...PHONE, ignoreHTTPSErrors: true })
  await context.addInitScript(openFolds)
  const phone = await context.newPage()
  await comeIn(phone, desk, at, await invite(desk, shop), 'Bench phone')
  await phone.getByRole('link', { name: 'Go to the Bench' }).click()
  await phone.getByRole('link', { name: /Crew polo.*4 of 12/ }).click()
  await expect(phone.getByLabel('Customer')).toBeVisible()
  await phone.context().setOffline(true)
  await phone.getByLabel('Customer').fill('Kelpwick Concertina Band')
  await expect(phone.getByText(/1 change is kept here and sent when it’s back/)).toBeVisible()
  const { phones } = await shop.send('GET', '/phones')
  await shop.send('DELETE', `/phones/${phones[0].id}`)
  await phone.context().setOffline(false)
  await expect(phone.getByText(/This phone was removed|The shop computer removed this phone/)).toBeVisible()
  await phone.reload()
  await expect(phone).toHaveURL(`${at}/pair/`)
  await comeIn(phone, desk, at, await invite(desk, shop), 'Bench phone')
  await phone.getByRole('link', { name: 'Go to the Bench' }).click()
  await expect
    .poll(async () => (await shop.send('GET', '/pieces/piece-polo-4')).customer)
    .toBe('Kelpwick Concertina Band')
})

test.describe('from another network', () => {
  let network: OtherNetwork | null = null
  let far: Browser | undefined
  test.beforeAll(() => {
    const made = OtherNetwork.make()
    if (made instanceof OtherNetwork) network = made
    else console.log(`Skipped: a phone from another network, as this machine makes none (${made.cannot}).`)
  })
  test.afterAll(async () => {
    await far?.close()
    network?.clear()
  })

  test(
    'a piece is measured, the network is lost in the middle, and nothing is lost',
    { tag: ENDURE },
    async ({ page: desk, shop }, info) => {
      test.skip(network === null, 'this machine makes no second network')
      const code = await invite(desk, shop)
      // What a phone that trusts the shop’s certificate does of itself.
      const shown = new X509Certificate(readFileSync(path.join(shop.folder, 'tls/server.crt')))
      const trusted = createHash('sha256')
        .update(shown.publicKey.export({ type: 'spki', format: 'der' }))
        .digest('base64')
      const { args = [] } = info.project.use.launchOptions!
      far = await chromium.launch({
        executablePath: network!.browser,
        args: [...args, `--ignore-certificate-errors-spki-list=${trusted}`],
      })
      const context = await far.newContext(PHONE)
      const phone = await context.newPage()
      const at = `https://${network!.laptop}:${shop.phonesPort}`

      // One who is not let in gets nothing but the way in.
      const stranger = await (await far.newContext()).newPage()
      await stranger.goto(`${at}/log`)
      await expect(stranger).toHaveURL(`${at}/pair/`)
      expect(await stranger.evaluate(() => fetch('/api/v1/pieces').then(({ status }) => status))).toBe(401)

      await comeIn(phone, desk, at, code, 'Bench phone')
      // It trusts the certificate, so it goes straight to the bench.
      await expect(phone).toHaveURL(`${at}/`)
      await phone.evaluate(() => navigator.serviceWorker.ready.then(() => undefined))
      const hand = await newPolo(phone, at)
      await hand.type(/^1 /, '540')
      await hand.saved()
      network!.cut()
      await hand.type(/Shoulder point to underarm/, '8 1/4 in')
      await expect(phone.getByText(/Last updated \d+:\d\d\. 1 change is kept here/)).toBeVisible({
        timeout: 20_000,
      })
      await phone.reload()
      await expect(phone.getByLabel(/^1 /)).toHaveValue('540')
      await expect(phone.getByLabel(/Shoulder point to underarm/)).toHaveValue('8 1/4 in')
      await hand.type('Design width', '84')
      network!.mend()
      await expect(phone.getByText(/Can’t reach the shop computer/)).toHaveCount(0, { timeout: 30_000 })
      await hand.saved()
      const [piece] = await shop.send('GET', '/pieces')
      const { measures, ownDesign } = piece.measure
      expect([measures.chestWidth.text, measures.shoulderToUnderarm.text, ownDesign.width.text]).toEqual([
        '540',
        '8 1/4 in',
        '84',
      ])

      // A thousand guesses, as fast as a browser asks.
      await shop.send('POST', '/phones/invitation')
      const answers = await stranger.evaluate(async () => {
        const guess = (code: string): Promise<number> =>
          fetch('/pair/ask', {
            method: 'POST',
            headers: { 'content-type': 'application/json' },
            body: JSON.stringify({ code, name: 'Guesser' }),
          }).then(({ status }) => status)
        const all: number[] = []
        for (let i = 0; i < 1000; i += 50)
          all.push(
            ...(await Promise.all(Array.from({ length: 50 }, (_, k) => guess(`AAA${String(i + k).padStart(3, '0')}`)))),
          )
        return all
      })
      expect(answers.filter((status) => ![403, 410, 429].includes(status))).toEqual([])

      const { phones } = await shop.send('GET', '/phones')
      await shop.send('DELETE', `/phones/${phones[0].id}`)
      await expect(phone.getByText(/The shop computer removed this phone/)).toBeVisible({ timeout: 2000 })
    },
  )
})

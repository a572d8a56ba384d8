import type { Piece } from '@thimble/contract'
import { chromium } from '@playwright/test'
import { createServer, request } from 'node:http'
import { ENDURE, expect, type ShopServer, test } from './server'
import { newPolo, ticket } from './ticket'

/** What some browsers withhold from a page, each as they do, and what is said of it. */
const withheld = {
  'any storage': {
    withhold: () => {
      const deny = {
        get: () => {
          throw new DOMException('denied', 'SecurityError')
        },
      }
      for (const name of ['localStorage', 'sessionStorage', 'indexedDB']) Object.defineProperty(window, name, deny)
    },
    said: /can’t store anything. What isn’t “saved” is lost/,
  },
  'its database': {
    withhold: () => Object.defineProperty(window, 'indexedDB', { value: undefined }),
    said: /can’t keep the shop for offline use/,
  },
  'a database that opens': {
    withhold: () => {
      IDBFactory.prototype.open = () => {
        throw new DOMException('is full', 'QuotaExceededError')
      }
    },
    said: /can’t keep the shop for offline use/,
  },
  locks: { withhold: () => Reflect.deleteProperty(Navigator.prototype, 'locks'), said: null },
} as const

for (const [what, { withhold, said }] of Object.entries(withheld))
  test(
    `a browser that withholds ${what} is told of where it matters, and saving goes on`,
    what === 'any storage' ? {} : { tag: ENDURE },
    async ({ page, demo: shop }) => {
      await page.addInitScript(withhold)
      await page.goto(`${shop.url}/piece/piece-polo-4`)
      if (said) await expect(page.getByText(said)).toBeVisible()
      await ticket(page).unfold(/^This piece/)
      await page.getByLabel('Customer').fill('Gullhouse Guest Rooms')
      await expect(page.getByRole('status').filter({ hasText: /^saved$/ })).toBeVisible()
      expect((await shop.send<Piece>('GET', '/pieces/piece-polo-4')).customer).toBe('Gullhouse Guest Rooms')
      await page.getByLabel('Customer').blur()
      await shop.send('PATCH', '/pieces/piece-polo-4', { customer: 'Saltmarsh Ferry Co-op' })
      await expect(page.getByLabel('Customer')).toHaveValue('Saltmarsh Ferry Co-op')
      await page.reload()
      await ticket(page).unfold(/^This piece/)
      await expect(page.getByLabel('Customer')).toHaveValue('Saltmarsh Ferry Co-op')
    },
  )

/** A way in that others can read: the shop under another name by plain http, as a proxy of your own would hand it on. */
const plainWay = (shop: ShopServer): Promise<{ port: number; close: () => void }> =>
  new Promise((resolve) => {
    const proxy = createServer((asked, answer) => {
      const { origin: _, ...headers } = asked.headers
      const on = { host: '127.0.0.1', port: shop.port, path: asked.url, method: asked.method }
      const asking = request({ ...on, headers: { ...headers, host: `127.0.0.1:${shop.port}` } }, (said) => {
        answer.writeHead(said.statusCode!, said.headers)
        said.pipe(answer)
      })
      asking.on('error', () => answer.destroy())
      asked.pipe(asking)
    }).listen(0, '127.0.0.1', () =>
      resolve({ port: (proxy.address() as { port: number }).port, close: () => proxy.closeAllConnections() }),
    )
    proxy.unref()
  })

test('a page that came by a way others can read says so, and a piece is begun, typed and saved all the same', async ({
  shop,
}, info) => {
  const proxy = await plainWay(shop)
  const { args = [], ...launch } = info.project.use.launchOptions!
  const browser = await chromium.launch({
    ...launch,
    args: [...args, '--host-resolver-rules=MAP laptop.test 127.0.0.1'],
  })
  try {
    const page = await browser.newPage()
    const hand = await newPolo(page, `http://laptop.test:${proxy.port}`)
    expect(await page.evaluate(() => [isSecureContext, 'randomUUID' in crypto, 'locks' in navigator])).toEqual([
      false,
      false,
      false,
    ])
    await expect(page.getByText(/This address isn’t private/)).toBeVisible()
    await hand.type(/^1 /, '540')
    await hand.saved()
    const [piece] = await shop.send<Piece[]>('GET', '/pieces')
    expect(piece!.measure.measures.chestWidth!.text).toBe('540')
  } finally {
    await browser.close()
    proxy.close()
  }
})

import type { Piece } from '@thimble/contract'
import { expect, test } from './server'

/** What some browsers withhold from a page, each as they do, and what is said of it. */
const withheld = {
  'any storage': {
    withhold: () => {
      const deny = { get: () => { throw new DOMException('denied', 'SecurityError') } } // prettier-ignore
      for (const name of ['localStorage', 'sessionStorage', 'indexedDB']) Object.defineProperty(window, name, deny)
    },
    said: /keeps nothing for this page: what is not “saved” is lost/,
  },
  'its database': {
    withhold: () => Object.defineProperty(window, 'indexedDB', { value: undefined }),
    said: /cannot hold the shop for when the server is away/,
  },
  'a database that opens': {
    withhold: () => {
      IDBFactory.prototype.open = () => {
        throw new DOMException('no room', 'QuotaExceededError')
      }
    },
    said: /cannot hold the shop for when the server is away/,
  },
  locks: { withhold: () => Reflect.deleteProperty(Navigator.prototype, 'locks'), said: null },
} as const

for (const [what, { withhold, said }] of Object.entries(withheld))
  test(`a browser that withholds ${what} is told of where it matters, and saving goes on`, async ({ page, shop }) => {
    await shop.importDemo()
    await page.addInitScript(withhold)
    await page.goto(`${shop.url}/piece/piece-polo-4`)
    if (said) await expect(page.getByText(said)).toBeVisible()
    await page.getByLabel('For whom').fill('Gullhouse Guest Rooms')
    await expect(page.getByRole('status').filter({ hasText: /^saved$/ })).toBeVisible()
    expect((await shop.send<Piece>('GET', '/pieces/piece-polo-4')).customer).toBe('Gullhouse Guest Rooms')
    await page.getByLabel('For whom').blur()
    await shop.send('PATCH', '/pieces/piece-polo-4', { customer: 'Saltmarsh Ferry Co-op' })
    await expect(page.getByLabel('For whom')).toHaveValue('Saltmarsh Ferry Co-op')
    await page.reload()
    await expect(page.getByLabel('For whom')).toHaveValue('Saltmarsh Ferry Co-op')
  })

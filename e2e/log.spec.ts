import { expect, type Page } from '@playwright/test'
import { readdirSync } from 'node:fs'
import { ENDURE, ShopServer, test } from './server'
import { drawn } from './settled'
import { sights } from './sights'
import { ticket, toStage } from './ticket'

const rows = (page: Page) => page.getByRole('list').getByRole('listitem')

for (const [size, viewport] of sights)
  test.describe(size, () => {
    test.use({ viewport })

    test('a piece is found by half a word and a fault, and laid beside another', async ({ page, demo: shop }) => {
      await page.goto(`${shop.url}/log`)
      await page.getByLabel('Find').fill('flo tri')
      await expect(rows(page)).toHaveCount(3)
      await page.getByLabel('Find').fill('pol')
      await page.getByRole('button', { name: /^[−+] +Filter/ }).click()
      await page.getByRole('group', { name: 'How it came out' }).getByRole('button', { name: 'Spoiled 2' }).click()
      await page.getByRole('group', { name: 'What went wrong' }).getByRole('button', { name: 'Puckering 2' }).click()
      await page
        .getByRole('group', { name: 'Hooped, floated or clamped' })
        .getByRole('button', { name: 'Hooped 1' })
        .click()
      await page.getByRole('button', { name: /^[−+] +Filter/ }).click()
      await expect(rows(page)).toHaveCount(1)
      await rows(page).getByRole('link').click()
      await page.getByRole('link', { name: 'Compare' }).click()
      await expect(page.getByText('Choose a piece to compare.')).toBeVisible()
      // Where the page stayed, what was looked for did too.
      for (const named of ['Puckering', 'Spoiled', 'Hooped']) {
        const tag = page.getByRole('button', { name: `${named}, remove filter` })
        if (await tag.isVisible()) await tag.click()
      }
      await page.getByLabel('Find').fill('spring')
      await rows(page)
        .getByRole('link', { name: /14 Apr/ })
        .click()
      const differs = page.getByRole('table', { name: 'What differs' })
      await expect(differs.getByRole('cell', { name: 'Spoiled' })).toBeVisible()
      await expect(differs.getByText('Hoop', { exact: true })).toHaveCount(0)
      await page.getByRole('button', { name: /Same in/ }).click()
      await expect(page.getByText('Square 100')).toBeVisible()
    })

    test('a hoop that lands low is planned higher from the next ticket on, until that is turned off', {
      tag: ENDURE,
    }, async ({ page, demo: shop }) => {
      await page.goto(`${shop.url}/log/works`)
      await expect(page.getByText(/It lands/)).toHaveText(/It lands 1\.9 mm low, ± 0\.4 mm\./)
      await page.getByRole('button', { name: 'Plan 2 mm higher on this hoop' }).click()
      await expect(page.getByText('Plan 2 mm higher on this hoop: now in every plan.')).toBeVisible()
      await ticket(page)
        .saved()
        .catch(() => undefined)
      await page.goto(`${shop.url}/piece/piece-polo-3`)
      await toStage(page, /Hoop/)
      await expect(page.getByText(/added for Square 100: \d+ pieces landed 1\.9 mm off/)).toBeVisible()
      await page.goto(`${shop.url}/log/works`)
      await page.getByRole('button', { name: 'Remove the correction' }).click()
      await expect(page.getByRole('button', { name: 'Plan 2 mm higher on this hoop' })).toBeVisible()
      await page.goto(`${shop.url}/piece/piece-polo-3`)
      await toStage(page, /Hoop/)
      await expect(page.getByRole('heading', { name: 'Square 100 fits' })).toBeVisible()
      await expect(page.getByText(/added for/)).toHaveCount(0)
    })

    test('the shop is backed up, and brought back into an empty one', { tag: ENDURE }, async ({ page, demo: shop }) => {
      await page.goto(`${shop.url}/settings/backups`)
      await page.getByRole('button', { name: 'Back up now' }).click()
      await expect(page.getByText(/^Last backed up/)).toBeVisible()
      const [download] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('link', { name: 'Save a backup elsewhere' }).click(),
      ])
      const file = `${shop.folder}/saved.zip`
      await download.saveAs(file)
      const empty = await ShopServer.fresh()
      await empty.start()
      try {
        await page.goto(`${empty.url}/settings/backups`)
        const picker = page.getByLabel('Backup or shop file')
        await picker.setInputFiles({ name: 'odd.zip', mimeType: 'application/zip', buffer: Buffer.from('no zip') })
        await expect(page.getByText(/This isn’t a zip file, or it’s cut short/)).toBeVisible()
        await picker.setInputFiles(file)
        await page.getByRole('radio', { name: 'Replace what is here' }).click()
        const says = page.getByRole('group', { name: 'What the file would do' })
        await expect(says.getByText(/pieces: \d+ new/)).toBeVisible()
        await page.getByRole('button', { name: 'Import' }).click()
        await expect(page.getByText('Imported.')).toBeVisible()
        await page.goto(`${empty.url}/log`)
        await expect(page.getByText('Tearoom apron, lighthouse badge').first()).toBeVisible()
      } finally {
        await empty.stop()
        empty.clear()
      }
    })
  })

test('a log of many hundreds is scrolled without a gap', { tag: ENDURE }, async ({ page, demo: shop }) => {
  const [done] = (await shop.send('GET', '/pieces?state=finished&limit=1')) as object[]
  const pieces = Array.from({ length: 600 }, (_, i) => ({ ...done, id: `many-${i}`, name: `Piece ${i}` }))
  const { format, version, shop: settings } = await shop.send('GET', '/export')
  await shop.send('POST', '/import', { format, version, shop: settings, pieces })
  await page.goto(`${shop.url}/log`)
  await expect(rows(page).first()).toBeVisible()
  const gaps: number[] = []
  for (let i = 0; i < 60; i++) {
    await page.mouse.move(200, 500)
    await page.mouse.wheel(0, 900)
    await drawn(page)
    // The middle of the view always has a row in it.
    gaps.push(await page.evaluate('document.elementFromPoint(200, 420).closest("[role=listitem]") ? 0 : 1'))
  }
  expect(gaps.slice(2).reduce((sum, one) => sum + one, 0)).toBe(0)
  expect(await rows(page).count()).toBeLessThan(80)
})

test('killed while a backup is taken in, the shop has all of it or nothing', { tag: ENDURE }, async ({
  demo: shop,
}) => {
  const zip = Buffer.from(await (await fetch(`${shop.url}/api/v1/backup`)).arrayBuffer())
  const all = (await shop.send('GET', '/pieces?state=finished&limit=500')).length
  const empty = await ShopServer.fresh()
  await empty.start()
  try {
    for (const ms of [40, 150, 400, 700]) {
      const taking = fetch(`${empty.url}/api/v1/import`, {
        ...{ method: 'POST', headers: { 'content-type': 'application/zip' }, body: zip },
      }).catch(() => null)
      await new Promise((resolve) => setTimeout(resolve, ms))
      await empty.stop('SIGKILL')
      await taking
      await empty.start()
      expect([0, all]).toContain((await empty.send('GET', '/pieces?state=finished&limit=500')).length)
      expect(readdirSync(empty.folder).filter((name) => name.startsWith('import-'))).toEqual([])
    }
  } finally {
    await empty.stop()
    empty.clear()
  }
})

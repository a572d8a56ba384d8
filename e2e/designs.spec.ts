import type { Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { manyStitches } from './manyStitches'
import { ENDURE, expect, test } from './server'

const svg = (inner: string, more = 'width="90mm" height="70mm" viewBox="0 0 90 70"'): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" ${more}>${inner}</svg>`
const leaf = svg('<path d="M9 9h40l-9 33z" fill="#3e6b4c"/>')
const HEAD = 'x_mm,y_mm,command,colour'
/** Red, blue and red again, far apart: three blocks of which two can be stitched together. */
const redBlueRed = [
  HEAD,
  '0.00,0.00,stitch,#a63a2b',
  '10.00,0.00,stitch,',
  '40.00,0.00,jump,#2c4a7a',
  '40.00,0.00,stitch,',
  '50.00,10.25,stitch,',
  '50.00,10.25,trim,',
  '80.00,0.00,stitch,#a63a2b',
  '90.00,20.00,stitch,',
  '90.00,20.00,end,',
]
const file = (name: string, text: string | Buffer) => ({ name, mimeType: 'text/plain', buffer: Buffer.from(text) })

async function take(page: Page, base: string, ...files: ReturnType<typeof file>[]): Promise<void> {
  await page.goto(`${base}/designs/add`)
  await page.locator('input[type=file]').setInputFiles(files)
}
async function taken(page: Page, base: string, name: string, text: string): Promise<void> {
  await take(page, base, file(name, text))
  await page.getByRole('link', { name: new RegExp(`^${name.replace(/\.\w+$/, '')}`) }).click()
  await expect(page.getByRole('img', { name: /to scale/ })).toBeVisible()
}
async function written(page: Page, button: string): Promise<string> {
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: button }).click(),
  ])
  return readFileSync(await download.path(), 'utf8')
}

test('several files at once: each that cannot be read says why, and the rest come in', { tag: ENDURE }, async ({
  page,
  shop,
}) => {
  const nested = '<g>'.repeat(10_000) + '</g>'.repeat(10_000)
  const laughs = `<!DOCTYPE svg [<!ENTITY a "ha"><!ENTITY b "&a;&a;&a;&a;">]>${svg('<text>&b;</text>')}`
  const refused: [ReturnType<typeof file>, RegExp][] = [
    [file('nested.svg', svg(nested)), /nested more than 200 deep/],
    [file('laughs.svg', laughs), /XML entities/],
    [file('far.svg', svg('<path d="M0 0L1e9 5z"/>')), /farther out than 2000 mm/],
    [file('nan.svg', svg('<rect width="NaN" height="5"/>')), /“NaN” is not a length/],
    [file('wide.svg', svg('<rect width="5" height="5"/>', 'width="200000000mm" height="5mm"')), /larger than 2000 mm/],
    [file('picture.svg', Buffer.from([0x89, 0x50, 0x4e, 0x47, 13, 10, 26, 10, 0, 0, 0, 13])), /This is a PNG picture/],
    [file('large.csv', Buffer.alloc(10_500_000, '1')), /11 MB is more than is read|10 MB/],
    [file('slip.csv', [...redBlueRed.slice(0, 3), '1O,0,stitch,'].join('\n')), /Line 4: x_mm “1O” is not a number/],
    [file('claim.json', '{"format":"zealous-thimble-design","version":1,"design":{"stitches":1e12}}'), /At “design/],
    [file('notes.txt', 'buy thread'), /Only artwork \(SVG\), stitch lists \(CSV\)/],
  ]
  const started = Date.now()
  await take(
    page,
    shop.url,
    file('leaf.svg', leaf),
    ...refused.map(([f]) => f),
    file('rows.csv', redBlueRed.join('\n')),
  )
  await expect(page.getByRole('status').filter({ hasText: '2 of 12 added, 10 couldn’t be read.' })).toBeVisible()
  // None of them hangs: a second each is the limit, and a slow machine opens the page in as long again.
  expect(Date.now() - started).toBeLessThan(24_000)
  for (const [{ name }, reason] of refused) {
    await expect(page.getByText(name, { exact: true })).toBeVisible()
    await expect(page.getByText(reason).first()).toBeVisible()
  }
  await expect
    .poll(async () => (await shop.send('GET', '/designs')).map((d: { name: string }) => d.name).sort())
    .toEqual(['leaf', 'rows'])
  await page.getByRole('link', { name: /^leaf/ }).click()
  await expect(page.getByText('40 mm × 33 mm')).toBeVisible()
})

test('files can be dropped, and nothing in them becomes part of the page', async ({ page, shop }) => {
  let alarmed = false
  page.on('dialog', (dialog) => {
    alarmed = true
    void dialog.dismiss()
  })
  await page.goto(`${shop.url}/designs/add`)
  const name = '<img src=x onerror=alert(1)>.svg'
  const text = svg(
    '<script>alert(2)</script><image href="http://example.org/a.png" onerror="alert(3)"/><rect width="30" height="20" onload="alert(4)"/><style>@import url(http://example.org/a.css);</style>',
  )
  const drop = await page.evaluateHandle(
    ([name, text]) => {
      const all = new DataTransfer()
      all.items.add(new File([text!], name!, { type: 'image/svg+xml' }))
      return all
    },
    [name, text],
  )
  await page.getByRole('button', { name: /drop them here/ }).dispatchEvent('drop', { dataTransfer: drop })
  await page.getByRole('link', { name: /^<img src=x/ }).click()
  await expect(page.getByText('30 mm × 20 mm')).toBeVisible()
  await expect(page.getByText('A script in the file was dropped.')).toBeVisible()
  expect(await page.locator('img, script[src*="example"], image').count()).toBe(0)
  expect(alarmed).toBe(false)
})

test('a stitch list comes out as it came in, and its fewest changes can be taken, written and taken back', async ({
  page,
  shop,
}) => {
  const whole = `${redBlueRed.join('\n')}\n`
  await taken(page, shop.url, 'rows.csv', whole)
  expect(await written(page, 'Stitch list (CSV)')).toBe(whole)
  await expect(page.getByText('changes to')).toContainText('2 changes to 1')
  await page.getByRole('button', { name: 'Use this order' }).click()
  await expect(page.getByRole('button', { name: 'Use the drawn order' })).toBeVisible()
  const colours = (text: string): string[] => text.match(/#\w{6}/g)!
  expect(colours(await written(page, 'Stitch list (CSV)'))).toEqual(['#a63a2b', '#a63a2b', '#2c4a7a'])
  await page.reload()
  await page.getByRole('button', { name: 'Use the drawn order' }).click()
  await expect(page.getByRole('button', { name: 'Use this order' })).toBeVisible()
  expect(await written(page, 'Stitch list (CSV)')).toBe(whole)
})

test('scaling a stitch list warns beyond 10 %, is refused beyond 20 %, and can be put back', { tag: ENDURE }, async ({
  page,
  shop,
}) => {
  await taken(page, shop.url, 'rows.csv', redBlueRed.join('\n'))
  const scale = page.getByLabel(/^Scale, %/)
  await scale.fill('130')
  await expect(page.getByText(/30 % is too much for a stitch list/)).toBeVisible()
  await expect(page.getByRole('button', { name: 'Make it 130 %' })).toHaveCount(0)
  await expect(scale).toHaveValue('130')
  await scale.fill('115')
  await expect(page.getByText(/Scaled by 15 %: 24 % fewer stitches per cm²/)).toBeVisible()
  await page.getByRole('button', { name: 'Make it 115 %' }).click()
  await expect(page.getByText('104 mm × 23 mm')).toBeVisible()
  await page.getByRole('radio', { name: '90° clockwise' }).click()
  await expect(page.getByText('23 mm × 104 mm')).toBeVisible()
  await page.getByRole('button', { name: 'Undo all changes' }).click()
  await expect(page.getByText('90 mm × 20 mm')).toBeVisible()
})

test('the drawing runs stitch by stitch, and its load is told in words', { tag: ENDURE }, async ({ page, shop }) => {
  await taken(page, shop.url, 'fill.csv', manyStitches(2400))
  const slider = page.getByRole('slider', { name: 'Drawn up to stitch' })
  await expect(page.getByText('Stitch 2,400 of 2,400, in colour 4 of 4')).toBeVisible()
  await slider.focus()
  await page.keyboard.press('Home')
  await expect(page.getByText('Stitch 0 of 2,400, in colour 1 of 4')).toBeVisible()
  for (let i = 0; i < 3; i++) await page.getByRole('button', { name: 'One stitch on' }).click()
  await expect(page.getByText('Stitch 3 of 2,400, in colour 1 of 4')).toBeVisible()
  await page.getByRole('radio', { name: 'Density' }).click()
  await expect(page.getByText('very dense, over 150')).toBeVisible()
})

test('a design read while the server is away is kept here and sent with its drawing when it is back', {
  tag: ENDURE,
}, async ({ page, shop }) => {
  await take(page, shop.url, file('first.svg', leaf))
  await expect(page.getByRole('link', { name: /^first/ })).toBeVisible()
  await shop.stop('SIGKILL')
  await page.locator('input[type=file]').setInputFiles([file('leaf.svg', leaf)])
  await expect(page.getByRole('link', { name: /^leaf/ })).toContainText('40 mm × 33 mm')
  await shop.start()
  await expect.poll(async () => (await shop.send('GET', '/designs')).length).toBe(2)
  const { id } = (await shop.send('GET', '/designs')).find((d: { name: string }) => d.name === 'leaf')
  await expect
    .poll(() =>
      shop.send('GET', `/designs/${id}/packed`).then(
        (d) => d.blocks.length,
        () => 0,
      ),
    )
    .toBe(1)
})

test('its own JSON keeps the changes made beside the drawing, and brings them back', { tag: ENDURE }, async ({
  page,
  shop,
}) => {
  await taken(page, shop.url, 'rows.csv', redBlueRed.join('\n'))
  await page.getByRole('button', { name: 'Use this order' }).click()
  await page.getByRole('radio', { name: '90° clockwise' }).click()
  await expect(page.getByText('20 mm × 90 mm')).toBeVisible()
  const text = await written(page, 'This program’s own (JSON)')
  await take(page, shop.url, file('again.json', text))
  await page.getByRole('link', { name: /^rows/ }).click()
  await expect(page.getByText('20 mm × 90 mm')).toBeVisible()
  await page.getByRole('button', { name: 'Undo all changes' }).click()
  await expect(page.getByText('90 mm × 20 mm')).toBeVisible()
  expect(await written(page, 'Stitch list (CSV)')).toBe(`${redBlueRed.join('\n')}\n`)
})

test('a line of wording is set, warned of and kept; grouped under a badge it is one design', async ({ page, shop }) => {
  await taken(page, shop.url, 'leaf.svg', leaf)
  await page.goto(`${shop.url}/designs/wording`)
  await page.getByLabel('The words').fill('Gullhouse')
  await page.getByLabel('Capital height').fill('7 mm')
  await expect(page.getByText(/60 wt thread and a 65\/9 or 70\/10 needle/)).toBeVisible()
  await page.getByLabel('The words').fill('Gull \u{1F9F5}')
  await expect(page.getByText(/This typeface has no/)).toBeVisible()
  await expect(page.getByRole('button', { name: 'Save' })).toBeDisabled()
  await page.getByLabel('The words').fill('Gullhouse')
  await page.getByLabel('Capital height').fill('12 mm')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByRole('heading', { name: 'Gullhouse' })).toBeVisible()

  await page.goto(`${shop.url}/designs/group`)
  for (const name of ['leaf', 'Gullhouse']) {
    await page.getByText('Choose', { exact: true }).first().click()
    await page.getByRole('radio', { name }).click()
  }
  await page.getByLabel('Space between').fill('7 mm')
  await page.getByRole('button', { name: 'Save as one design' }).click()
  await expect(page.getByRole('heading', { name: 'leaf, Gullhouse' })).toBeVisible()
  // 33 mm of leaf, 7 of cloth, and a line with a capital of 12 mm.
  await expect(page.getByText(/^\d+ mm × 5[23] mm$/)).toBeVisible()
})

test('an applique is laid out for cutting, with the cloth it takes', { tag: ENDURE }, async ({ page, shop }) => {
  await taken(page, shop.url, 'patch.svg', svg('<rect x="5" y="5" width="40" height="30" fill="#3e6b4c"/>'))
  await page.getByRole('button', { name: /Cutting file for patches/ }).click()
  await page.getByLabel('How many').fill('10')
  await page.getByRole('button', { name: 'Work it out' }).click()
  await expect(page.getByText('One piece is 44 mm × 34 mm. Cloth needed: 289 mm × 73 mm.')).toBeVisible()
  const cut = await written(page, 'Save cutting file (SVG)')
  expect(cut.match(/<path /g)).toHaveLength(10)
  await page.getByLabel('Cloth width').fill('40 mm')
  await page.getByRole('button', { name: 'Work it out' }).click()
  await expect(page.getByText('One piece is 44 mm wide; the cloth is narrower.')).toBeVisible()
})

test('each colour finds its thread on the shelf and can be changed for one', { tag: ENDURE }, async ({
  page,
  demo: shop,
}) => {
  await page.goto(`${shop.url}/designs/design-shell`)
  await page.getByRole('button', { name: /#8fb3d1/ }).click()
  await page.getByLabel('Any other colour').fill('madder')
  await expect(page.getByText('“madder” is not a colour: write it as #rrggbb.')).toBeVisible()
  await page.getByLabel('Any other colour').fill('#a53b2c')
  await page.getByRole('button', { name: 'Use this colour' }).click()
  await page.getByRole('button', { name: /#a53b2c/ }).click()
  await page.getByRole('button', { name: /^Madder.* use$/ }).click()
  await expect(page.getByRole('button', { name: /#a43b2d/ })).toContainText('the same to the eye')
  await page.getByRole('radio', { name: 'White' }).click()
  await expect(page.getByText(/Clear on this cloth|Dark on light/).first()).toBeVisible()
})

test('the server killed while it writes keeps every drawing it answered for, whole', { tag: ENDURE }, async ({
  demo: shop,
}) => {
  const packed = await shop.send('GET', '/designs/design-harbour/packed')
  const answered: number[] = []
  const writes = Array.from({ length: 40 }, (_, i) => i).map(async (i) => {
    const design = (await shop.send('GET', '/designs')).find((d: { id: string }) => d.id === 'design-harbour')
    await shop.send('PUT', `/designs/copy-${i}`, { ...design, id: `copy-${i}` })
    await shop.send('PUT', `/designs/copy-${i}/packed`, packed)
    answered.push(i)
  })
  const settled = Promise.allSettled(writes)
  await expect.poll(() => answered.length, { intervals: [20] }).toBeGreaterThan(3)
  await shop.stop('SIGKILL')
  await settled
  await shop.start()
  for (const i of answered) expect(await shop.send('GET', `/designs/copy-${i}/packed`)).toEqual(packed)
})

test('a piece shows its design as it is drawn, and follows when the design is turned', { tag: ENDURE }, async ({
  page,
  demo: shop,
}) => {
  await page.goto(`${shop.url}/designs/design-tern`)
  await expect(page.getByText('84 mm × 62 mm')).toBeVisible()
  await expect(page.getByText(/on the Bench (use|uses) this design and will change too/)).toBeVisible()
  await page.getByRole('radio', { name: '90° clockwise' }).click()
  await expect(page.getByText('62 mm × 84 mm')).toBeVisible()
  await page.goto(`${shop.url}/piece/piece-polo-4`)
  await expect(page.getByText(/62 mm (wide|×|by)/).first()).toBeVisible()
})

test('a design is copied and removed, and comes back by undo', { tag: ENDURE }, async ({ page, shop }) => {
  await taken(page, shop.url, 'leaf.svg', leaf)
  await page.getByRole('button', { name: /Copy or group/ }).click()
  await page.getByRole('button', { name: 'Make a separate copy' }).click()
  await expect(page.getByRole('heading', { name: 'leaf, copy' })).toBeVisible()
  await page.getByRole('button', { name: 'Remove this design' }).click()
  await expect(page.getByText('leaf, copy removed.')).toBeVisible()
  await expect(page.getByRole('link', { name: 'leaf, copy' })).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await page.getByRole('link', { name: 'leaf, copy' }).click()
  await expect(page.getByText('40 mm × 33 mm')).toBeVisible()
})

test('colours are suggested tone on tone and from the print, shown before they are taken', { tag: ENDURE }, async ({
  page,
  shop,
}) => {
  await taken(page, shop.url, 'leaf.svg', leaf)
  await page.getByRole('radio', { name: 'Navy' }).click()
  await page.getByRole('button', { name: /Other colours/ }).click()
  const print = page.getByLabel('Colours of the cloth’s print')
  await print.fill('#28416c')
  await expect(page.getByText(/at least one colour that stands out from it/)).toBeVisible()
  await print.fill('#28416c #d9a52e')
  await page.getByRole('button', { name: 'Use these colours' }).nth(1).click()
  await expect(page.getByRole('button', { name: /#d9a52e/ })).toBeVisible()
  await page.reload()
  await expect(page.getByRole('button', { name: /#d9a52e/ })).toBeVisible()
})

test('a white page behind a drawing is told of, and left out when asked', { tag: ENDURE }, async ({ page, shop }) => {
  await take(
    page,
    shop.url,
    file('page.svg', svg(`<rect width="90" height="70" fill="#fff"/>${'<circle cx="45" cy="35" r="10"/>'}`)),
  )
  await expect(page.getByText('90 mm × 70 mm')).toBeVisible()
  await page.getByRole('button', { name: 'Leave out the white background' }).click()
  await expect(page.getByText('20 mm × 20 mm')).toBeVisible()
  await expect
    .poll(async () => (await shop.send('GET', '/designs')).map((d: { width: number }) => Math.round(d.width)))
    .toEqual([20])
})

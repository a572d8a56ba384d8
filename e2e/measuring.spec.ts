import { pdfPages, pdfPictures, pdfText, levelRuns, uprightRuns } from './poppler'
import { ENDURE, expect, test } from './server'
import { firstPlacement, newPolo, ticket } from './ticket'

test('the paper template comes as a PDF that is true to 0.2 mm over 200 mm', async ({ page, demo: shop }) => {
  const hand = ticket(page)
  await page.goto(`${shop.url}/new`)
  await page.getByRole('radio', { name: 'Flat panel' }).click()
  await firstPlacement(page)
  await hand.type('Name', 'Stand drape, Kelpwick')
  await hand.press(/^Start measuring/)
  await hand.type(/1 {2}Width/, '600')
  await hand.type(/2 {2}Height/, '500')
  await hand.type('Design width', '200')
  await hand.type('Design height', '110')
  await hand.saved()
  await hand.press(/Paper template/)
  const arriving = page.waitForEvent('download')
  await hand.press('PDF on A4')
  const file = await (await arriving).path()
  expect((await arriving).suggestedFilename()).toBe('Stand-drape-Kelpwick-centred-template.pdf')

  expect(pdfPages(file)).toBe(1)
  const words = pdfText(file)
  for (const said of [
    'Stand drape, Kelpwick, centred',
    '100 mm',
    '4 in',
    'top',
    'foot, 200 mm wide, 110 mm high',
    'toward the top edge',
  ])
    expect(words).toContain(said)
  const [sheet] = pdfPictures(file)
  // Upper and lower edge of the outline are 200 long (their stroke adds 0.35), 110 apart.
  const edges = levelRuns(sheet!, 200.35, 0.2)
  expect(edges.length).toBeGreaterThan(0)
  const [upper, lower] = [Math.min(...edges.map((e) => e[1])), Math.max(...edges.map((e) => e[1]))]
  expect(Math.abs(lower - upper - 110)).toBeLessThan(0.5)
  const sides = uprightRuns(sheet!, 110.35, 0.2).map((e) => e[0])
  expect(Math.abs(Math.max(...sides) - Math.min(...sides) - 200)).toBeLessThan(0.5)
  // The check rulers.
  expect(levelRuns(sheet!, 100, 0.5).length).toBeGreaterThan(0)
  expect(levelRuns(sheet!, 101.6, 0.5).length).toBeGreaterThan(0)
})

test('a large template comes on several pages, each with its rulers, joined on lettered crosses', {
  tag: ENDURE,
}, async ({ page, shop }) => {
  const hand = await newPolo(page, shop.url)
  await hand.type('Design width', '280')
  await hand.type('Design height', '260')
  await hand.saved()
  await hand.press(/Paper template/)
  const arriving = page.waitForEvent('download')
  await hand.press('PDF on Letter')
  const file = await (await arriving).path()
  const count = pdfPages(file)
  expect(count).toBeGreaterThan(1)
  const words = pdfText(file)
  expect(words.match(/100 mm/g)).toHaveLength(count)
  expect(words).toContain(`Page 1 of ${count}`)
})

test('halves that differ are noticed, said, and settled by the worker', { tag: ENDURE }, async ({ page, shop }) => {
  const hand = await newPolo(page, shop.url)
  await hand.type(/^1 /, '520')
  await hand.type(/Shoulder point to underarm/, '210')
  await hand.type(/Neck, shoulder point/, '176')
  await hand.type(/down to the neck seam/, '76')
  await hand.type(/^Underarm: your left half/, '255')
  await hand.type(/^Underarm: your right half/, '265')
  await expect(
    page.getByText(
      /halves differ by 10 mm.*stays true to the neck; true to the body would move it 5 mm to your right \(the wearer’s left\)/,
    ),
  ).toBeVisible()
  await hand.pick('True to the body')
  await expect(page.getByText(/stays true to the body; true to the neck would move it 5 mm to your left/)).toBeVisible()
  await hand.type(/^Underarm: your right half/, '250')
  await expect(page.getByRole('alert')).toHaveText(/add up to 505 mm, the whole is 520 mm/)
  await page.reload()
  await expect(page.getByLabel(/^Underarm: your right half/)).toHaveValue('250')
})

test('a pocket and a stripe found on the piece are kept clear of and lined up with', async ({ page, shop }) => {
  const hand = await newPolo(page, shop.url)
  await hand.type('Design width', '60')
  await hand.type('Design height', '40')
  await hand.pick('Pocket')
  await hand.type('Starts below', '170')
  await page.getByLabel('Height', { exact: true }).fill('120')
  await page.getByLabel('Width', { exact: true }).fill('100')
  await hand.pick(/^On your right/)
  await hand.type('Its middle from the centre line', '95')
  await expect(page.getByText('The design lies on the pocket.')).toBeVisible()
  // Counted from the pocket's top to the foot: 20 clear of it unless told otherwise.
  await hand.press(/Measured from the shoulder point/)
  await hand.pick('The top of the pocket')
  await page.getByRole('radio', { name: 'Its bottom edge' }).click()
  await hand.type('Bottom of the design above the top of the pocket', '25')
  await expect(page.getByText('The design lies on the pocket.')).toHaveCount(0)
  await expect(
    page.getByText(/Lay a ruler level, 25 mm above the top of the pocket: the bottom of the design/),
  ).toBeVisible()

  await hand.pick('Stripe')
  await hand.type(/^Stripe from/, '62')
  await hand.pick('The stripe')
  await page.getByRole('radio', { name: 'Its centre' }).first().click()
  await expect(page.getByLabel(/the stripe/i).first()).toBeVisible()
  await page.reload()
  await expect(page.getByLabel(/^Stripe from/)).toHaveValue('62')
})

test('two placements on one item share its measurements, each with its own design', { tag: ENDURE }, async ({
  page,
  demo: shop,
}) => {
  const hand = ticket(page)
  await page.goto(`${shop.url}/piece/piece-polo-4`)
  await hand.type(/^1 /, '575')
  await hand.press('Add a placement on this item')
  await expect(page.getByRole('link', { name: 'Wearer’s left chest (your right)' })).toBeVisible()
  await expect(page.getByLabel(/^1 /)).toHaveValue('575')
  await hand.pick('Sleeve')
  await hand.type('Design width', '45')
  await hand.type(/Sleeve across the hem/, '178')
  await hand.pick('Back yoke')
  await expect(page.getByText(/The back is up, so the wearer’s left is your left/)).toBeVisible()
  await hand.type(/^1 /, '577')
  await page.getByRole('link', { name: 'Wearer’s left chest (your right)' }).click()
  await expect(page.getByLabel(/^1 /).last()).toHaveValue('577')
  await hand.saved()
  const pieces = await shop.send('GET', '/pieces?limit=100')
  const [first, second] = pieces.filter((p: { item: { shared: string | null } }) => p.item.shared)
  expect(first.item.shared).toBe(second.item.shared)
  expect(new Set([first.measure.placement, second.measure.placement])).toEqual(new Set(['left-chest', 'back-yoke']))
  expect([first, second].map(({ measure }) => measure.measures.chestWidth.text)).toEqual(['577', '577'])
})

test('the same again keeps item, placement and numbers as assumed, to confirm', { tag: ENDURE }, async ({
  page,
  demo: shop,
}) => {
  const hand = ticket(page)
  await page.goto(`${shop.url}/new`)
  await hand.press(/Same again, from a past piece/)
  await hand.press(/^Tearoom apron, lighthouse badge/)
  await expect(page.getByText(/Grey numbers are from “Tearoom apron, lighthouse badge”/)).toBeVisible()
  const width = page.getByLabel(/1 {2}/)
  await expect(width).toHaveValue('')
  const assumed = await width.getAttribute('placeholder')
  expect(assumed).toMatch(/\d/)
  await hand.press(/Still right: use all/)
  await expect(width).not.toHaveValue('')
  await expect(page.getByText(/Grey numbers/)).toHaveCount(0)
})

test.describe('numbers that cannot be', () => {
  test('get a sentence at their field, stay typed, and hold the marks up', { tag: ENDURE }, async ({ page, shop }) => {
    const hand = await newPolo(page, shop.url)
    await hand.type('Design width', '84')
    await hand.type('Design height', '62')
    const done = page.getByRole('button', { name: 'I’ve marked it' })
    for (const [text, said] of [
      ['-540', /“-540”/],
      ['9000 mm', /over 5 metres/],
      ['0', /above zero/],
      ['five hundred', /“five hundred” is not a length/],
    ] as const) {
      await hand.type(/^1 /, text)
      await expect(page.getByRole('alert')).toHaveText(said)
      await expect(done).toBeDisabled()
      await expect(page.getByLabel(/^1 /)).toHaveValue(text)
    }
    await hand.type(/^1 /, '')
    await expect(page.getByRole('alert')).toHaveCount(0)
    await hand.type(/^1 /, '540')
    await hand.type('Design width', '900')
    await expect(page.getByRole('alert').first()).toHaveText(/The design is 900 mm wide and the item only/)
    await expect(done).toBeDisabled()
    await hand.type('Design width', '84')
    await hand.type(/^1 /, '820 mm')
    await expect(done).toBeEnabled()
    await hand.type(/^1 /, '860')
    await expect(page.getByText(/860 mm: is that right\?/)).toBeVisible()
    await expect(done).toBeEnabled()
  })
})

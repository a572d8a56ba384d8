import type { Page } from '@playwright/test'
import { ENDURE, expect, test } from './server'
import { firstPlacement, ticket, toStage } from './ticket'

/** Starts a piece of a kind from the New piece page, as a hand would: find it, pick it, begin. */
async function begin(page: Page, base: string, kind: string, placement?: string): Promise<ReturnType<typeof ticket>> {
  const hand = ticket(page)
  await page.goto(`${base}/new`)
  await hand.type('Find an item', kind)
  await page.getByRole('radio', { name: kind, exact: true }).click()
  if (placement) await page.getByRole('radio', { name: placement, exact: true }).click()
  else await firstPlacement(page)
  await hand.press(/^Start measuring/)
  await expect(page.getByRole('navigation', { name: 'Stages' })).toBeVisible()
  return hand
}

const drawing = (page: Page) => page.getByRole('img', { name: /^Drawing to scale/ })

test('a hooded top keeps its wording clear of the pouch pocket', { tag: ENDURE }, async ({ page, shop }) => {
  const hand = await begin(page, shop.url, 'Hooded top')
  await hand.type(/Seam to seam at the underarm/, '560')
  await hand.type(/Shoulder point to underarm/, '225')
  await hand.type(/Neck, shoulder point/, '184')
  await hand.type(/down to the neck seam/, '80')
  await hand.type(/Hood crossing down to the pocket/, '300')
  await hand.type(/Pocket’s upper edge/, '200')
  await hand.type('Design width', '180')
  await hand.type('Design height', '50')
  // Underarm 145 below the crossing, the wording 75 above that: 70 down, its foot at 95, the pocket 205 further.
  await expect(drawing(page)).toHaveAccessibleName(/Cross 75 mm above the underarm line, on the centre line/)
  await expect(page.getByText('the hood, ', { exact: false })).toBeVisible()
  await expect(
    page.getByText(/from the hood’s crossing to the middle of the pocket, 100 mm from each end/),
  ).toBeVisible()
  // A badge too high for the room above the pocket is stopped, in words.
  await hand.type('Design height', '290')
  await expect(page.getByText(/Between neck and pocket there are 270 mm for a design/)).toBeVisible()
})

test('a bath towel stands the design above its border, and says what to do without one', { tag: ENDURE }, async ({
  page,
  shop,
}) => {
  const hand = await begin(page, shop.url, 'Bath towel')
  await hand.type(/Width, edge to edge/, '700')
  await hand.type(/Length, hem to hem/, '1350')
  await hand.type(/Hem’s edge up to the border/, '70')
  await hand.type(/Depth of the border/, '45')
  await hand.type('Design width', '110')
  await hand.type('Design height', '70')
  // The foot 18 above the border's top, the cross half of 70 further: 53.
  await hand.tick(/Lay a ruler level, 18 mm above the border’s top: the bottom/)
  await hand.tick(/Go on to 53 mm above the border’s top: mark the cross/)
  await hand.type(/Depth of the border/, '0')
  await expect(page.getByRole('alert')).toHaveText(/This towel has no border. Choose “Above the hem”/)
  await expect(page.getByRole('button', { name: 'I’ve marked it' })).toBeDisabled()
  await hand.pick('Above the hem, no border')
  await expect(drawing(page)).toHaveAccessibleName(/Cross 100 mm above the hem’s edge, on the centre line/)
  await expect(page.getByRole('button', { name: 'I’ve marked it' })).toBeEnabled()
})

test('a runner’s row goes by count or by gap, and is split over hoopings', { tag: ENDURE }, async ({
  page,
  demo: shop,
}) => {
  const hand = await begin(page, shop.url, 'Table runner', 'Border row along one side')
  await hand.type(/1 {2}Width/, '360')
  await hand.type(/2 {2}Length/, '1424')
  await hand.type(/Depth of the hem/, '12')
  await hand.type('Design width', '100')
  await hand.type('Design height', '40')
  await hand.type('How many', '7')
  // 1400 between the hems: (1400 - 700) / 7 = 100.
  await expect(page.getByText('7 motifs, 100 mm between them.')).toBeVisible()
  await hand.tick(/Mark crosses 200 mm from the middle: to your left, and to your right/)
  await hand.type('How many', '')
  await hand.type('Smallest gap', '30')
  // Half gaps at the ends: ten motifs need 10 x 130 = 1300, eleven 1430.
  await expect(page.getByText('10 motifs, 40 mm between them.')).toBeVisible()
  await hand.type('How many', '20')
  await expect(page.getByRole('alert')).toHaveText(/20 motifs do not fit along this edge/)
  await hand.type('How many', '10')

  await toStage(page, /Hoop/)
  // 260 less 5 at each end takes one motif and a gap, 240 for two: five hoopings.
  await page.getByRole('radio', { name: /Large 160 × 260/ }).click()
  await expect(page.getByText('5 hoopings').first()).toBeVisible()
  await toStage(page, /Measure/)
  await expect(page.getByRole('img', { name: 'The whole row to scale: 10 motifs in 5 hoopings.' })).toBeVisible()
  await expect(page.getByText('Hooping 1: motifs 1 to 2, the hoop’s centre 560 mm left of the middle.')).toBeVisible()
})

test('a napkin turns its design in all four corners, with the distance given either way', { tag: ENDURE }, async ({
  page,
  shop,
}) => {
  const hand = await begin(page, shop.url, 'Napkin or bread cloth', 'Four corners, each turned')
  await hand.type(/1 {2}Width/, '400')
  await hand.type(/2 {2}Length/, '400')
  await hand.type(/Depth of the hem/, '10')
  await hand.type('Design width', '50')
  await hand.type('Design height', '30')
  await hand.tick(/At your lower right corner go 55 mm in from the right edge/)
  await expect(page.getByText(/lower right upright, lower left 90°, upper left 180°, upper right 270°/)).toBeVisible()
  await hand.pick('Its centre')
  await hand.type('Centre from both edges', '70')
  await expect(page.getByText(/At your lower right corner go 70 mm in from the right edge/)).toBeVisible()
  await hand.pick('Four corners, bottoms to the points')
  await expect(page.getByText(/Fold the corner edge to edge/)).toBeVisible()
})

test('a drawstring bag is marked in its finished face, worked out from the cut panel', { tag: ENDURE }, async ({
  page,
  shop,
}) => {
  const hand = await begin(page, shop.url, 'Drawstring bag, cut panel')
  for (const [label, text] of [
    [/Cut width/, '320'],
    [/Cut height/, '420'],
    [/Seam allowance/, '10'],
    [/boxed base/, '80'],
    [/Casing and top hem/, '65'],
    ['Design width', '100'],
    ['Design height', '90'],
  ] as const)
    await hand.type(label, text)
  await expect(page.getByText(/The finished face is 220 mm × 305 mm/)).toBeVisible()
  // 65 + 305 / 2 = 217.5 down.
  await hand.tick(/Lay a ruler level, 218 mm below the cut top edge/)
  await hand.type(/boxed base/, '310')
  await expect(page.getByRole('alert')).toHaveText(/Seams and base leave nothing of the width/)
})

test('an item of one’s own is made by its edges, kept for the next time, and measured like any other', async ({
  page,
  shop,
}) => {
  const hand = ticket(page)
  await page.goto(`${shop.url}/new`)
  await hand.press('Make your own item')
  await hand.type('Name and customer', 'Sail bag flap')
  for (const [edge, text] of [
    [/Edge 1/, '200'],
    [/Edge 2/, '150'],
    [/Edge 3/, '260'],
    [/Edge 4/, '90'],
  ] as const)
    await hand.type(edge, text)
  // 260 - 200 = 60: legs of 150 and 90 make it lean, and it closes; a side too short for that does not.
  await hand.type(/Edge 4/, '80')
  await expect(page.getByRole('alert')).toHaveText(/Four edges of these lengths do not meet/)
  await hand.type(/Edge 4/, '150')
  await expect(page.getByRole('img', { name: 'The outline to scale, 4 edges' })).toBeVisible()
  await hand.press('Add a strip')
  await hand.type('How deep', '15')
  await page.reload()
  await expect(page.getByLabel('Name and customer')).toHaveValue('Sail bag flap')
  await hand.press('Save')
  await page.getByRole('radio', { name: 'Sail bag flap' }).click()
  await firstPlacement(page)
  await hand.press('Start measuring: sail bag flap')
  await hand.type(/1 {2}Edge 1/, '210')
  await hand.type('Design width', '60')
  await hand.type('Design height', '40')
  // Legs of 150 over (260 - 210) / 2 = 25: 147.9 high, the middle at 74.
  await expect(page.getByRole('img', { name: /Cross on the middle crease, on the centre line/ })).toBeVisible()
  await hand.press(/Measured from the middle crease/)
  await hand.pick('The top edge')
  await expect(drawing(page)).toHaveAccessibleName(/Cross 74 mm below the top edge, on the centre line/)
  await expect.poll(async () => (await shop.send('GET', '/items')).length).toBe(1)

  // It can be found again and changed.
  await page.goto(`${shop.url}/new`)
  await page.getByRole('radio', { name: 'Sail bag flap' }).click()
  await hand.press('Change sail bag flap')
  await expect(page.getByLabel(/Edge 4/)).toHaveValue('150 mm')
  await hand.type('Name and customer', 'Sail bag lid')
  await hand.press('Save')
  await expect.poll(async () => (await shop.send('GET', '/items'))[0].name).toBe('Sail bag lid')
})

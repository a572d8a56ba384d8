import { expect, type Page } from '@playwright/test'
import { ENDURE, test } from './server'
import { newPolo, ticket, toStage } from './ticket'

test.use({ viewport: { width: 390, height: 844 } })

const straight = (page: Page) => page.getByRole('link', { name: /^Check alignment/ }).first()
/** A whole piece of the demo's shop with its own hoop stage opened. */
async function openHoop(page: Page, base: string, id: string): Promise<ReturnType<typeof ticket>> {
  await page.goto(`${base}/piece/${id}`)
  await toStage(page, /Hoop/)
  return ticket(page)
}
/** A mark typed where it landed, in mm to the right of the notches and toward the worker. */
async function land(page: Page, mark: string, right: number, down: number): Promise<void> {
  await page.getByLabel(`${mark}, right`, { exact: true }).fill(String(right))
  await page.getByLabel(`${mark}, toward you`, { exact: true }).fill(String(down))
}
const piece = (shop: { send: <T>(m: string, p: string) => Promise<T> }, id: string) =>
  shop.send<any>('GET', `/pieces/${id}`)

test('a padded gilet is refused by the screw hoops and taken by the clamp', { tag: ENDURE }, async ({
  page,
  demo: shop,
}) => {
  const demo = await piece(shop, 'piece-polo-4')
  const id = 'gilet'
  const { revision, ...rest } = demo
  const gilet = { ...rest, id, name: 'Padded gilet', item: { ...demo.item, kind: 'work-jacket', size: 'm' } }
  gilet.measure = { ...demo.measure, measures: {}, placement: 'right-chest' }
  gilet.build = { ...demo.build, cloth: { ...demo.build.cloth, family: 'quilted', told: true } }
  await shop.send('PUT', `/pieces/${id}`, gilet)
  await openHoop(page, shop.url, id)
  await expect(page.getByRole('heading', { name: 'Clamping 200 fits' })).toBeVisible()
  await expect(page.getByRole('button', { name: /^Clamped, step by step/ })).toBeVisible()
  await expect(page.getByText(/^Magnets pinch fingers/)).toBeVisible()
  await expect(page.getByText(/screw/i)).toHaveCount(0)
  // Another hoop could hold it so; the clamp is what is advised.
  await expect(page.getByRole('radio', { name: 'Clamped (advised)' })).toBeChecked()
})

test('a polo’s right chest is loaded for the bulk, turned 180, and the move follows', { tag: ENDURE }, async ({
  page,
  demo: shop,
}) => {
  const hand = await newPolo(page, shop.url)
  await hand.pick(/right chest/)
  await toStage(page, /Hoop/)
  await page.getByRole('radio', { name: /Oval 120/ }).click()
  await expect(page.getByRole('button', { name: 'Which way up: neck toward you' })).toBeVisible()
  await expect(page.getByText('180°', { exact: true })).toBeVisible()
  await hand.press(/^Hem toward you instead/)
  await expect(page.getByRole('button', { name: 'Which way up: hem toward you' })).toBeVisible()
  await hand.press('Use the advised way')
  await expect(page.getByRole('button', { name: 'Which way up: neck toward you' })).toBeVisible()
})

test('a bodysuit is floated, because the hoop does not lie on it all round', { tag: ENDURE }, async ({
  page,
  demo: shop,
}) => {
  await openHoop(page, shop.url, 'piece-romper')
  await expect(page.getByRole('button', { name: /^Floated, step by step/ })).toBeVisible()
  await expect(page.getByText(/paper side up/)).toBeVisible()
  await expect(page.getByText(/Slip the piece over the hoop/)).toBeVisible()
})

test('a hooping 3 degrees crooked is dialled straight; one of 9 is hooped again; both are kept', async ({
  page,
  demo: shop,
}) => {
  const hand = await openHoop(page, shop.url, 'piece-polo-3')
  await page.getByRole('radio', { name: /Square 100/ }).click()
  await hand.press(/^Hem toward you instead/)
  await hand.press('Use Square 100')
  await toStage(page, /Hoop/)
  await straight(page).click()
  await hand.press('Type the numbers')
  // Dots 105 mm apart; hooped 9 degrees clockwise and 9 to the right, which the field does not take.
  const turned = (far: number, degrees: number) => [
    far * Math.cos((degrees * Math.PI) / 180),
    far * Math.sin((degrees * Math.PI) / 180),
  ]
  const [x9, y9] = turned(52, 9)
  await land(page, 'Left dot', Number((9 - x9!).toFixed(1)), Number((-y9!).toFixed(1)))
  await land(page, 'Right dot', Number((9 + x9!).toFixed(1)), Number(y9!.toFixed(1)))
  await expect(page.getByRole('heading', { name: 'It doesn’t fit like this' })).toBeVisible()
  await expect(page.getByText(/^Loosen, move the cloth .* to the left/)).toBeVisible()
  await expect(page.getByRole('button', { name: 'I’ve dialled it in' })).toBeDisabled()
  await hand.press('Re-hoop')
  await expect(page.getByText('try 2')).toBeVisible()

  const [x3, y3] = turned(52, 3)
  await land(page, 'Left dot', Number((-x3!).toFixed(1)), Number((-y3!).toFixed(1)))
  await land(page, 'Right dot', Number(x3!.toFixed(1)), Number(y3!.toFixed(1)))
  await expect(page.getByRole('heading', { name: 'You can dial it straight' })).toBeVisible()
  await expect(page.getByText('3°', { exact: true })).toBeVisible()
  await hand.press('I’ve dialled it in')
  await expect(page.getByText('Dial this in, as checked in the hoop.')).toBeVisible()
  await hand.saved()
  const tries = Object.values((await piece(shop, 'piece-polo-3')).hoop.tries) as any[]
  expect(tries.map((one) => [one.then, Math.round(one.exact.rotation)]).sort()).toEqual([
    ['again', 9],
    ['kept', 3],
  ])
})

test('a dot is dragged with a finger and nudged with arrow keys; a badge is made smaller as a way out', {
  tag: ENDURE,
}, async ({ page, demo: shop }) => {
  await openHoop(page, shop.url, 'piece-polo-3')
  const hand = ticket(page)
  await page.getByRole('radio', { name: /Square 100/ }).click()
  await hand.press('Use Square 100')
  await toStage(page, /Hoop/)
  await straight(page).click()
  const dot = page.getByRole('slider', { name: 'the cross' })
  const box = (await dot.boundingBox())!
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
  await page.mouse.move(x, y)
  await page.mouse.down()
  await page.mouse.move(x + 30, y + 4, { steps: 6 })
  await page.mouse.up()
  await expect(dot).toHaveAttribute('aria-valuetext', /right/)
  const upper = page.getByRole('slider', { name: 'the left dot' })
  await upper.focus()
  await page.keyboard.press('ArrowRight')
  await expect(upper).toHaveAttribute('aria-valuetext', /left|right|toward|away/)
  await expect(
    page.getByRole('heading', { name: /It doesn’t fit like this|You can dial it straight|Check again/ }),
  ).toBeVisible()
  await hand.press('Type the numbers')
  // Straight, but so far to the right that the 84 mm reach 1.4 past the field: 97 % goes in.
  for (const [name, right, down] of [
    ['Cross', 0, 0],
    ['Left dot', 0, 0],
  ] as const)
    await land(page, name, right, down)
  await expect(page.getByText(/are in one spot/)).toBeVisible()
  const { at } = await expectedOf(page)
  for (const { name, right, down } of at) await land(page, name, right + 20.2, down)
  await expect(page.getByRole('heading', { name: 'It doesn’t fit like this' })).toBeVisible()
  await hand.press(/^Make it 9\d/)
  await expect(page.getByText(/^Design made 9\d(\.\d)? % of its size/)).toBeVisible()
  await expect(page.getByRole('button', { name: 'I’ve dialled it in' })).toBeEnabled()
})

/** Where the cross and the left dot lie when the polo is hooped as it was loaded: the neck cloth under the arm. */
const expectedOf = async (_: Page) => ({
  at: [
    { name: 'Cross', right: 0, down: 0 },
    { name: 'Left dot', right: 0, down: -52 },
  ],
})

test('a napkin’s corner is found by its hems, and the camera is asked for both ways', async ({ page, demo: shop }) => {
  const demo = await piece(shop, 'piece-polo-4')
  const { revision, ...rest } = demo
  const napkin = { ...rest, id: 'napkin', name: 'Napkin corner', item: { ...demo.item, kind: 'napkin', size: 'lunch' } }
  napkin.measure = { ...demo.measure, measures: {}, placement: 'corner', designId: 'design-shell' }
  const designs = await shop.send<any[]>('GET', '/designs')
  napkin.measure.designId = designs.find((d) => d.width < 70 && d.height < 70)?.id ?? designs[0].id
  napkin.build = { ...demo.build, cloth: { ...demo.build.cloth, family: 'linen', colour: '#e8e2d4', told: true } }
  await shop.send('PUT', '/pieces/napkin', napkin)
  await page.goto(`${shop.url}/piece/napkin/straight`)
  const hand = ticket(page)
  await hand.press('Ask the camera')
  await expect(page.getByText(/^It found \d of \d, each to within \d\.\d mm/)).toBeVisible()
  await expect(page.getByRole('img', { name: /What the camera sees/ }).first()).toBeVisible()
  await hand.pick('The corner’s hems')
  await hand.press('Ask the camera')
  await expect(page.getByText(/^It found \d of 4/)).toBeVisible()
  await hand.press('Type the numbers')
  await expect(page.getByLabel('Level hem, at its left, right')).toBeVisible()
  await hand.press('Trace it with the machine')
  await hand.press('Around the box')
  await expect(
    page.getByText(/^(Take care: |Stop: )?(Nearest to the field’s edge|It would leave the field)/).first(),
  ).toBeVisible()
})

import type { Piece } from '@thimble/contract'
import type { HoldingMethod } from '@thimble/core/recipe'
import { expect, type Page } from '@playwright/test'
import type { ShopServer } from './server'
import { firstPlacement, ticket, toStage } from './ticket'

type Hand = ReturnType<typeof ticket>

/** One piece as its worker makes it, from the tape to the log and the same again. */
export type Walk = {
  what: string
  item: string
  placement?: RegExp
  /** Another size of it than the usual one. */
  itsSize?: string
  /** What is typed from the tape, by the label of its field. */
  tape?: readonly (readonly [RegExp, string])[]
  /** What is done at Measure beside the tape. */
  measuring?: (page: Page) => Promise<void>
  /** A design of the shelf; and the size that stands for it where it is known by its size alone. */
  design: RegExp
  size: readonly [width: string, height: string]
  layers?: (hand: Hand, page: Page) => Promise<void>
  holding: HoldingMethod
  machine?: string
  hoop: string
  /** Another way up than the one advised. */
  wayUp?: RegExp
  /** What has to be said where it is hooped. */
  says?: RegExp
  /** How it is found to lie, once it is hooped. */
  looking?: (hand: Hand, page: Page) => Promise<void>
  /** It is sewn by the practice machine: what is done at it. */
  sewing?: (page: Page) => Promise<void>
}

const holdingWords: Record<HoldingMethod, RegExp> = {
  hooped: /^Hooped(?!,)/,
  floated: /^Floated/,
  'backing-under': /^Hooped, backing/,
  clamped: /^Clamped/,
  'backing-alone': /^Backing alone/,
}

const radioOf = (page: Page, group: string | RegExp, name: string | RegExp) =>
  page.getByRole('radiogroup', { name: group }).getByRole('radio', { name })

/** The dial as it stands on the page, in the words it has everywhere. */
const dialOn = async (page: Page): Promise<string> =>
  (await page
    .getByRole('group', { name: /^(Dial in|Centred)/ })
    .first()
    .getAttribute('aria-label'))!

const pieceId = (page: Page): string => page.url().split('/').pop()!

async function measure(page: Page, walk: Walk, alone: boolean): Promise<void> {
  const hand = ticket(page)
  const first = page.getByLabel(/^1 /)
  if (walk.itsSize) {
    await hand.unfold(/^Item and size/)
    const usual = (await first.getAttribute('placeholder'))!
    await radioOf(page, 'Size', walk.itsSize).click()
    await expect(first).not.toHaveAttribute('placeholder', usual)
  }
  await first.fill((await first.getAttribute('placeholder'))!)
  for (const [label, text] of walk.tape ?? []) await page.getByLabel(label).first().fill(text)
  await hand.unfold(/^Design/)
  if (alone) {
    await hand.type('Design width', walk.size[0])
    await hand.type('Design height', walk.size[1])
  } else await page.getByRole('radio', { name: walk.design }).first().click()
  await walk.measuring?.(page)
  await hand.saved()
  await hand.press('I’ve marked it')
}

async function build(page: Page, walk: Walk): Promise<void> {
  const hand = ticket(page)
  await expect(page.getByRole('button', { name: 'Use these layers' })).toBeVisible()
  await walk.layers?.(hand, page)
  await hand.unfold(/^Hooped, floated or clamped/)
  await radioOf(page, 'How the cloth is held', holdingWords[walk.holding]).click()
  await hand.saved()
  await hand.press('Use these layers')
}

async function hoop(page: Page, walk: Walk): Promise<string> {
  const hand = ticket(page)
  await expect(page.getByRole('button', { name: /^Use (?!these|instead)/ })).toBeVisible()
  if (walk.machine) {
    await hand.unfold(/^Machine/)
    await radioOf(page, 'Machine', walk.machine).click()
    await expect(radioOf(page, 'Machine', walk.machine)).toBeChecked()
  }
  await hand.unfold(/^Your hoops/)
  const ring = page.getByRole('radio', { name: new RegExp(`^${walk.hoop}`) })
  await ring.click()
  await expect(ring).toBeChecked()
  await expect(radioOf(page, 'How the cloth is held', holdingWords[walk.holding])).toBeChecked()
  if (walk.wayUp) {
    await hand.unfold(/^Which way up/)
    await hand.press(walk.wayUp)
  }
  if (walk.says) {
    await hand.unfold(/, step by step/)
    await expect(page.getByText(walk.says).first()).toBeVisible()
  }
  await hand.saved()
  const dial = await dialOn(page)
  await hand.press(/^Use (?!these|instead)/)
  return dial
}

/** The same dial on the list before the start and at the machine. */
async function stitch(page: Page, dial: string, { sewing }: Walk): Promise<void> {
  const hand = ticket(page)
  await expect(page.getByRole('checkbox', { name: dial })).toBeVisible()
  await hand.press('To the machine')
  await expect(page.getByRole('group', { name: dial })).toBeVisible()
  if (sewing) {
    await sewing(page)
    return hand.press('Stitched: go to Finish')
  }
  await page.goBack()
  await hand.press('Stitched')
  const all = page.getByRole('button', { name: 'Finish anyway' })
  await expect(all.or(page.getByRole('button', { name: 'Save to log' })).first()).toBeVisible()
  if (await all.isVisible()) await all.click()
}

async function finish(page: Page): Promise<void> {
  const hand = ticket(page)
  await page.getByRole('radio', { name: 'Good', exact: true }).click()
  await hand.saved()
  await hand.press('Save to log')
}

/** A new piece of it, its ticket open. */
export async function begin(page: Page, shop: ShopServer, walk: Pick<Walk, 'item' | 'placement'>): Promise<string> {
  const hand = ticket(page)
  await page.goto(`${shop.url}/new`)
  await page.getByRole('radio', { name: walk.item, exact: true }).click()
  const places = page.getByRole('radiogroup', { name: 'Placement' })
  if (walk.placement) await places.getByRole('radio', { name: walk.placement }).click()
  else if (await places.isVisible()) await firstPlacement(page)
  await hand.press(/^Start measuring/)
  await expect(page).toHaveURL(/\/piece\//)
  return pieceId(page)
}

/** From the tape to the log, on the ticket that is open; what was dialled in. */
export async function toLog(page: Page, walk: Walk, alone: boolean): Promise<string> {
  const hand = ticket(page)
  await measure(page, walk, alone)
  await build(page, walk)
  let dial = await hoop(page, walk)
  if (walk.looking) {
    await walk.looking(hand, page)
    await toStage(page, /Hoop/)
    dial = await dialOn(page)
    await toStage(page, /Stitch/)
  }
  await stitch(page, dial, walk)
  await finish(page)
  return dial
}

/** From New piece to the log and the same again; what was decided stands at every stage and comes back. */
export async function walkThrough(page: Page, shop: ShopServer, walk: Walk, alone: boolean): Promise<void> {
  const hand = ticket(page)
  const id = await begin(page, shop, walk)
  const dial = await toLog(page, walk, alone)
  const stored = () => shop.send<Piece>('GET', `/pieces/${id}`)
  await expect.poll(async () => (await stored()).finish.kept.length, { timeout: 20_000 }).toBe(1)
  const kept = await stored()
  const [record] = kept.finish.kept
  expect([record!.holding, record!.hoop!.name]).toEqual([walk.holding, expect.stringContaining(walk.hoop)])
  if (walk.machine) expect(record!.machine!.name).toBe(walk.machine)
  expect(kept.stitch.kept[0]!.stack!.holding).toBe(walk.holding)
  expect(record!.stack!.holding).toBe(walk.holding)
  await page.goto(`${shop.url}/log/${id}`)
  const numbers = dial.replace(/^(Dial in|Centred:) |\.$/g, '')
  // Of several hoopings the first is named.
  const said = page.getByText(/^Dialled in: /)
  await expect
    .poll(async () => (await said.textContent())?.replace('Dialled in: 1: ', 'Dialled in: '))
    .toContain(numbers)

  await hand.press('Same again')
  await expect(page).toHaveURL(/\/piece\/(?!.*\/)/)
  await expect(page).not.toHaveURL(new RegExp(id))
  await toStage(page, /Hoop/)
  await expect(radioOf(page, 'How the cloth is held', holdingWords[walk.holding])).toBeChecked()
  if (walk.machine) {
    await hand.unfold(/^Machine/)
    await expect(radioOf(page, 'Machine', walk.machine)).toBeChecked()
  }
  await expect(page.getByText(/^As last time\./).first()).toBeVisible()
  await expect(page.getByText(/You dialled in /)).toContainText(numbers)
  const again = await shop.send<Piece>('GET', `/pieces/${pieceId(page)}`)
  const { hoopId, machineId, turn, holding } = again.hoop
  expect([hoopId, machineId, turn, holding]).toEqual([
    record!.hoop!.id,
    record!.machine!.id,
    record!.turn,
    walk.holding,
  ])
  expect(again.build.own.needle).toEqual(record!.stack!.needle)
}

import { Piece, type RunEvent } from '@thimble/contract'
import { decideStage, planPiece } from '@thimble/plan'
import type { Page } from '@playwright/test'
import { apply } from 'json-merge-patch'
import { readyDemo } from '../demo/readyDemo'
import { ENDURE, expect, type ShopServer, test } from './server'
import { sewToEnd } from './sewToEnd'
import { ticket, toStage } from './ticket'

const demo = readyDemo()
const shelf = { ...demo, designs: Object.fromEntries(demo.designs.map((design) => [design.id, design])) }
const find = (id: string): Piece => demo.pieces.find((piece) => piece.id === id)!

const button = (page: Page, name: RegExp | string) => page.getByRole('button', { name })
const eventsOf = (shop: ShopServer, piece: string) => shop.send<RunEvent[]>('GET', `/pieces/${piece}/run`)

/** The machine that stands in, so many times as fast as it is, under way. */
async function startMachine(page: Page, times: number): Promise<void> {
  await page.getByRole('radio', { name: 'Practice machine' }).click()
  await page.getByRole('radio', { name: `${times} times`, exact: true }).click()
  await button(page, 'Start').click()
}

test('a whole run with a break, an empty bobbin, a power cut, a killed server and a reload: nothing is lost', async ({
  page,
  demo: shop,
}) => {
  test.setTimeout(240_000)
  const { bobbin } = await shop.send('GET', '/machines/machine-boatyard')
  await shop.send('PATCH', '/machines/machine-boatyard', { bobbinM: 1.5, bobbin })
  const hand = ticket(page)
  await page.goto(`${shop.url}/piece/piece-apron-2`)
  await button(page, 'One pin more').click()
  await button(page, 'One pin more').click()
  await hand.tick(/^2 pins in/)
  await hand.tick(/Bobbin: 3.8 m needed, 1.5 m on it/)
  await button(page, 'To the machine').click()
  await page.getByRole('radio', { name: 'Practice machine' }).click()
  await button(page, 'Start').click()

  // Twelve seconds to the next thread, at its true pace.
  await button(page, 'Thread broke').click()
  await expect(page.getByText(/pull it out through the needle, not backwards/)).toBeVisible()
  await button(page, 'One stitch more back').click()
  await expect(page.getByText('9 stitches back')).toBeVisible()
  await button(page, /^Go on from stitch/).click()
  await button(page, 'Other').click()
  await button(page, /^Practise a power cut/).click()
  await expect(page.getByText('The power went off.', { exact: false })).toBeVisible()
  await page.reload()
  await button(page, /^Go on from stitch/).click()
  await expect(button(page, 'Stop here')).toBeVisible()
  await shop.stop('SIGKILL')
  await shop.start()
  await expect(button(page, /^Go on from stitch/)).toBeVisible({ timeout: 20_000 })

  await shop.send('POST', '/devices/machines/machine-boatyard/press', { press: 'pace', pace: 60 })
  await sewToEnd(page)
  await expect(page.getByText('of 2,122 stitches')).toBeVisible()
  await button(page, 'Stitched: go to Finish').click()
  await expect(page.getByRole('checkbox', { name: /Count the pins out: 2/ })).toBeVisible()
  await hand.saved()
  const kinds = (await eventsOf(shop, 'piece-apron-2')).map(({ kind }) => kind)
  for (const kind of ['started', 'thread-break', 'bobbin-out', 'bobbin', 'power', 'ended'] as const)
    expect([kind, kinds.includes(kind)]).toEqual([kind, true])
  expect(kinds.filter((kind) => kind === 'started' || kind === 'ended')).toEqual(['started', 'ended'])
  const { stitch } = await shop.send('GET', '/pieces/piece-apron-2')
  expect(stitch.kept[0].pins).toBe(2)
  const line = (id: string) => stitch.kept[0].list.find((one: { id: string }) => one.id === id)
  expect([line('start.bobbin-changes') ?? line('start.bobbin'), line('check.trace')]).toMatchObject([
    { ticked: true },
    { ticked: false },
  ])
})

/** The runner's row of three, decided as far as its hoop, which takes one motif at a time. */
function rowOfThree(): Piece {
  const runner = find('piece-runner')
  const row = { ...runner.measure.row, count: '3', gap: { text: '', unit: 'mm' } }
  const asked = Piece.parse({
    ...runner,
    measure: { ...runner.measure, row },
    hoop: { ...runner.hoop, hoopId: 'hoop-long-180' },
  })
  return (['measure', 'build', 'hoop'] as const).reduce((so, stage) => {
    const change = decideStage(so, stage, planPiece(so, shelf), '2026-11-27T08:00:00.000Z')
    return Piece.parse(apply(structuredClone(so), change!))
  }, asked)
}

test('a row in three hoopings is listed, sewn and measured hooping by hooping', { tag: ENDURE }, async ({
  page,
  demo: shop,
}) => {
  test.setTimeout(240_000)
  const runner = rowOfThree()
  await shop.send('PATCH', `/pieces/${runner.id}`, {
    ...{ measure: runner.measure, build: runner.build, hoop: runner.hoop },
  })
  const hand = ticket(page)
  await page.goto(`${shop.url}/piece/${runner.id}`)
  for (const hooping of [1, 2, 3]) {
    await expect(page.getByRole('heading', { name: `Before you start hooping ${hooping}` })).toBeVisible()
    await hand.tick(/Nothing under the hoop/)
    await button(page, 'To the machine').click()
    await expect(page.getByText(`Hooping ${hooping} of 3.`)).toBeVisible()
    await startMachine(page, 600)
    await sewToEnd(page)
    if (hooping === 3) break
    await button(page, 'Next hooping').click()
    await expect(page.getByRole('heading', { name: 'Check alignment' })).toBeVisible()
    await page.goto(`${shop.url}/piece/${runner.id}`)
  }
  await button(page, 'Stitched: go to Finish').click()
  await expect(page.getByRole('heading', { name: 'Where hooping 3 landed' })).toBeVisible()
  await page.getByLabel('Too high or low').nth(1).fill('2')
  await page.getByRole('radio', { name: 'Good', exact: true }).click()
  await hand.saved()
  await button(page, 'Save to log').click()
  await expect(page.getByText(/Hooping 2: landed 2 mm low/)).toBeVisible()
  const { finish, stitch } = await shop.send('GET', `/pieces/${runner.id}`)
  expect(finish.kept[0].later.map(({ hooping, dy }: { hooping: number; dy: number }) => [hooping, dy])).toEqual([
    [1, 2],
    [2, null],
  ])
  const felt = stitch.kept[0].list.filter(({ id }: { id: string }) => id === 'check.under')
  expect(felt.map(({ hooping, ticked }: { hooping: number; ticked: boolean }) => [hooping, ticked])).toEqual([
    [0, true],
    [1, true],
    [2, true],
  ])
})

/** A JPEG of the browser's own, with a place, a device's turn and a name put into it as a phone does. */
async function phonePhoto(page: Page, width: number, height: number): Promise<Buffer> {
  const plain = Buffer.from(
    await page.evaluate(
      async ([w, h]) => {
        const canvas = new OffscreenCanvas(w!, h!)
        const pen = canvas.getContext('2d')!
        pen.fillStyle = '#27406b'
        pen.fillRect(0, 0, w!, h!)
        const blob = await canvas.convertToBlob({ type: 'image/jpeg' })
        return [...new Uint8Array(await blob.arrayBuffer())]
      },
      [width, height],
    ),
  )
  const tiff = Buffer.alloc(56)
  tiff.write('II*\0', 0, 'latin1')
  tiff.writeUInt32LE(8, 4)
  tiff.writeUInt16LE(2, 8)
  // Turned a quarter; and where it was taken: north.
  for (const [i, [tag, type, value]] of [
    [0x0112, 3, 6],
    [0x8825, 4, 38],
  ].entries()) {
    tiff.writeUInt16LE(tag!, 10 + 12 * i)
    tiff.writeUInt16LE(type!, 12 + 12 * i)
    tiff.writeUInt32LE(1, 14 + 12 * i)
    tiff.writeUInt32LE(value!, 18 + 12 * i)
  }
  tiff.writeUInt16LE(1, 38)
  tiff.writeUInt16LE(1, 40)
  tiff.writeUInt16LE(2, 42)
  tiff.writeUInt32LE(2, 44)
  tiff.write('N\0', 48, 'latin1')
  const exif = Buffer.concat([Buffer.from('Exif\0\0', 'latin1'), tiff])
  const head = Buffer.from([0xff, 0xd8, 0xff, 0xe1, 0, 0])
  head.writeUInt16BE(exif.length + 2, 4)
  return Buffer.concat([head, exif, plain.subarray(2)])
}

/** A PNG of the browser's own that is 40 points wide and high, and says that it is so many. */
async function png(page: Page, says: number): Promise<Buffer> {
  const bytes = await page.evaluate(async () => {
    const canvas = new OffscreenCanvas(40, 40)
    canvas.getContext('2d')!.fillRect(0, 0, 20, 20)
    return [...new Uint8Array(await (await canvas.convertToBlob({ type: 'image/png' })).arrayBuffer())]
  })
  const file = Buffer.from(bytes)
  // Width and height lie behind the signature and the head of the first chunk.
  for (const at of [16, 20]) file.writeUInt32BE(says, at)
  return file
}

test('a record with two faults and photos; what cannot be a photo says why; its advice goes into the same again', async ({
  page,
  demo: shop,
}) => {
  const hand = ticket(page)
  await page.goto(`${shop.url}/piece/piece-toolroll`)
  await toStage(page, /Finish/)
  const photo = page.locator('input[type=file][aria-label="Add a photo"]')
  const give = (name: string, buffer: Buffer) =>
    photo.setInputFiles({ name, mimeType: 'application/octet-stream', buffer })
  await give('note.jpg', Buffer.from('Dear customer, '.repeat(60)))
  await expect(page.getByText('note.jpg isn’t a photo. Use a JPEG or PNG.')).toBeVisible()
  const heic = Buffer.concat([
    Buffer.from([0, 0, 0, 24]),
    Buffer.from('ftypheic', 'latin1'),
    Buffer.alloc(4),
    Buffer.from('mif1heic', 'latin1'),
    Buffer.alloc(300),
  ])
  await give('tern.heic', heic)
  await expect(page.getByText(/tern\.heic/)).toBeVisible()
  await give('flood.png', await png(page, 60_000))
  await expect(page.getByText('flood.png would open to 3,600 million points; a photo may have 64.')).toBeVisible()
  await expect(page.getByRole('img', { name: 'Photo 1' })).toHaveCount(0)
  await give('twelve.jpg', await phonePhoto(page, 4000, 3000))
  await expect(page.getByRole('img', { name: 'Photo 1' })).toBeVisible()
  await give('small.png', await png(page, 40))
  await expect(page.getByRole('img', { name: 'Photo 2' })).toBeVisible()

  for (const fault of ['Puckering', 'Stitches sink']) {
    await button(page, 'Add a fault').click()
    await page.getByRole('radio', { name: fault }).click()
  }
  await page
    .getByRole('button', { name: 'Where on the design: Puckering, no places' })
    .or(page.getByRole('button', { name: /Where on the design: Puckering/ }))
    .first()
    .click({ position: { x: 170, y: 90 } })
  await expect(page.getByRole('button', { name: 'Where on the design: Puckering, one place' })).toBeVisible()
  await expect(page.getByText('Nothing on top held the stitches up.')).toBeVisible()
  const film = page.getByText(/^Put wash-away film on top/)
  await film.locator('..').getByRole('button', { name: 'Try this next time' }).click()
  await page.getByRole('radio', { name: 'Will pass' }).click()
  await hand.saved()
  await button(page, 'Save to log').click()
  await expect(page.getByText(/^To try: Put wash-away film/)).toBeVisible()
  await expect(page.getByRole('img', { name: 'Photo 1' })).toBeVisible()

  const { finish } = await shop.send('GET', '/pieces/piece-toolroll')
  const jpeg = Buffer.from(await (await fetch(`${shop.url}/api/v1/photos/${finish.kept[0].photos[0]}`)).arrayBuffer())
  expect([jpeg.includes('Exif'), jpeg.length < 1_000_000]).toEqual([false, true])
  const size = await page.evaluate(async (url) => {
    const bitmap = await createImageBitmap(await (await fetch(url)).blob())
    return [bitmap.width, bitmap.height]
  }, `${shop.url}/api/v1/photos/${finish.kept[0].photos[0]}`)
  // As it is meant: upright, and small.
  expect(size).toEqual([1200, 1600])
  expect(finish.kept[0].faults.find(({ id }: { id: string }) => id === 'puckering').at).toHaveLength(1)

  await button(page, 'Same again').click()
  await expect(page.getByText(/Trying this time, because Canvas tool roll/)).toBeVisible()
})

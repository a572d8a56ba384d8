import { expect, test } from './server'
import { newPolo } from './ticket'

test('a new polo goes from the tape to the log, and is still there after a restart', async ({ page, demo: shop }) => {
  const hand = await newPolo(page, shop.url)

  // Measure: a width in inches, shoulder point and neck, a design of 84 x 62.
  await hand.type(/^1 /, '21 1/4 in')
  await hand.type(/Shoulder point to underarm/, '210')
  await hand.type(/Neck, shoulder point/, '180')
  await hand.type(/down to the neck seam/, '76')
  await hand.type('Design width', '84')
  await hand.type('Design height', '62')

  // 21 1/4 in is 539.75 mm: 190 below the shoulder point on a medium, half of the neck from the centre.
  await expect(
    page.getByRole('img', { name: /Cross 183 mm below the shoulder point, 90 mm from centre/ }),
  ).toBeVisible()
  await hand.tick(/crease the front lightly, 270 mm from each seam/)
  await hand.tick(/90 mm to the wearer’s left \(your right\)/)
  await hand.tick(/level, 183 mm below the shoulder point/)
  await hand.tick(/27 mm above the underarm/)
  await hand.tick(/Dots 52 mm left and right of the cross, 41 mm above/)
  await hand.tick(/toward the neck/)
  await hand.press('I’ve marked it')

  // Layers: pique, the recipe, and one layer changed.
  await expect(page.getByRole('heading', { level: 2, name: /Hoop it with fusible cut-away mesh/ })).toBeVisible()
  await hand.press(/^Fusible cut-away mesh/)
  await hand.press(/Change it/)
  await hand.pick('Medium cut-away')
  await expect(page.getByText('your own choice').first()).toBeVisible()
  await hand.press('Close')
  await hand.press('Use these layers')

  // Hoop: 84 x 62 in 100 x 100 leaves 8 and 19; loaded with the neck into the throat it lies a quarter turned.
  const square = page.getByRole('radio', { name: /Square 100/ })
  await expect(square).toHaveAccessibleName(/Room to spare: 19 mm left, 19 mm right, 8 mm up, 8 mm down/)
  await square.click()
  await expect(page.getByText('8 mm or more to spare each way', { exact: false })).toBeVisible()
  await expect(page.getByRole('button', { name: /^Hooped, step by step/ })).toBeVisible()
  await hand.press(/^Use Square 100/)

  // Stitch: the list before you start.
  for (const line of [
    /Inner ring right way round/,
    /^Not stretched/,
    /Nothing under the hoop/,
    /Pins counted out/,
    /Bobbin: .* m needed/,
    /^Traced clear/,
  ])
    await hand.tick(line)
  await hand.press('Stitched')

  // Finish: the record.
  await hand.type('Too high or low', '2')
  await hand.type('Left or right', '1 mm')
  await hand.press('Add a fault')
  await hand.pick('Puckering')
  await hand.pick('Good')
  await page.getByRole('textbox', { name: 'Note', exact: true }).fill('Smooth it once more before tightening.')
  await hand.saved()
  await hand.press('Save to log')
  await expect(page.getByText(/Landed.*low.*left/)).toBeVisible()

  // The log has it, and keeps it when the server has stopped and come back.
  await page.goto(`${shop.url}/log`)
  await expect(page.getByRole('link', { name: /^Crew polo 5/ })).toContainText('Landed 2 mm low, 1 mm left')
  expect(await shop.stop()).toBe(0)
  await shop.start()
  await page.goto(`${shop.url}/log`)
  const row = page.getByRole('link', { name: /^Crew polo 5/ })
  await expect(row).toContainText('Puckering')
  await expect(row).toContainText('Medium cut-away')
  await row.click()
  await expect(page.getByText('Smooth it once more before tightening.')).toBeVisible()
  const {
    rows: [kept],
  } = await shop.send('GET', '/log/found?fault=puckering&cloth=pique&limit=1')
  expect(kept).toMatchObject({ dx: -1, dy: 2, holding: 'hooped', verdict: 'good' })
})

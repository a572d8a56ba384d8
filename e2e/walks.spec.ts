import type { Page } from '@playwright/test'
import { ENDURE, expect, test } from './server'
import { ticket } from './ticket'
import { type Walk, walkThrough } from './walk'

// As they stand on a phone: folded lines are opened by hand.
test.use({ folds: 'closed' })

const type = (page: Page, label: RegExp, text: string) => page.getByLabel(label).first().fill(text)

/** Layers put together by hand, from the bare cloth; a film lies on top. */
const own =
  (...kinds: readonly string[]) =>
  async (hand: ReturnType<typeof ticket>, page: Page): Promise<void> => {
    const pick = (group: string, name: string) =>
      page.getByRole('radiogroup', { name: group }).getByRole('radio', { name, exact: true }).click()
    await hand.unfold(/^Other ways/)
    await hand.press('Start from bare cloth')
    await hand.press('Change them')
    for (const kind of kinds) {
      const add = page.getByRole('button', { name: /Add a layer/ })
      if ((await add.getAttribute('aria-expanded')) !== 'true') await add.click()
      await pick('Where it goes', /film/.test(kind) ? 'On top' : 'Underneath')
      await pick('What to add', kind)
    }
  }

const walks: readonly Walk[] = [
  {
    what: 'a heavy jacket clamped on the second machine',
    item: 'Work jacket',
    placement: /Back yoke/,
    design: /^Tern over waves/,
    size: ['84', '62'],
    holding: 'clamped',
    machine: 'Loft machine',
    hoop: 'Clamping 200',
  },
  {
    what: 'plush hooped bare, a sheet slid under',
    item: 'Plush toy that opens',
    placement: /Belly/,
    itsSize: 'Large',
    design: /^Shell sprig/,
    size: ['48', '56'],
    holding: 'backing-under',
    hoop: 'Oval 120',
  },
  {
    what: 'a bib hooped with little cloth beyond',
    item: 'Bib',
    design: /^Shell sprig/,
    size: ['48', '56'],
    holding: 'hooped',
    hoop: 'Oval 120',
  },
  {
    what: 'a bodysuit off the notches',
    item: 'Infant bodysuit',
    design: /^Shell sprig/,
    size: ['48', '56'],
    holding: 'floated',
    hoop: 'Square 100',
    // With the neck cloth under the arm the hoop would hang off: it goes where the tape says, and so do its centre marks.
    says: /cross-hair is \d+ mm (right|left|above|below)|Lay the marks on the cross-hair/,
  },
  {
    what: 'a tote upright',
    item: 'Tote bag',
    design: /^Lighthouse/,
    size: ['70', '90'],
    holding: 'floated',
    hoop: 'Long 130',
  },
  {
    what: 'four corners of a blanket',
    item: 'Blanket or throw',
    placement: /Four corners/,
    design: /^Rope/,
    size: ['50', '50'],
    holding: 'floated',
    hoop: 'Square 100',
  },
  {
    what: 'a napkin by the camera',
    item: 'Napkin or bread cloth',
    placement: /One corner, square/,
    design: /^Shell sprig/,
    size: ['48', '56'],
    holding: 'floated',
    hoop: 'Square 100',
    looking: async (hand, page) => {
      await page.getByRole('link', { name: /^Check alignment/ }).click()
      await hand.press('Ask the camera')
      await expect(page.getByText(/^It found \d of \d/)).toBeVisible()
      await hand.press('I’ve dialled it in')
    },
  },
  {
    what: 'a tee floated dense by choice',
    item: 'Knit tee',
    placement: /Wearer’s left chest/,
    tape: [[/^1 /, '510']],
    design: /^Lighthouse/,
    size: ['70', '90'],
    layers: own('Sticky tear-away', 'Medium cut-away', 'Medium cut-away'),
    holding: 'floated',
    hoop: 'Square 100',
  },
  {
    what: 'a towel on fused, sticky and film',
    item: 'Hand towel',
    placement: /Above the border/,
    design: /^Shell sprig/,
    size: ['48', '56'],
    layers: own('Fusible tear-away', 'Sticky tear-away', 'Wash-away film'),
    holding: 'floated',
    hoop: 'Square 100',
  },
  {
    what: 'a row of nine along a runner',
    item: 'Table runner',
    placement: /Border row along one side/,
    design: /^Marram/,
    size: ['118', '46'],
    measuring: async (page) => {
      await ticket(page).unfold(/^Row/)
      await type(page, /How many/, '9')
    },
    holding: 'hooped',
    hoop: 'Large 160',
  },
]

/** The two that differ most go with npm test. */
const USUAL = [0, 3]

for (const [i, walk] of walks.entries())
  for (const alone of [false, true])
    test(
      `${walk.what}${alone ? ', by its size alone' : ''}: what was decided is carried to the log and the same again`,
      USUAL.includes(i) && alone === (i === 3) ? {} : { tag: ENDURE },
      async ({ page, demo: shop }) => {
        test.setTimeout(240_000)
        await walkThrough(page, shop, walk, alone)
      },
    )

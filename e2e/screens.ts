import type { Page } from '@playwright/test'
import { toStage } from './ticket'

/** Every screen there is, and what to do there before it is looked at. */
export const screens: [path: string, before?: (page: Page) => Promise<unknown>][] = [
  ['/'],
  ['/new'],
  ['/new', (page) => page.getByRole('radio', { name: 'Polo' }).click()],
  ['/piece/piece-polo-4'],
  ['/piece/piece-robe'],
  [
    '/piece/piece-robe',
    (page) =>
      page
        .getByRole('button', { name: /tear-away/i })
        .first()
        .click(),
  ],
  ['/piece/piece-polo-3'],
  ['/piece/piece-apron-2'],
  ['/piece/piece-apron-2', (page) => toStage(page, /Hoop/)],
  ['/piece/piece-apron-2/straight', (page) => page.getByRole('button', { name: 'Type the numbers' }).click()],
  ['/piece/piece-apron-2/run'],
  ['/piece/piece-toolroll'],
  ['/piece/piece-runner'],
  ['/piece/piece-blanket'],
  ['/piece/piece-polo-1', (page) => toStage(page, /Layers/)],
  ['/piece/piece-polo-1', (page) => toStage(page, /Finish/)],
  ['/piece/piece-nothing'],
  ['/designs'],
  ['/designs/add'],
  ['/designs/wording'],
  ['/designs/group'],
  ['/designs/new'],
  ['/designs/design-tern'],
  ['/designs/design-lighthouse'],
  ['/items/new'],
  ['/items/item-oven-glove'],
  ['/stash'],
  ['/stash/hoop/new'],
  ['/stash/machine/machine-boatyard'],
  ['/stash/supply/supply-6', (page) => page.getByRole('button', { name: /History/ }).click()],
  ['/stash/supply/new'],
  ['/stash/needle/needle-fine-65'],
  ['/stash/bobbin/new'],
  ['/stash/adhesive/new'],
  ['/stash/swatch/new'],
  ['/stash/to-buy'],
  ['/stash/start'],
  ['/help'],
  ['/settings/shop'],
  ['/settings/preferences'],
  ['/settings/days'],
  ['/settings/costs'],
  ['/settings/backups'],
  ['/settings/device'],
  ['/stash/thread/thread-shell', (page) => page.getByRole('button', { name: /Weigh the spool/ }).click()],
  ['/runs'],
  ['/runs/bench', (page) => page.getByRole('heading', { name: 'In this order' }).waitFor()],
  ['/runs/order/order-crew-2', (page) => page.getByText('12 pieces to make.').waitFor()],
  ['/runs/order/order-crew-2/line/crew'],
  ['/runs/order/order-crew-2/line/crew/names', (page) => page.getByLabel('The list').fill('XXXXL;Tolly\nM;Nell')],
  ['/runs/order/order-crew-2/money'],
  ['/runs/order/order-crew-2/record'],
  ['/log', (page) => page.getByRole('button', { name: 'Filter', exact: false }).click()],
  ['/log/works', (page) => page.getByRole('button', { name: 'In numbers' }).first().click()],
  ['/log/beside?a=past-1&b=past-8'],
  ['/log/piece-polo-1'],
  ['/settings'],
  [
    '/phones',
    async (page) => {
      await page.getByRole('radio', { name: 'Yes' }).click()
      await page.getByRole('button', { name: 'Connect a phone' }).click()
      await page.getByRole('timer').waitFor()
    },
  ],
  ['/removed'],
  ['/not-kept'],
  ['/nowhere'],
]

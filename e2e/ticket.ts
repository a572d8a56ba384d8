import { expect, type Page } from '@playwright/test'

/** What a hand does on the ticket, in its own words. */
export const ticket = (page: Page) => ({
  type: (label: string | RegExp, text: string) => page.getByLabel(label).fill(text),
  tick: async (name: string | RegExp) => {
    const box = page.getByRole('checkbox', { name })
    await box.click()
    await expect(box).toBeChecked()
  },
  /** Opens a folded line, where it is closed. */
  unfold: async (name: RegExp) => {
    const line = page.locator('h2').getByRole('button', { name })
    await expect(line).toBeVisible()
    if ((await line.getAttribute('aria-expanded')) === 'false') await line.click()
  },
  press: (name: string | RegExp) => page.getByRole('button', { name }).click(),
  pick: (name: string | RegExp) => page.getByRole('radio', { name }).click(),
  /** Until then a line of advice may still come up and move what is pressed next. */
  saved: () => expect(page.getByRole('status').filter({ hasText: /^saved$/ })).toBeVisible(),
})

/** By the thread over the ticket. */
export const toStage = (page: Page, name: RegExp) =>
  page.getByRole('navigation', { name: 'Stages' }).getByRole('button', { name }).click()

/** The first place that is offered for a design on the item chosen. */
export const firstPlacement = (page: Page) =>
  page.getByRole('radiogroup', { name: 'Placement' }).getByRole('radio').first().click()

/** A new polo for the left chest with its four numbers, as the job has it. */
export async function newPolo(page: Page, base: string): Promise<ReturnType<typeof ticket>> {
  const hand = ticket(page)
  await page.goto(base)
  await hand.press('New piece')
  await page.getByRole('radio', { name: 'Polo' }).click()
  await hand.pick(/left chest/)
  await hand.type('Name', 'Crew polo 5')
  await hand.type('Customer', 'Saltmarsh Ferry Co-op')
  await hand.press('Start measuring')
  await expect(page.getByLabel(/^1 /)).toBeVisible()
  return hand
}

import { expect, type Page } from '@playwright/test'

/** Does whatever the machine waits for, until this hooping is all sewn; what was pressed, in order. */
export async function sewToEnd(page: Page): Promise<string[]> {
  const pressed: string[] = []
  const asked = page.getByRole('button', { name: /( is on| is in| laid| trimmed)$|^Go on from stitch/ }).first()
  const done = page.getByRole('button', { name: /^(Stitched: go to Finish|Next hooping)$/ })
  for (let i = 0; i < 80; i++) {
    await expect(asked.or(done).first()).toBeVisible({ timeout: 40_000 })
    if (await done.isVisible()) return pressed
    const button = (await asked.elementHandle())!
    const was = await button.textContent()
    // Between looking and pressing the machine may have gone on by itself.
    await button.click({ timeout: 1000 }).then(
      () => was && was !== pressed.at(-1) && pressed.push(was),
      () => undefined,
    )
    const isOther = ([element, text]: [Element, string | null]) => !element.isConnected || element.textContent !== text
    await page
      .waitForFunction(isOther, [button, was] as [never, string | null], { timeout: 1000 })
      .catch(() => undefined)
  }
  return pressed
}

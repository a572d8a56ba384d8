import type { Page } from '@playwright/test'

/** Resolves when nothing of the page has changed for a tenth of a second. */
export const settled = (page: Page): Promise<void> =>
  page.evaluate(
    () =>
      new Promise<void>((resolve) => {
        let quiet = setTimeout(done, 100)
        const watch = new MutationObserver(() => {
          clearTimeout(quiet)
          quiet = setTimeout(done, 100)
        })
        function done(): void {
          watch.disconnect()
          resolve()
        }
        watch.observe(document, { subtree: true, childList: true, attributes: true, characterData: true })
      }),
  )

/** Resolves when what has changed is drawn. */
export const drawn = (page: Page): Promise<void> =>
  page.evaluate(
    () => new Promise<void>((resolve) => requestAnimationFrame(() => requestAnimationFrame(() => resolve()))),
  )

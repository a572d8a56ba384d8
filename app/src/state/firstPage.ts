/** A page that never comes, as when it fails, holds nothing up for longer. */
const AT_MOST_MS = 5000
const BUSY_AT_MOST_MS = 1000

let tell: () => void
const drawn = new Promise<void>((resolve) => (tell = resolve))

/** Called by the first page when it is there. */
export const pageIsThere = (): void => tell()

/** Until the first page is drawn and the hands are free: what is not seen at once waits for it. */
export async function firstPageDrawn(): Promise<void> {
  await Promise.race([drawn, after(AT_MOST_MS)])
  await new Promise<void>((resolve) => {
    if ('requestIdleCallback' in window) requestIdleCallback(() => resolve(), { timeout: BUSY_AT_MOST_MS })
    else void after(BUSY_AT_MOST_MS / 4).then(resolve)
  })
}

const after = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms))

import { setImmediate } from 'node:timers/promises'

/** A long work has the processor for as long before others get their turn. */
const SHARE_MS = 8

/** To be awaited after each step of a long work: it waits for the others once the share of it is used up. */
export function takingTurns(): () => Promise<void> {
  let since = performance.now()
  return async () => {
    if (performance.now() - since < SHARE_MS) return
    await setImmediate()
    since = performance.now()
  }
}

/** As long as a press that moved the focus may take to become a click, in milliseconds. */
const PRESS_MS = 600

/**
 * Once the press that took the focus has become a click, or was none: what goes sooner moves the page under the finger,
 * and the press lands on something else. Gives what calls it off.
 */
export function afterPress(then: () => void): () => void {
  const done = (): void => {
    off()
    // Until whoever was pressed has heard of it.
    setTimeout(then)
  }
  const timer = setTimeout(done, PRESS_MS)
  const off = (): void => {
    clearTimeout(timer)
    removeEventListener('click', done, true)
  }
  addEventListener('click', done, true)
  return off
}

const TAKES = 'h1, h2, h3, [aria-expanded]'

/** The cursor never falls out of the page: where what had it is gone, the heading nearest round it takes it. */
export function keepFocus(page: HTMLElement): () => void {
  let round: HTMLElement[] = []
  const onFocus = ({ target }: FocusEvent): void => {
    round = []
    for (let at = target as HTMLElement | null; at && at !== page; at = at.parentElement) round.push(at)
  }
  const look = (): void => {
    if (round.length === 0 || document.activeElement !== document.body || round[0]!.isConnected) return
    const left = [...round.filter((at) => at.isConnected), page]
    round = []
    const takes = left.map((at) => at.querySelector<HTMLElement>(TAKES)).find(Boolean) ?? page
    if (takes.tabIndex < 0) takes.tabIndex = -1
    takes.focus({ preventScroll: true })
  }
  const watch = new MutationObserver(look)
  page.addEventListener('focusin', onFocus)
  watch.observe(page, { childList: true, subtree: true })
  return () => {
    page.removeEventListener('focusin', onFocus)
    watch.disconnect()
  }
}

import { useCallback, useEffect, useState } from 'react'

/*
 * A page one comes back to, by a way back or by a reload, is as it was left; one that is gone to starts over. A page
 * goes by a name of its own here, its place, as its address may lag behind it.
 */
const { type = 'navigate' } = (performance.getEntriesByType('navigation')[0] ??
  {}) as Partial<PerformanceNavigationTiming>
let back = type !== 'navigate'
/** The places of the browser's history that were come to, by the router's own numbers. */
const visited = new Map<string, string>()
/** The router numbers a place only after it has drawn it, in milliseconds. */
const NUMBERED_MS = 250

const numberHere = (): string | undefined => (history.state as { id?: string } | null)?.id

/** Said by what leads back in the page itself, as the page is drawn before the browser follows. */
export const goingBack = (): void => {
  back = true
}

/** Asked while a page is first drawn. */
export const cameBack = (place: string): boolean => back || visited.get(numberHere() ?? '') === place

/** Called once the page is drawn. */
export function arrived(place: string): () => void {
  back = false
  const timer = setTimeout(() => {
    const number = numberHere()
    if (number) visited.set(number, place)
  }, NUMBERED_MS)
  return () => clearTimeout(timer)
}

const slot = (place: string, name: string): string => `zt.place.${place} ${name}`

export function recall(place: string, name: string): unknown {
  try {
    return JSON.parse(sessionStorage.getItem(slot(place, name)) ?? 'null')
  } catch {
    return null
  }
}

export function remember(place: string, name: string, value: unknown): void {
  try {
    sessionStorage.setItem(slot(place, name), JSON.stringify(value))
  } catch {
    // Without storage a page starts over.
  }
}

/** State of a page that is there again when one comes back to it: what was searched for, picked or opened. */
export function useRemembered<T extends string>(place: string, name: string, first: T): [T, (value: T) => void] {
  const [value, setValue] = useState<T>(() => {
    const left = cameBack(place) ? recall(place, name) : null
    return left === null ? first : (left as T)
  })
  useEffect(() => remember(place, name, value), [place, name, value])
  return [value, useCallback((next: T) => setValue(next), [])]
}

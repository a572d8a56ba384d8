import { usePathname } from 'expo-router'
import { useCallback, useEffect, useState } from 'react'

/*
 * A page one comes back to, by a way back or by a reload, is as it was left; one that is gone to begins anew.
 */
const { type = 'navigate' } = (performance.getEntriesByType('navigation')[0] ??
  {}) as Partial<PerformanceNavigationTiming>
let back = type !== 'navigate'
/** The page is there before the browser has followed. */
let askedFor = false

// Before the router hears of it: it draws at once.
window.addEventListener(
  'popstate',
  () => {
    if (!askedFor) back = true
    askedFor = false
  },
  { capture: true },
)

/** Said by what leads back in the page itself. */
export function goingBack(): void {
  back = true
  askedFor = true
}

/** Asked while a page is first drawn. */
export const cameBack = (): boolean => back

/** Called once the page is drawn. */
export const arrived = (): void => {
  back = false
}

const slot = (path: string, name: string): string => `zt.place.${path} ${name}`

export function recall(path: string, name: string): unknown {
  try {
    return JSON.parse(sessionStorage.getItem(slot(path, name)) ?? 'null')
  } catch {
    return null
  }
}

export function remember(path: string, name: string, value: unknown): void {
  try {
    sessionStorage.setItem(slot(path, name), JSON.stringify(value))
  } catch {
    // Without storage a page begins anew.
  }
}

/** State of a page that is there again when one comes back to it: what was searched for, picked or opened. */
export function useRemembered<T extends string>(name: string, first: T): [T, (value: T) => void] {
  const path = usePathname()
  const [value, setValue] = useState<T>(() => {
    const left = cameBack() ? recall(path, name) : null
    return left === null ? first : (left as T)
  })
  useEffect(() => remember(path, name, value), [path, name, value])
  return [value, useCallback((next: T) => setValue(next), [])]
}

import { useEffect, useState } from 'react'

/** A page one comes back to, by the browser's way back or by a reload, is as it was left; one that is gone to begins anew. */
let backTo: string | null =
  (performance.getEntriesByType('navigation')[0] as PerformanceNavigationTiming | undefined)?.type === 'navigate'
    ? null
    : location.pathname

window.addEventListener('popstate', () => (backTo = location.pathname))

/** Asked while a page is first drawn. */
export const cameBack = (): boolean => backTo === location.pathname

/** Called once the page is drawn. */
export const arrived = (): void => {
  backTo = null
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
  const [path] = useState(location.pathname)
  const [value, setValue] = useState<T>(() => {
    const left = cameBack() ? recall(path, name) : null
    return left === null ? first : (left as T)
  })
  useEffect(() => remember(path, name, value), [path, name, value])
  return [value, setValue]
}

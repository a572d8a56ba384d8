import { useCallback, useSyncExternalStore } from 'react'

const WIDE = '(min-width: 900px)'
/** A phone on its side, or a page enlarged: what stands at an edge would leave no room. */
const SHORT = '(max-height: 480px)'

function useMedia(query: string): boolean {
  const listen = useCallback(
    (tell: () => void) => {
      const media = window.matchMedia(query)
      media.addEventListener('change', tell)
      return () => media.removeEventListener('change', tell)
    },
    [query],
  )
  return useSyncExternalStore(listen, () => window.matchMedia(query).matches)
}

export const useWide = (): boolean => useMedia(WIDE)
export const useShort = (): boolean => useMedia(SHORT)

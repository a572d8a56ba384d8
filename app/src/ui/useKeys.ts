import { useLayoutEffect } from 'react'
import { store } from '@/state/store'

/**
 * Single keys by what they do, unless something is being typed or the shop has switched them off. They are there with the
 * page and not after it: a key may come as soon as there is something to see.
 */
export function useKeys(keys: Readonly<Partial<Record<string, () => void>>>): void {
  useLayoutEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if ((event.target as HTMLElement).closest('input, textarea') || event.ctrlKey || event.metaKey || event.altKey)
        return
      const act = store.getState().shelf.shop.singleKeys ? keys[event.key] : undefined
      if (!act) return
      event.preventDefault()
      act()
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [keys])
}

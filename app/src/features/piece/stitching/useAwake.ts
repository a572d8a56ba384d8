import { useEffect, useState } from 'react'

/** Keeps the screen on while it is asked to; answers whether this browser cannot. */
export function useAwake(on: boolean): { cannot: boolean } {
  const [cannot, setCannot] = useState(false)
  useEffect(() => {
    if (!on) return
    let lock: WakeLockSentinel | null = null
    let gone = false
    const keep = async (): Promise<void> => {
      if (document.visibilityState !== 'visible') return
      try {
        lock = await navigator.wakeLock.request('screen')
        setCannot(false)
        if (gone) await lock.release()
      } catch {
        setCannot(true)
      }
    }
    void keep()
    // A browser lets go of it whenever the page is hidden.
    document.addEventListener('visibilitychange', keep)
    return () => {
      gone = true
      document.removeEventListener('visibilitychange', keep)
      void lock?.release()
    }
  }, [on])
  return { cannot }
}

import { startTransition, useEffect, useState } from 'react'

const PAUSE_MS = 60

const isTyping = (): boolean => document.activeElement?.matches('input:not([type=checkbox]), textarea') ?? false

/**
 * A value that comes after while somebody types: what follows each key at once stays small, and the rest of the page
 * is drawn again when the hand pauses. After a tap it follows at once.
 */
export function useSettled<T>(live: T): T {
  const [settled, setSettled] = useState(live)
  useEffect(() => {
    const timer = setTimeout(() => startTransition(() => setSettled(live)), isTyping() ? PAUSE_MS : 0)
    return () => clearTimeout(timer)
  }, [live])
  return settled
}

import { useEffect, useState } from 'react'

const TICK_MS = 250

/** A number that moves by itself, looked at four times a second while it does. */
export function useTicking(read: () => number, moves: boolean): number {
  const [, tick] = useState(0)
  useEffect(() => {
    if (!moves) return
    const timer = setInterval(() => tick((n) => n + 1), TICK_MS)
    return () => clearInterval(timer)
  }, [moves])
  return read()
}

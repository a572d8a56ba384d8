import type { StitchingProgress } from '@thimble/plan/stitching'
import { useEffect, useRef } from 'react'

const ONCE = [260]
const TWICE = [160, 120, 160]

/** Shakes the phone, where it can, when the needle comes to stand: whoever looks elsewhere feels it. */
export function useShake(state: StitchingProgress['state']): void {
  const before = useRef(state)
  useEffect(() => {
    if (before.current === 'sewing' && state !== 'sewing') navigator.vibrate?.(state === 'standing' ? ONCE : TWICE)
    before.current = state
  }, [state])
}

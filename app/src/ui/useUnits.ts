import { inUnits } from '@thimble/core/words'
import { useCallback } from 'react'
import { useShelf } from '@/state/store'

/** Writes the lengths of a rule's sentence in the shop's units. */
export function useUnits(): (text: string) => string {
  const unit = useShelf((s) => s.shop.unit)
  const fraction = useShelf((s) => s.shop.fraction)
  return useCallback((text) => inUnits(text, { unit, fraction }), [unit, fraction])
}

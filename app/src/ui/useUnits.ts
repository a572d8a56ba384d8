import { inUnits } from '@/words/inUnits'
import { useCallback } from 'react'
import { useDocuments } from '@/state/store'

/** Writes the lengths of a rule's sentence in the shop's units. */
export function useUnits(): (text: string) => string {
  const unit = useDocuments((s) => s.shop.unit)
  const fraction = useDocuments((s) => s.shop.fraction)
  return useCallback((text) => inUnits(text, { unit, fraction }), [unit, fraction])
}

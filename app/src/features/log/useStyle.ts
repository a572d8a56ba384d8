import type { LengthStyle } from '@thimble/core/lengths'
import { useMemo } from 'react'
import { useDocuments } from '@/state/store'

/** How the shop writes lengths. */
export function useStyle(): LengthStyle {
  const unit = useDocuments((s) => s.shop.unit)
  const fraction = useDocuments((s) => s.shop.fraction)
  return useMemo(() => ({ unit, fraction }), [unit, fraction])
}

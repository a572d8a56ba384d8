import type { LengthStyle } from '@thimble/core/lengths'
import { useMemo } from 'react'
import { useShelf } from '@/state/store'

/** How the shop writes lengths. */
export function useStyle(): LengthStyle {
  const unit = useShelf((s) => s.shop.unit)
  const fraction = useShelf((s) => s.shop.fraction)
  return useMemo(() => ({ unit, fraction }), [unit, fraction])
}

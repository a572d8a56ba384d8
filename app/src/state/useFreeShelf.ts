import type { Shelf } from '@thimble/plan'
import { useMemo } from 'react'
import { useReserved } from './useReserved'
import { usePlanShelf } from './useShelfDocs'

/** The shelf as a piece finds it: what other built pieces will take of the backings is not there for it. */
export function useFreeShelf(pieceId: string): Shelf {
  const shelf = usePlanShelf()
  const reserved = useReserved(pieceId)
  // While nothing else is taken it is the same shelf, and no plan is made again.
  const taken = shelf.supplies.map(({ id }) => reserved.get(id)?.amount ?? 0).join()
  return useMemo(() => {
    const amounts = taken.split(',').map(Number)
    if (!amounts.some((amount) => amount > 0)) return shelf
    const supplies = shelf.supplies.map((supply, i) => ({ ...supply, leftMm: supply.leftMm - amounts[i]! }))
    return { ...shelf, supplies }
  }, [shelf, taken])
}

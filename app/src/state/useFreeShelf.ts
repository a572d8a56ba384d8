import type { Shelf } from '@thimble/plan'
import { useMemo } from 'react'
import { useReserved } from './useReserved'
import { useBeside } from './siblings'
import { usePlanShelf } from './useShelfDocs'

/** The shelf as a piece finds it: what other built pieces will take of the backings is not there for it; what else is on its item. */
export function useFreeShelf(pieceId: string): Shelf {
  const shelf = usePlanShelf()
  const reserved = useReserved(pieceId)
  const beside = useBeside(pieceId)
  // While nothing else is taken it is the same shelf, and no plan is made again.
  const taken = shelf.supplies.map(({ id }) => reserved.get(id)?.amount ?? 0).join()
  return useMemo(() => {
    const amounts = taken.split(',').map(Number)
    const free = amounts.some((amount) => amount > 0)
      ? { ...shelf, supplies: shelf.supplies.map((supply, i) => ({ ...supply, leftMm: supply.leftMm - amounts[i]! })) }
      : shelf
    return beside.length > 0 ? { ...free, beside } : free
  }, [shelf, taken, beside])
}

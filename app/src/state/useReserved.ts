import { type Reserved, reservedBy } from '@thimble/plan/takes'
import { useMemo } from 'react'
import { selectBuiltPieces, selectStock } from './stockSelectors'
import { useShelf } from './store'

const none: Reserved = new Map()

/** What built pieces will take of each supply and thread, by its id; `but`: a piece that is not counted. */
export function useReserved(but?: string): Reserved {
  const built = useShelf(selectBuiltPieces)
  const stock = useShelf(selectStock)
  return useMemo(() => {
    const others = built.filter(({ id }) => id !== but)
    return others.length > 0 ? reservedBy(others, stock) : none
  }, [built, stock, but])
}

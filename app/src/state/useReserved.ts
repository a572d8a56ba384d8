import { type Reserved, reservedBy } from '@thimble/plan/consumption'
import { useMemo } from 'react'
import { selectBuiltPieces, selectStock } from './stockSelectors'
import { useDocuments } from './store'

const none: Reserved = new Map()

/** What built pieces will take of each supply and thread, by its id; `but`: a piece that is not counted. */
export function useReserved(but?: string): Reserved {
  const built = useDocuments(selectBuiltPieces)
  const stock = useDocuments(selectStock)
  return useMemo(() => {
    const others = built.filter(({ id }) => id !== but)
    return others.length > 0 ? reservedBy(others, stock) : none
  }, [built, stock, but])
}

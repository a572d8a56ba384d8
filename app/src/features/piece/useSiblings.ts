import type { Piece } from '@thimble/contract'
import { shallowEqual, useSelector } from 'react-redux'
import { type RootState, store } from '@/state/store'

type OnItem = Pick<Piece, 'id' | 'itemId'>

function siblings({ shelf }: RootState, { id, itemId }: OnItem): Piece[] {
  if (!itemId) return []
  const { pieces } = shelf.docs
  return Object.values(pieces).filter((p) => p.itemId === itemId && p.id !== id && !shelf.gone.pieces[p.id])
}

/** Other pieces on the same item. */
export const useSiblings = (piece: OnItem): Piece[] =>
  useSelector((state: RootState) => siblings(state, piece), shallowEqual)

/** The same at this moment, for handlers. */
export const siblingsNow = (piece: OnItem): Piece[] => siblings(store.getState(), piece)

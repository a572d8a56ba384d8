import type { Piece } from '@thimble/contract'
import { shallowEqual, useSelector } from 'react-redux'
import { type RootState, store } from './store'

type OnItem = { id: string; shared: string | null }

function siblings({ shelf }: RootState, { id, shared }: OnItem): Piece[] {
  if (!shared) return []
  const { pieces } = shelf.docs
  return Object.values(pieces).filter((p) => p.item.shared === shared && p.id !== id && !shelf.gone.pieces[p.id])
}

/** Other pieces on the same item. */
export const useSiblings = ({ id, item: { shared } }: Piece): Piece[] =>
  useSelector((state: RootState) => siblings(state, { id, shared }), shallowEqual)

/** The same by a piece’s id. */
export const useBeside = (id: string): Piece[] =>
  useSelector(
    (state: RootState) => siblings(state, { id, shared: state.shelf.docs.pieces[id]?.item.shared ?? null }),
    shallowEqual,
  )

/** The same at this moment, for handlers. */
export const siblingsNow = (piece: OnItem): Piece[] => siblings(store.getState(), piece)

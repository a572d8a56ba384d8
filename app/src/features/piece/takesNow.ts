import type { CollectionName, Docs, Piece, Take } from '@thimble/contract'
import type { PiecePlans, Shelf } from '@thimble/plan'
import { takesOfRecord } from '@thimble/plan/takes'
import { store } from '@/state/store'

function standing<Name extends CollectionName>(name: Name): Docs[Name][] {
  const { docs, gone } = store.getState().shelf
  return (Object.values(docs[name]) as Docs[Name][]).filter(({ id }) => !gone[name][id])
}

/** What a piece's record takes of the stash as both stand this moment. */
export const takesNow = (piece: Piece, plans: PiecePlans, shelf: Shelf): Take[] =>
  takesOfRecord(
    piece,
    plans,
    { ...shelf, supplies: standing('supplies'), threads: standing('threads') },
    standing('bobbins'),
  )

import type { Account, MovementKind } from '@thimble/contract'
import { create } from '../sync/changes'
import { undoable } from '../state/documents'
import { leftWithOwn } from '../state/leftWithOwn'
import { store, useDocuments } from '../state/store'
import { nanoid } from 'nanoid'

type Stock = { id: string; name: string; revision: number }
/** What came in or went out, or what was found. */
type Moved = { kind: MovementKind; amount?: number; found?: number; note?: string }

/** Writes down what moved of a thing, with a way back for a while. */
export function moveStock(of: Account, { id: ofId, name }: Stock, moved: Moved, says: string): void {
  const now = new Date().toISOString()
  const id = nanoid()
  create('movements', {
    ...{ id, createdAt: now, updatedAt: now, revision: 0, name, of, ofId },
    ...{ amount: 0, found: null, piece: null, factor: 1, note: '' },
    ...moved,
  })
  store.dispatch(undoable({ says, back: [{ kind: 'delete', resource: 'movements', id }] }))
}

/** What is left of a thing as it stands on this device. */
export function useLeft(of: Account, thing: Stock, left: number | null): number | null {
  const own = useDocuments((s) => s.docs.movements)
  const gone = useDocuments((s) => s.gone.movements)
  return leftWithOwn(
    left,
    thing,
    Object.values(own).filter((m) => m.of === of && !gone[m.id]),
  )
}

import { many } from '@thimble/language/en/counts'
import { orders as t } from '@thimble/language/en/orders'
import type { Patch, Piece } from '@thimble/contract'
import type { Stock } from '@thimble/plan/consumption'
import { type Alike, recordAlike, stockAfter } from '@thimble/plan/orders'
import { patchUndoably } from '@/sync/changes'
import { documentsPresent } from '@/state/documentsPresent'
import { store } from '@/state/store'

/** Everything a record rests on, as it is this moment. */
function stockNow() {
  const { shop, docs, record } = store.getState().shelf
  return {
    ...{ shop, designs: docs.designs, ...(record ? { record } : {}) },
    ...{
      machines: documentsPresent('machines'),
      hoops: documentsPresent('hoops'),
      supplies: documentsPresent('supplies'),
    },
    ...{ threads: documentsPresent('threads'), corrections: documentsPresent('corrections') },
  }
}

/** Records pieces alike, one after another as each takes of what the last one left, and then keeps all of them. */
export async function recordAll(
  pieces: readonly Piece[],
  alike: Alike,
  onDone: (count: number) => void,
): Promise<void> {
  const at = new Date().toISOString()
  const [bobbins, events] = [documentsPresent('bobbins'), documentsPresent('runEvents')]
  const bodies = new Map<string, Patch<Piece>>()
  let stock: Stock = stockNow()
  for (const piece of pieces) {
    const found = recordAlike(piece, alike, { stock, bobbins, events, at })
    if (!found)
      throw new Error(`${piece.name}: design, layers or hoop are missing. Choose them on the piece, or leave it out.`)
    bodies.set(piece.id, found.body)
    stock = stockAfter(stock, found.took)
    onDone(bodies.size)
    // The page answers meanwhile.
    await new Promise((resolve) => setTimeout(resolve))
  }
  patchUndoably([...bodies.keys()], (id) => bodies.get(id)!, t('in-the-log-2', { many: many(bodies.size, 'piece') }))
}

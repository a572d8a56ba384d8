import { type Message } from '@thimble/core/messages'
import type { Basis, Piece } from '@thimble/contract'
import { preparation, preparationStep } from '@thimble/core/marking'

/** A step before the tape goes on, as it is worded today, and whether it is done. */
type Preparing = { id: string; said: Message; ticked: boolean }

type Lies = { item: { tube: { width: number } | null } } | null

/** What makes the piece ready: as it was noted once its marks were decided, else as cloth, use and habits ask now. */
export function preparing({ measure }: Pick<Piece, 'measure'>, basis: Basis, placement: Lies): Preparing[] {
  const [kept] = measure.reopened ? [] : measure.kept
  const { cloth, use, habits } = basis
  const tubeWidth = placement?.item.tube?.width ?? null
  const noted =
    kept?.prepared ??
    preparation({ ...cloth, laundering: use.laundering, tubeWidth, bulk: habits.smallGarmentBulk }).map((id) => ({
      id,
      ticked: measure.marked[id] ?? false,
    }))
  return noted.flatMap(({ id, ticked }) => {
    const said = preparationStep(id)
    return said ? [{ id, said, ticked }] : []
  })
}

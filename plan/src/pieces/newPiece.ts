import { Piece } from '@thimble/contract'
import type { ClothFamily } from '@thimble/core/recipe'

/** What a piece begins with; all else has its default in the schema. */
export type PieceStart = Pick<Piece, 'id' | 'name' | 'createdAt'> & {
  item: Partial<Piece['item']> & Pick<Piece['item'], 'kind' | 'size'>
  placement: string
  family: ClothFamily
  customer?: string
}

/** A new piece with nothing measured, decided or done. @throws ZodError for a placement that the item does not have */
export function newPiece({ placement, family, ...start }: PieceStart): Piece {
  return Piece.parse({ ...start, updatedAt: start.createdAt, measure: { placement }, build: { cloth: { family } } })
}

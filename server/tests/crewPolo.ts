import { type Patch, Piece, Shop } from '@thimble/contract'
import { decideStage, newPiece, planPiece, type Shelf } from '@thimble/plan'
import { apply } from 'json-merge-patch'

const at = '2026-11-20T08:00:00.000Z'

/** A polo nothing was decided of, with `patch` laid over it. */
export function crewPolo(id: string, patch: Patch<Piece> = {}): Piece {
  const blank = newPiece({
    ...{ id, name: 'Crew polo', createdAt: at },
    ...{ item: { kind: 'polo', size: 'm' }, placement: 'left-chest', family: 'pique' },
  })
  return Piece.parse(apply(structuredClone(blank), patch))
}

const emptyShelf: Shelf = { shop: Shop.parse({}), designs: {}, machines: [], hoops: [], supplies: [] }

/** What marks its record done at `when`. */
export const recorded = (piece: Piece, when: string): Patch<Piece> =>
  decideStage(piece, 'finish', planPiece(piece, emptyShelf), when)!

/** The piece finished at `when`, by its record alone. */
export const finished = (piece: Piece, when: string): Piece =>
  Piece.parse(apply(structuredClone(piece), recorded(piece, when)))

import type { Piece } from '@thimble/contract'
import type { KnownUse } from '@thimble/core/placement'
import { kindOf } from './kindOf'

/** Sizes that are an infant's whatever the item. */
const INFANT = 'infant'

/** What follows from the item and its size, and is not asked: a bodysuit is worn next to skin, a bib is an infant's. */
export function knownUse(piece: Pick<Piece, 'item'>): KnownUse {
  const { use, worn } = kindOf(piece)
  return { ...use, ...(worn && piece.item.size === INFANT ? { infant: true } : {}) }
}

/** What becomes of a piece: as it was said, and as it follows from what it is. */
export const intendedUse = (
  piece: Pick<Piece, 'item'> & { build: Pick<Piece['build'], 'use'> },
): Piece['build']['use'] => ({
  ...piece.build.use,
  ...knownUse(piece),
})

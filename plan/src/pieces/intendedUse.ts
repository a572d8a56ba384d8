import type { Piece } from '@thimble/contract'
import type { KnownUse } from '@thimble/core/placement'
import { kindOf } from './kindOf'

/** Sizes that are an infant's whatever the item. */
const INFANTS = new Set(['infant', 'toddler'])

type Whereon = Pick<Piece, 'item'> & { measure: Pick<Piece['measure'], 'placement'> }

/**
 * What follows from the item, its size and where the design goes, and is not asked: a bodysuit is worn next to skin, a bib
 * is an infant's, a cuff is doubled.
 */
export function knownUse(piece: Whereon): KnownUse {
  const { use, worn, placements } = kindOf(piece)
  const there = placements.find(({ id }) => id === piece.measure.placement)
  return { ...use, ...there?.use, ...(worn && INFANTS.has(piece.item.size) ? { infant: true } : {}) }
}

/** What becomes of a piece: as it was said, and as it follows from what it is. */
export const intendedUse = (piece: Whereon & { build: Pick<Piece['build'], 'use'> }): Piece['build']['use'] => ({
  ...piece.build.use,
  ...knownUse(piece),
})

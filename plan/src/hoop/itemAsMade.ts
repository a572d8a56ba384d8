import type { Piece } from '@thimble/contract'
import { CoreError } from '@thimble/core/errors'
import { type ItemShape, placementRule } from '@thimble/core/placement'
import { kindOf } from '../pieces/kindOf'

/**
 * The item as its kind makes it from the numbers measured: what of it goes on beyond what was kept of its drawing, and its
 * reference lines. Null where the numbers make none any more.
 */
export function itemAsMade(
  piece: Pick<Piece, 'item' | 'measure'>,
  measures: Readonly<Record<string, number>>,
): ItemShape | null {
  const kind = kindOf(piece)
  const rule = placementRule(kind, piece.measure.placement)
  try {
    return rule.view ? rule.view(measures, piece.measure.choices) : kind.shape(measures)
  } catch (error) {
    if (error instanceof CoreError) return null
    throw error
  }
}

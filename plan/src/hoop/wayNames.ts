import { planning as t } from '@thimble/language/en/planning'
import type { Piece } from '@thimble/contract'
import type { Way } from '@thimble/core/hooping'
import { placementRule } from '@thimble/core/placement'
import { writeName } from '@thimble/language'
import type { Marked } from '../measure/placed'
import { kindOf } from '../pieces/kindOf'

/** What the item’s four ways are called at the machine, by how it lies with its top away from the worker. */
export function wayNames(piece: Pick<Piece, 'item' | 'measure'>, { placed }: Marked): Record<Way, string> {
  const kind = kindOf(piece)
  const up = writeName(placementRule(kind, piece.measure.placement).upIs).replace(/^the /, '')
  const down = kind.worn ? t('hem') : placed?.item.tube ? t('foot') : t('lower-edge')
  return { up, down: up === down ? t('other-end') : down, left: t('left-side'), right: t('right-side') }
}

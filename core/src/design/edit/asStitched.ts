import type { Design } from '../design'
import { changeDesign } from './changeDesign'
import type { DesignChange } from './designChange'
import { reorderDesign } from './reorderDesign'

/** What was done to a design since it was read; `own`: what one piece does to it after that. */
export type Edits = {
  change: DesignChange
  order: readonly number[] | null
  colours: string[]
  own?: DesignChange | null
}

const isSame = ({ scale, rotate, mirror }: DesignChange): boolean => scale === 1 && rotate === 0 && mirror === 'none'

/**
 * The design as it is stitched: in its order, in its colours, changed, and changed once more by the piece.
 *
 * @throws CoreError('too-much-scale') as `changeDesign`
 * @example asStitched(design, { change: { scale: 1, rotate: 90, mirror: 'none' }, order: [1, 0], colours: ['#112233'] })
 * // turned, its second block first and in that colour
 */
export function asStitched(design: Design, { change, order, colours, own = null }: Edits): Design {
  const ordered = order && order.length === design.blocks.length ? reorderDesign(design, order) : design
  const coloured = {
    ...ordered,
    blocks: ordered.blocks.map((block, i) => ({ ...block, colour: colours[i] ?? block.colour })),
  }
  const changed = isSame(change) ? coloured : changeDesign(coloured, change)
  return own && !isSame(own) ? changeDesign(changed, own) : changed
}

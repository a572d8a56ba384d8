import type { DesignCard } from '@thimble/contract'
import type { Design } from '@thimble/core/design'
import { changeDesign, reorderDesign } from '@thimble/core/design/work'

export type Edits = Pick<DesignCard, 'change' | 'order' | 'colours'>

/** The design as it is stitched: changed, in its order, in its colours. */
export function editDesign(design: Design, { change, order, colours }: Edits): Design {
  const ordered = order && order.length === design.blocks.length ? reorderDesign(design, order) : design
  const blocks = ordered.blocks.map((block, i) => ({ ...block, colour: colours[i] ?? block.colour }))
  const same = change.scale === 1 && change.rotate === 0 && change.mirror === 'none'
  return same ? { ...ordered, blocks } : changeDesign({ ...ordered, blocks }, change)
}

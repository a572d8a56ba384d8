import { type BlockPair, blockOverlaps, type OrderedBlock } from './blockOverlaps'
import { changesIn } from './changesIn'
import { exactOrder, MOST_EXACT } from './exactOrder'
import { exactPatchOrder } from './exactPatchOrder'
import { fewestRuns } from './fewestRuns'
import { patchBits } from './patchBits'
import { rankOf } from './patchRoles'
import { searchOrder } from './searchOrder'

/** `order` holds the indices of the blocks in the order to stitch them; a halt for cloth within one colour is a change. */
export type ColourOrder = { order: number[]; changes: number; originalChanges: number; optimal: boolean }

/**
 * The order of blocks with the fewest colour changes that keeps what lies on top on top: a block stays after an earlier
 * one when their stitched areas touch (cells of 2 mm, grown by their neighbours), same colour or not. Among the best
 * the one nearest the original, counted in pairs turned round. The first threading is no change. Blocks of a patch keep
 * placement, tack, cover; where the machine stops between two blocks of one colour to have cloth laid or trimmed, that is a
 * change too, so patches are placed, laid and trimmed together where they can be.
 *
 * Source: core.md section 7. Proven least for up to 16 blocks, and beyond where it meets the lower bound.
 *
 * @param blocks needle points in the design frame; `moves` and `outlines` are heeded where they are given
 * @param apart blocks that the worker says do not touch, near as they lie: these may change places
 * @example planColourOrder([red here, blue far off, red here]) // order 0, 2, 1; changes 1 of 2
 */
export function planColourOrder(
  blocks: OrderedBlock[],
  { apart = [] }: { apart?: readonly BlockPair[] } = {},
): ColourOrder {
  const colours = blocks.map((b) => b.colour.toLowerCase())
  const patches = patchBits(blocks)
  const asDrawn = blocks.map((_, i) => i)
  const changesOf = (order: readonly number[]): number =>
    changesIn(
      order.map((i) => colours[i]!),
      patches && order.map((i) => patches[i]!),
    )
  const originalChanges = changesOf(asDrawn)
  const same = { order: asDrawn, changes: originalChanges, originalChanges, optimal: true }
  if (originalChanges < Math.max(1, new Set(colours).size)) return same
  const kinds = [...new Set(colours)]
  const numbers = colours.map((c) => kinds.indexOf(c))
  const free = (i: number, j: number): boolean => apart.some(([a, b]) => (a === i && b === j) || (a === j && b === i))
  const after = blockOverlaps(blocks).map((earlier, j) => {
    const kept = earlier.filter((i) => !free(i, j))
    return [...new Set([...kept, ...sewnBefore(blocks, j)])]
  })
  if (blocks.length <= MOST_EXACT) {
    const order = patches ? exactPatchOrder(numbers, after, patches) : exactOrder(numbers, after)
    return { order, changes: changesOf(order), originalChanges, optimal: true }
  }
  const order = searchOrder(numbers, after, patches)
  const changes = changesOf(order)
  const atLeast = fewestRuns(numbers, after) - 1
  if (changes >= originalChanges) return { ...same, optimal: originalChanges === atLeast }
  return { order, changes, originalChanges, optimal: changes === atLeast }
}

/** Earlier blocks of the same patch that come before block `j`. */
function sewnBefore(blocks: readonly OrderedBlock[], j: number): number[] {
  const [later, rank] = [blocks[j]!, rankOf(blocks[j]!)]
  if (rank === null) return []
  return blocks.slice(0, j).flatMap((one, i) => {
    const earlier = one.patch === later.patch ? rankOf(one) : null
    return earlier !== null && earlier < rank ? [i] : []
  })
}

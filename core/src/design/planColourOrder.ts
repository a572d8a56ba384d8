import { type BlockPair, blockOverlaps, type OrderedBlock } from './blockOverlaps'
import { changesIn } from './changesIn'
import { exactOrder, MOST_EXACT } from './exactOrder'
import { fewestRuns } from './fewestRuns'
import { searchOrder } from './searchOrder'

/** `order` holds the indices of the blocks in the order to stitch them. */
export type ColourOrder = { order: number[]; changes: number; originalChanges: number; optimal: boolean }

/**
 * The order of blocks with the fewest colour changes that keeps what lies on top on top: a block stays after an earlier
 * one when their stitched areas touch (cells of 2 mm, grown by their neighbours), same colour or not. Among the best
 * the one nearest the original, counted in pairs turned round. The first threading is no change.
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
  const originalChanges = changesIn(colours)
  const same = { order: blocks.map((_, i) => i), changes: originalChanges, originalChanges, optimal: true }
  if (originalChanges < Math.max(1, new Set(colours).size)) return same
  const kinds = [...new Set(colours)]
  const numbers = colours.map((c) => kinds.indexOf(c))
  const free = (i: number, j: number): boolean => apart.some(([a, b]) => (a === i && b === j) || (a === j && b === i))
  const after = blockOverlaps(blocks).map((earlier, j) => earlier.filter((i) => !free(i, j)))
  const changesOf = (order: number[]): number => changesIn(order.map((i) => colours[i]!))
  if (blocks.length <= MOST_EXACT) {
    const order = exactOrder(numbers, after)
    return { order, changes: changesOf(order), originalChanges, optimal: true }
  }
  const order = searchOrder(numbers, after)
  const changes = changesOf(order)
  const atLeast = fewestRuns(numbers, after) - 1
  if (changes >= originalChanges) return { ...same, optimal: originalChanges === atLeast }
  return { order, changes, originalChanges, optimal: changes === atLeast }
}

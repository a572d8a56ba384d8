import { ones } from './exactOrder'
import { type Cloth, clothAfter, clothDue, NO_CLOTH, type PatchBits } from './patchBits'

/**
 * As `exactOrder`, for a design with patches: a halt for cloth between two blocks of one colour counts as a change. What is
 * laid and trimmed depends on how one came to a set of blocks, and so belongs to the state.
 *
 * @param patches for each block what it does for which patch
 */
export function exactPatchOrder(
  colours: readonly number[],
  after: readonly number[][],
  patches: readonly PatchBits[],
): number[] {
  const n = colours.length
  const needs = after.map((list) => list.reduce((bits, i) => bits | (1 << i), 0))
  const CHANGE = 1024
  const full = (1 << n) - 1
  const known = new Map<string, { cost: number; pick: number }>()

  const best = (mask: number, held: number, cloth: Cloth): { cost: number; pick: number } => {
    if (mask === full) return { cost: 0, pick: -1 }
    const key = `${mask},${held},${cloth.laid},${cloth.trimmed}`
    const seen = known.get(key)
    if (seen) return seen
    let found = { cost: Infinity, pick: -1 }
    for (let j = 0; j < n; j++) {
      if (mask & (1 << j) || needs[j]! & ~mask) continue
      const stops = mask !== 0 && (colours[j] !== held || clothDue(cloth, patches[j]!))
      const here = (stops ? CHANGE : 0) + ones(~mask & ((1 << j) - 1))
      if (here >= found.cost) continue
      const { cost } = best(mask | (1 << j), colours[j]!, clothAfter(cloth, patches[j]!))
      if (here + cost < found.cost) found = { cost: here + cost, pick: j }
    }
    known.set(key, found)
    return found
  }

  const order: number[] = []
  let [mask, held, cloth] = [0, -1, NO_CLOTH]
  while (mask !== full) {
    const { pick } = best(mask, held, cloth)
    order.push(pick)
    mask |= 1 << pick
    held = colours[pick]!
    cloth = clothAfter(cloth, patches[pick]!)
  }
  return order
}

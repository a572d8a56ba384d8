/** Up to this many blocks every order that keeps the overlaps is weighed. */
export const MOST_EXACT = 16

/**
 * The order with the fewest changes, and of those the one with the fewest pairs turned round against the original;
 * of equals the first in the original's order. Dynamic programme over the sets of blocks already stitched and the
 * colour in the needle.
 *
 * @param colours colour number of each block
 * @param after for each block the blocks it stays after
 */
export function exactOrder(colours: readonly number[], after: readonly number[][]): number[] {
  const n = colours.length
  const kinds = Math.max(...colours) + 1
  const needs = after.map((list) => list.reduce((bits, i) => bits | (1 << i), 0))
  const CHANGE = 1024
  const rest = new Int32Array((1 << n) * kinds).fill(-1)
  const cost = (mask: number, held: number, j: number): number =>
    (held >= 0 && colours[j] !== held ? CHANGE : 0) + ones(~mask & ((1 << j) - 1))
  const allowed = (mask: number, j: number): boolean => (mask & (1 << j)) === 0 && (needs[j]! & ~mask) === 0
  const full = (1 << n) - 1
  for (let mask = full; mask > 0; mask--)
    for (let held = 0; held < kinds; held++) {
      let best = mask === full ? 0 : Infinity
      for (let j = 0; j < n; j++) {
        if (!allowed(mask, j)) continue
        const next = rest[(mask | (1 << j)) * kinds + colours[j]!]!
        if (next >= 0 && next + cost(mask, held, j) < best) best = next + cost(mask, held, j)
      }
      if (best < Infinity) rest[mask * kinds + held] = best
    }
  const order: number[] = []
  for (let mask = 0, held = -1; mask !== full; ) {
    let pick = -1
    let best = Infinity
    for (let j = 0; j < n; j++) {
      if (!allowed(mask, j)) continue
      const whole = rest[(mask | (1 << j)) * kinds + colours[j]!]! + cost(mask, held, j)
      if (whole < best) [pick, best] = [j, whole]
    }
    order.push(pick)
    mask |= 1 << pick
    held = colours[pick]!
  }
  return order
}

/** How many bits are set. */
export function ones(bits: number): number {
  let count = 0
  for (let rest = bits; rest !== 0; rest &= rest - 1) count++
  return count
}

/** What a sum of products may be off by in its last digits, so that a half that was meant is one. */
const SLACK = 1e-9

export const roundHalfUp = (value: number): number => Math.floor(value + 0.5 + SLACK)

/**
 * Parts as whole numbers that sum to `whole`: each rounded down, and what is left over one by one to those that lost the
 * most (largest remainders); of equals to the first.
 *
 * @example shareOut([33.4, 33.3, 33.3], 100) // [34, 33, 33]
 */
export function shareOut(parts: readonly number[], whole: number): number[] {
  const down = parts.map((part) => Math.floor(part + SLACK))
  const over = whole - down.reduce((sum, part) => sum + part, 0)
  const byLoss = parts
    .map((part, i) => ({ i, lost: part - down[i]! }))
    .sort((a, b) => b.lost - a.lost || a.i - b.i)
    .slice(0, over)
  for (const { i } of byLoss) down[i]!++
  return down
}

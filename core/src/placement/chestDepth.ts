/**
 * How far below the neck-side shoulder point a chest design's centre sits, by the flat chest width.
 * Craft.md section 2: infant 75-90, child 115-140, small 150-165, adult 178-200 mm; between them it grows evenly.
 */
const knots: readonly (readonly [number, number])[] = [
  [240, 80],
  [380, 128],
  [480, 158],
  [540, 190],
  [600, 198],
  [740, 210],
]

/** @example chestDepth(540) // 190 */
export function chestDepth(chestWidth: number): number {
  const [first, last] = [knots[0]!, knots[knots.length - 1]!]
  if (chestWidth <= first[0]) return (first[1] * chestWidth) / first[0]
  if (chestWidth >= last[0]) return last[1]
  const right = knots.findIndex(([width]) => width >= chestWidth)
  const [x0, y0] = knots[right - 1]!
  const [x1, y1] = knots[right]!
  return y0 + ((chestWidth - x0) / (x1 - x0)) * (y1 - y0)
}

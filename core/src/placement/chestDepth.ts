/**
 * How far below the neck-side shoulder point a chest design's centre sits, by the flat chest of a tee.
 * Craft.md section 2: infant 75-90, child 115-140, adult S 165-175, M 178-200 mm; at most 12 mm from one size to the next.
 */
const knots: readonly (readonly [number, number])[] = [
  [255, 90],
  [278, 101.6],
  [300, 113.2],
  [340, 124.9],
  [380, 136.5],
  [420, 148.1],
  [450, 159.8],
  [490, 171.4],
  [530, 183],
  [570, 191],
  [610, 197],
  [660, 201],
  [710, 210],
]

/**
 * @param ease how much wider than a tee the garment is cut
 * @example chestDepth(540, 540 / 530) // 183, of a polo of size M
 */
export function chestDepth(chestWidth: number, ease = 1): number {
  const chest = chestWidth / ease
  const [first, last] = [knots[0]!, knots[knots.length - 1]!]
  if (chest <= first[0]) return (first[1] * chest) / first[0]
  if (chest >= last[0]) return last[1]
  const right = knots.findIndex(([width]) => width >= chest)
  const [x0, y0] = knots[right - 1]!
  const [x1, y1] = knots[right]!
  return y0 + ((chest - x0) / (x1 - x0)) * (y1 - y0)
}

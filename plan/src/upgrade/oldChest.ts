import type { Piece, Shop } from '@thimble/contract'
import type { MeasurePlan } from '../measure/planMeasure'

/** How far below the shoulder point a chest design lay before pieces had stages, by the flat chest, in mm. */
const knots: readonly (readonly [number, number])[] = [
  [240, 80],
  [380, 128],
  [480, 158],
  [540, 190],
  [600, 198],
  [740, 210],
]

function oldDepth(chest: number): number {
  const [first, last] = [knots[0]!, knots.at(-1)!]
  if (chest <= first[0]) return (first[1] * chest) / first[0]
  if (chest >= last[0]) return last[1]
  const right = knots.findIndex(([width]) => width >= chest)
  const [[x0, y0], [x1, y1]] = [knots[right - 1]!, knots[right]!]
  return y0 + ((chest - x0) / (x1 - x0)) * (y1 - y0)
}

/** Distances with the chest's depth as it was usual then; null: another rule, or the worker's own number, told it. */
export function oldChest(
  { measure: { placement, distances } }: Pick<Piece, 'measure'>,
  { measures }: Pick<MeasurePlan, 'measures'>,
  { chestRule }: Shop['habits'],
): Piece['measure']['distances'] | null {
  if (chestRule !== 'shoulder-point' || !/^(left|right)-chest$/.test(placement)) return null
  if (distances.down || !measures.chestWidth) return null
  const mm = Math.min(oldDepth(measures.chestWidth), measures.shoulderToUnderarm ?? Infinity)
  return { ...distances, down: { text: String(Math.round(mm)), unit: 'mm' } }
}

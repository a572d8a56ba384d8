import type { Point, Pose } from '../../plane/point'
import type { ConvexField } from '../fields/convexField'
import { worstAt } from '../reach'
import { turnHull } from '../turnedHull'

const TOUCH = 5e-7
/** Smaller than this a design is another design: its stitches crowd. */
const LEAST = 0.8

/** The largest scale from 0.8 up to 1, about the design's origin, that fits at the pose; null where none does. */
export function leastScale(field: ConvexField, hull: readonly Point[], { x, y, rotation }: Pose): number | null {
  const turned = turnHull(hull, rotation)
  const fits = (factor: number): boolean => {
    const scaled = { ...turned, xs: turned.xs.map((v) => v * factor), ys: turned.ys.map((v) => v * factor) }
    return worstAt(field, scaled, x, y).clearance >= -TOUCH
  }
  if (!fits(LEAST)) return null
  let [low, high] = [LEAST, 1]
  while (high - low > 1e-9) {
    const middle = (low + high) / 2
    if (fits(middle)) low = middle
    else high = middle
  }
  return low
}

import type { Point } from '../plane/point'
import { convexHull } from '../plane/convexHull'
import { shrunkenField } from './fields/shrunkenField'
import type { HoopField } from './hoopField'
import { roomyCentre } from './roomyCentre'
import { turnHull } from './turnedHull'

const [LEAST, MOST, STEPS] = [0.01, 100, 40]

type ScaleToFit = { hull: Point[]; field: HoopField; margin?: number; rotations?: readonly number[] }

/**
 * The largest scale of a design, about its middle, at which some centre in the field takes it with `margin` to spare: to
 * 0.01 %, never over. 0 where nothing of it goes in.
 *
 * @param hull millimetres, design frame
 * @param rotations turns in degrees at which it may be loaded, of which the best counts; upright alone where left out
 * @example scaleToFit({ hull: rectangle(80, 60), field: { shape: 'rect', width: 120, height: 120, cornerRadius: 0 } }) // 1.5
 */
export function scaleToFit({ hull, field, margin = 0, rotations = [0] }: ScaleToFit): number {
  return Math.max(...rotations.map((turn) => scaleAt(turn, { hull, field, margin })))
}

function scaleAt(turn: number, { hull, field, margin }: Required<Omit<ScaleToFit, 'rotations'>>): number {
  const outline = convexHull(hull)
  const room = shrunkenField(field, margin)
  const fits = (scale: number): boolean =>
    roomyCentre(
      room,
      turnHull(
        outline.map((p) => ({ x: p.x * scale, y: p.y * scale })),
        turn,
      ),
    ) !== null
  let [low, high] = [LEAST, MOST]
  if (!fits(low)) return 0
  for (let i = 0; i < STEPS; i++) {
    const middle = Math.sqrt(low * high)
    if (fits(middle)) low = middle
    else high = middle
  }
  return Math.floor(low * 10_000 + 1e-6) / 10_000
}

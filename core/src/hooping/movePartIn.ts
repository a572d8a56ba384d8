import { message } from '../messages'
import { convexHull } from '../plane/convexHull'
import { gapVector } from '../plane/gapVector'
import { gapBetween } from '../plane/polygonDistance'
import { rotatePoint } from '../plane/point'
import { type DesignPart, inTheDesign, type Remedy } from './correction/remedies'
import { shrunkenField } from './fields/shrunkenField'
import type { HoopField } from './hoopField'
import { reachOf } from './reach'
import { turnHull } from './turnedHull'

type MovePartIn = {
  field: HoopField
  parts: readonly DesignPart[]
  /** How the design is turned in the hoop, degrees clockwise. */
  rotation: number
  margin?: number
}
type MovedPart = Extract<Remedy, { kind: 'move-part' }>

/**
 * The part of a grouped design that is moved by the least, the others staying as they lie to each other, so that a field
 * takes the whole; null where no one part would do.
 *
 * @param parts millimetres, design frame
 * @example a badge 60 high and a name 20 high, 110 from top to foot, in a field 100 high: one of them by 10 toward the other
 */
export function movePartIn({ field, parts, rotation, margin = 0 }: MovePartIn): MovedPart | null {
  const room = shrunkenField(field, margin)
  const centres = (some: readonly DesignPart[]) =>
    reachOf(room, turnHull(convexHull(some.flatMap(({ hull }) => hull)), rotation))
  const moves = parts.flatMap((part): MovedPart[] => {
    const [its, others] = [centres([part]), centres(parts.filter((one) => one !== part))]
    if (its.length === 0 || others.length === 0 || gapBetween(others, its) === 0) return []
    const { x: dx, y: dy } = rotatePoint(gapVector(others, its), -rotation)
    const said = message('remedy.move-part', { part: { own: part.name }, way: inTheDesign(dx, dy) })
    return [{ kind: 'move-part', part: part.id, dx, dy, said }]
  })
  return moves.sort((a, b) => Math.hypot(a.dx, a.dy) - Math.hypot(b.dx, b.dy))[0] ?? null
}

import { boxOf } from '../plane/box'
import { convexHull } from '../plane/convexHull'
import type { Point } from '../plane/point'
import { shrunkenField } from './fields/shrunkenField'
import type { HoopField } from './hoopField'
import { roomyCentre } from './roomyCentre'
import { turnHull } from './turnedHull'

/**
 * How a design that is too long for a field falls into hoopings by its own parts: along its length, as many parts at once as
 * the field takes. Null where it is not made of parts, or one part alone does not go in.
 *
 * @param parts hulls in the design frame, mm
 * @returns for each hooping the indices of its parts
 */
export function partHoopings(
  parts: readonly Point[][],
  field: HoopField,
  rotations: readonly number[],
  margin: number,
): number[][] | null {
  if (parts.length < 2) return null
  const room = shrunkenField(field, margin)
  const goesIn = (group: readonly number[]): boolean => {
    const hull = convexHull(group.flatMap((i) => parts[i]!))
    return rotations.some((rotation) => roomyCentre(room, turnHull(hull, rotation)) !== null)
  }
  const groups: number[][] = []
  for (const part of alongTheLength(parts)) {
    const last = groups.at(-1)
    if (last && goesIn([...last, part])) last.push(part)
    else if (goesIn([part])) groups.push([part])
    else return null
  }
  return groups
}

function alongTheLength(parts: readonly Point[][]): number[] {
  const whole = boxOf(parts.flat())
  const across = whole.right - whole.left >= whole.bottom - whole.top
  const middle = (i: number): number => {
    const box = boxOf(parts[i]!)
    return across ? box.left + box.right : box.top + box.bottom
  }
  return parts.map((_, i) => i).sort((a, b) => middle(a) - middle(b))
}

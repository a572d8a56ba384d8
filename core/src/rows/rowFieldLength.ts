import { CoreError } from '../errors'
import type { HoopField } from '../hooping/hoopField'
import { roomInHoop } from '../hooping/placeInHoop'
import { boxOf, rectangle } from '../plane/box'

/**
 * The longest stretch of a row, `height` mm high, that a field sews in one hooping, turned whichever way takes more;
 * 0 when the height alone is too much. `spare` is kept free at both ends of the stretch.
 *
 * @example a field of 260 x 160 with square corners and a row 40 high: 260; with 5 spare at each end 250
 */
export function rowFieldLength(field: HoopField, height: number, spare = 0): number {
  const box = field.shape === 'polygon' ? boxOf(field.points) : null
  const [width, high] = sizeOf(field)
  const pose = box ? { x: (box.left + box.right) / 2, y: (box.top + box.bottom) / 2 } : { x: 0, y: 0 }
  const longest = (most: number, turn: 0 | 90): number => {
    const fits = (length: number): boolean => {
      try {
        return roomInHoop({ hull: rectangle(length, height), field, pose: { ...pose, rotation: turn } }).fits
      } catch (error) {
        if (error instanceof CoreError) return false
        throw error
      }
    }
    if (fits(most)) return most
    let [least, bound] = [0, most]
    for (let i = 0; i < 24; i++) {
      const middle = (least + bound) / 2
      if (middle > 0 && fits(middle)) least = middle
      else bound = middle
    }
    return least < 0.01 ? 0 : least
  }
  return Math.max(0, Math.max(longest(width, 0), longest(high, 90)) - 2 * spare)
}

function sizeOf(field: HoopField): [number, number] {
  if (field.shape !== 'polygon') return [field.width, field.height]
  const { left, right, top, bottom } = boxOf(field.points)
  return [right - left, bottom - top]
}

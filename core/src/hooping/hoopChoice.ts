import type { Advice } from '../advice'
import type { Point, Pose } from '../plane/point'
import type { HoopField } from './hoopField'
import type { HoopFit } from './placeInHoop'

/** A hoop on the shelf: its sewing field, its ring's outside, and where the notches cross seen from the field. */
export type HoopChoiceSource = {
  id: string
  name: string
  field: HoopField
  outside: { width: number; height: number }
  notchOffset?: Point
  clamp?: boolean
  maxThicknessMm?: number
}

/**
 * One hoop judged. `pose`: the design in the hoop, nearest to the field's middle where the ring can lie; `move`, `fit`: how
 * far that is off the middle and what room it has there, of several the farthest off. `clothBeyondRing`: least cloth outside the ring in mm.
 */
export type HoopChoice = {
  hoop: string
  fits: boolean
  rotation: number
  pose: Pose
  /** The same at each place that is hooped: of a row, one for each of its groups. */
  poses: Pose[]
  move: Point
  fit: HoopFit
  spareArea: number
  clothBeyondRing: number | null
  ringInside: boolean
  hoopings: number
  /** Where a long design is hooped by its parts: the parts of each hooping. */
  parts: number[][] | null
  /** Where what is sewn at once lies on the item: the design, or the first group of a row. */
  target: Pose | null
  /** Width and height of what is sewn at once: the design, or the widest group of a row. */
  size: { width: number; height: number }
  reasons: Advice[]
}

import type { LengthStyle } from '../lengths/units'
import type { NoSewZone } from '../placement/itemShape'
import type { Point, Pose } from '../plane/point'
import type { HoopChoiceSource } from './hoopChoice'

/**
 * `hull` in the design frame; `target` and the item's outline, zones and tube in the item frame, when the design
 * goes on an item. `rotations`: turns the loading allows, the best first (default 0, 90, 180, 270). `holding` 'hooped',
 * 'clamped' or 'backing-under' puts the cloth in the ring, so that the whole ring must lie on it.
 */
export type HoopQuery = {
  hull: Point[]
  hoops: readonly HoopChoiceSource[]
  rotations?: readonly number[]
  margin?: number
  holding?: 'hooped' | 'floated' | 'backing-under' | 'clamped'
  thicknessMm?: number
  /** The units the reasons are written in; millimetres when left out. */
  style?: LengthStyle
  /** Parts of a grouped design, in the design frame: one that is too long is hooped part by part. */
  parts?: readonly Point[][]
  /** A row in place of one design: `frame` has its x along the row, `offset` is the row's y in it. */
  row?: { centres: number[]; motif: number; height: number; frame: Pose; offset: number }
  item?: { target: Pose; outline: Point[]; zones: readonly NoSewZone[]; tube: { width: number } | null }
}

/** Slack each way that makes a hoop a comfortable one, in mm (core.md section 5). */
export const COMFORT = 5
export const allTurns = [0, 90, 180, 270] as const

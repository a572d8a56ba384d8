import type { Point } from '../plane/point'
import type { Named } from '../messages/message'

export const zoneRings = ['refused', 'caution', 'woven-in', 'free', 'opening'] as const
export const detailKinds = ['seam', 'fold', 'opening', 'button'] as const
export const lineAxes = ['level', 'upright'] as const

/** Where nothing may be sewn, and what a hoop's ring may do there. */
export type NoSewZone = {
  id: string
  name: Named
  outline: Point[]
  /** Distance the design keeps from it, in mm. */
  clear: number
  /**
   * 'refused': the ring may never lie on it; 'caution': it may, folded clear; 'woven-in': it may, though it cannot be
   * folded clear; 'free': it does not matter; 'opening': no cloth is there, so that it may not lie within the ring either.
   */
  ring: (typeof zoneRings)[number]
}

/** A drawn line that is not the outline: seams, folds, openings. */
export type DetailLine = { kind: (typeof detailKinds)[number]; points: Point[]; closed?: boolean }

/** A tape laid on the item: for a measurement asked (its id), or for a distance to mark. */
export type TapeLine = { id: string; from: Point; to: Point }

/**
 * A straight line that distances are counted from: level (at y = `at`) or upright (at x = `at`). `name` reads after
 * “from”: “the neck seam”.
 */
export type ReferenceLine = {
  id: string
  name: Named
  axis: (typeof lineAxes)[number]
  at: number
  /** The side designs lie on, and how far off, where the line bounds something kept clear. */
  toward?: 1 | -1
  clear?: number
}

/** Cloth beyond what is drawn, in mm by side: a sleeve's garment, the rest of a skirt. */
type ClothOn = Partial<Record<'up' | 'right' | 'down' | 'left', number>>

/** The item laid flat, in the item frame. */
export type ItemShape = {
  outline: Point[]
  details: DetailLine[]
  zones: NoSewZone[]
  tapes: TapeLine[]
  lines: ReferenceLine[]
  /** A closed garment hangs round the lower ring: the ring has to be narrower than `width` inside it. */
  tube: { width: number } | null
  goesOn?: ClothOn
  /** A tube is closed at its left and right; this where it is at an end too, as a bag's foot. */
  closedEnd?: 'up' | 'down'
}

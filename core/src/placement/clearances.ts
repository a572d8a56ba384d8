import type { Point } from '../plane/point'
import { gapBetween, insetOf } from '../plane/polygonDistance'
import type { ItemShape } from './itemKind'

/** Distance in mm from the design to an edge ('edge', negative past it) or a no-sew zone (0 when on it). */
export type Clearance = { id: string; name: string; mm: number; least: number }

const EDGE_LEAST = 5

export function clearancesOf(item: ItemShape, design: Point[]): Clearance[] {
  return [
    { id: 'edge', name: 'item’s edge', mm: insetOf(design, item.outline), least: EDGE_LEAST },
    ...item.zones.map(({ id, name, outline, clear }) => ({ id, name, mm: gapBetween(design, outline), least: clear })),
  ]
}

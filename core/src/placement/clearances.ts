import { rectangle } from '../plane/box'
import { applyPose, composePose, inversePose, type Point, type Pose } from '../plane/point'
import { gapBetween, insetOf } from '../plane/polygonDistance'
import type { Named } from '../messages/message'
import type { ItemShape } from './itemShape'

/** Distance in mm from the designs to an edge ('edge', negative past it) or a no-sew zone (0 when on it). */
export type Clearance = { id: string; name: Named; mm: number; least: number }

const EDGE_LEAST = 5

/** The least distance from any of the designs to each thing that is kept clear. */
export function clearancesOf(item: ItemShape, designs: readonly Point[][]): Clearance[] {
  const nearest = (to: (design: Point[]) => number): number => Math.min(...designs.map(to))
  return [
    { id: 'edge', name: 'zone.edge', mm: nearest((d) => insetOf(d, item.outline)), least: EDGE_LEAST },
    ...item.zones.map(({ id, name, outline, clear }) => ({
      id,
      name,
      mm: nearest((d) => gapBetween(d, outline)),
      least: clear,
    })),
  ]
}

/** The outside of a ring on the item, when the design at `onItem` sits in the hoop at `inHoop`; it lies about its notches. */
export function ringOnItem(
  onItem: Pose,
  inHoop: Pose,
  outside: { width: number; height: number },
  notchOffset: Point = { x: 0, y: 0 },
): Point[] {
  const frame = composePose(onItem, inversePose(inHoop))
  return rectangle(outside.width, outside.height, notchOffset).map((p) => applyPose(frame, p))
}

/**
 * How far a ring stays from each zone it may not or should not lie on, in mm; 0 when it meets it. A zone wholly
 * inside the ring's opening counts by its distance to the ring, too.
 */
export function ringClearances(item: ItemShape, ring: readonly Point[]): Clearance[] {
  return item.zones
    .filter((zone) => zone.ring !== 'free')
    .map(({ id, name, outline }) => ({ id, name, mm: gapBetween(ring, outline), least: 0 }))
}

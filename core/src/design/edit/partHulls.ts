import { boxOf } from '../../plane/box'
import { convexHull } from '../../plane/convexHull'
import { applyPose, type Point } from '../../plane/point'
import type { GroupPart } from './groupDesigns'

/**
 * The outlines of a group's parts in the group's own frame, whose origin is the middle of all of them together.
 *
 * @returns a convex hull a part, in mm, in the order given
 * @example two squares of 20 laid 30 apart: one about (-15, 0), one about (15, 0)
 */
export function partHulls(parts: readonly Pick<GroupPart, 'design' | 'pose' | 'mirror'>[]): Point[][] {
  const laid = parts.map(({ design, pose, mirror }) =>
    convexHull(design.hull.map((p) => applyPose(pose, mirror ? { x: -p.x, y: p.y } : p))),
  )
  const { left, right, top, bottom } = boxOf(laid.flat())
  const [x, y] = [(left + right) / 2, (top + bottom) / 2]
  return laid.map((hull) => hull.map((p) => ({ x: p.x - x, y: p.y - y })))
}

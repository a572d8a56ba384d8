import { applyPose, type Point, type Pose, rotatePoint } from '../plane/point'
import { insidePolygon } from '../plane/polygonDistance'
import { type Named, type Message, message } from '../messages/message'
import type { StepDraft } from './placementRule'

export const markKinds = ['cross', 'dots', 'arrow'] as const

/** A mark on the cloth in the item frame: the cross at the centre, dots on the axes, the arrow to the item's top. */
export type Mark = { id: string; kind: (typeof markKinds)[number]; at: Point; copy: number }

/** Dots and arrow stand this far outside the design, so that they are not sewn over. */
const OUTSIDE = 10
/** Marks stay this far inside the cloth's edge. */
const INSIDE = 2

type Size = { width: number; height: number }
/** How far the dots stand from the cross on each axis, and the arrow above it. */
type Reach = { x: number; y: number; arrow: number }

/** As far out as the cloth allows: near an edge the dots come in rather than lie on the table. */
export function reachOf({ width, height }: Size, pose: Pose, outline: readonly Point[]): Reach {
  const room = (dx: number, dy: number): number =>
    roomTo(pose, rotatePoint({ x: dx, y: dy }, pose.rotation), outline) - INSIDE
  const [left, right, up, down] = [room(-1, 0), room(1, 0), room(0, -1), room(0, 1)]
  const within = (wanted: number, ...rooms: number[]): number => Math.max(0, Math.min(wanted, ...rooms))
  const y = within(height / 2 + OUTSIDE, up - OUTSIDE / 2, down)
  return { x: within(width / 2 + OUTSIDE, left, right), y, arrow: within(y + OUTSIDE, up) }
}

/** Distance from a point along a direction of length 1 to where it first leaves the outline; 0 outside it. */
function roomTo(from: Point, way: Point, outline: readonly Point[]): number {
  if (!insidePolygon(from, outline)) return 0
  let least = Infinity
  outline.forEach((a, i) => {
    const b = outline[(i + 1) % outline.length]!
    const [ex, ey] = [b.x - a.x, b.y - a.y]
    const turn = way.x * ey - way.y * ex
    if (Math.abs(turn) < 1e-12) return
    const [px, py] = [a.x - from.x, a.y - from.y]
    const t = (px * ey - py * ex) / turn
    const s = (px * way.y - py * way.x) / turn
    if (t > 0 && s >= 0 && s <= 1 && t < least) least = t
  })
  return least
}

export function marksFor(pose: Pose, { x, y, arrow }: Reach, copy = 0): Mark[] {
  const local: Omit<Mark, 'copy'>[] = [
    { id: 'cross', kind: 'cross', at: { x: 0, y: 0 } },
    { id: 'dot-left', kind: 'dots', at: { x: -x, y: 0 } },
    { id: 'dot-right', kind: 'dots', at: { x, y: 0 } },
    { id: 'dot-up', kind: 'dots', at: { x: 0, y: -y } },
    { id: 'dot-down', kind: 'dots', at: { x: 0, y } },
    { id: 'arrow', kind: 'arrow', at: { x: 0, y: -arrow } },
  ]
  return local.map((mark) => ({ ...mark, at: applyPose(pose, mark.at), copy }))
}

/**
 * The last steps of every placement: dots on both axes and the arrow, named as they lie before the worker. `turn`: the
 * design's there, in degrees clockwise; a lean of a few is not told.
 */
export function markSteps({ x, y }: Reach, upIs: Named, { turn, many }: { turn: number; many: boolean }): StepDraft[] {
  const quarter = (((Math.round(turn / 45) * 45) % 360) + 360) % 360
  const arrow = (said: Message): StepDraft => ({ id: 'arrow', said, marks: ['arrow'] })
  const dots = (said: Message): StepDraft => ({ id: 'dots', said, marks: ['dots'] })
  if (quarter % 90 !== 0)
    return [
      dots(message('step.dots-diagonal', { along: y, across: x })),
      arrow(message('step.arrow-diagonal', { top: upIs })),
    ]
  const fills = quarter % 180 === 0 ? { across: x, up: y } : { across: y, up: x }
  return [
    dots(many ? message('step.dots-each', fills) : message('step.dots', fills)),
    arrow(
      quarter !== 0
        ? message('step.arrow-by', { side: upperSide[quarter]! })
        : many
          ? message('step.arrow-each', { top: upIs })
          : message('step.arrow', { top: upIs }),
    ),
  ]
}
/** Where the design’s top lies, by its turn. */
const upperSide: Readonly<Record<number, string>> = { 90: 'side.right', 180: 'side.lower', 270: 'side.left' }

/** Dots that had to come in so far that the design covers them. */
export const underDesign = ({ width, height }: Size, { x, y }: Reach): boolean => x <= width / 2 || y <= height / 2

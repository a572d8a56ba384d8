import type { Hoop, Piece } from '@thimble/contract'
import type { Mark } from '@thimble/core/placement'
import { composePose, type Point, type Pose, rectangle } from '@thimble/core/plane'
import type { Hooping } from '@thimble/core/rows'
import type { Marked } from '../measure/placed'
import type { HoopPlan } from './planHoop'
import { hoopingsOf } from './rowHoopings'

export type RingAtHand = Pick<Hoop, 'name' | 'field' | 'outside' | 'notchOffset'> & { id: string | null }

/**
 * What is hooped at once, of all that a piece asks: `pose` of the design in the hoop and `target` on the item, what is sewn
 * of it, the marks that are seen, and which of how many it is.
 */
export type HoopingAtHand = {
  hoop: RingAtHand
  pose: Pose
  target: Pose
  hull: Point[]
  marks: Mark[]
  group: number
  groups: number
  /** The corner it is in, or motifs from and to; null: the only one. */
  copies: { from: number; to: number }
}

/** The hooping at hand as it was decided, else as it stands; null while there is no hoop or no place. */
export function hoopingAtHand(
  { hoop: stage }: Pick<Piece, 'hoop'>,
  plan: HoopPlan,
  { design, placed }: Marked,
): HoopingAtHand | null {
  const kept = stage.reopened ? undefined : stage.kept[0]
  const hoop = kept ? kept.hoop : plan.hoop
  const pose = kept ? kept.pose : (plan.chosen?.pose ?? null)
  if (!hoop || !pose || !placed) return null
  const groups = placed.row ? (kept?.groups ?? hoopingsOf(placed.row, design.height, hoop)) : null
  const poses = (kept ? kept.poses : plan.chosen?.poses) ?? []
  const count = groups?.length ?? placed.copies.length
  const group = Math.min(stage.group, count - 1)
  const at = { hoop, pose: poses[group] ?? pose, group, groups: count }
  const scaled = (hull: Point[]): Point[] => hull.map((p) => ({ x: p.x * stage.scale, y: p.y * stage.scale }))
  if (!groups || !placed.row) {
    const { pose: target } = placed.copies[group]!
    const marks = placed.marks.filter((mark) => mark.copy === group)
    return { ...at, target, hull: scaled(design.hull), marks, copies: { from: group, to: group } }
  }
  const { row } = placed
  const one = groups[group]!
  const span = row.centres[one.to]! - row.centres[one.from]! + row.motif
  return {
    ...at,
    target: composePose(row.frame, { x: one.centre, y: row.offset, rotation: 0 }),
    hull: one.from === one.to ? scaled(design.hull) : rectangle(span, design.height),
    marks: marksOf(placed.marks, one),
    copies: { from: one.from, to: one.to },
  }
}

/** Of several motifs the crosses, as they lie farthest apart; of one all its marks. */
function marksOf(marks: readonly Mark[], { from, to }: Hooping): Mark[] {
  const near = marks.filter((mark) => mark.copy >= from && mark.copy <= to)
  if (from === to) return near
  return near.filter((mark) => mark.kind === 'cross').map((mark) => ({ ...mark, id: `cross-${mark.copy}` }))
}

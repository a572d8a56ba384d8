import type { Added, Hoop, Piece } from '@thimble/contract'
import type { Mark } from '@thimble/core/placement'
import { composePose, convexHull, type Point, type Pose, rectangle } from '@thimble/core/plane'
import type { Hooping } from '@thimble/core/rows'
import type { Marked, Placed } from '../measure/placed'
import { withRoom } from './keepHooping'
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
  /** What every move has in it, as pieces land here; it moves no mark. */
  added: Added | null
}

/** The hooping at hand as it was decided, else as it stands; null while there is no hoop or no place. */
export function hoopingAtHand(
  { hoop: stage }: Pick<Piece, 'hoop'>,
  plan: HoopPlan,
  marked: Marked,
): HoopingAtHand | null {
  const { placed, design } = marked
  const ring = ringAtHand(stage, plan)
  if (!ring || !placed) return null
  const groups = placed.row ? (ring.groups ?? hoopingsOf(placed.row, design.height, ring.hoop)) : null
  const count = groups?.length ?? ring.parts?.length ?? placed.copies.length
  const group = Math.min(stage.group, count - 1)
  const { hoop, added } = ring
  const at = { hoop, added, pose: ring.poses[group] ?? ring.pose, group, groups: count }
  const hull = design.hull.map((p) => ({ x: p.x * stage.scale, y: p.y * stage.scale }))
  const one = groups?.[group]
  if (one) return { ...at, ...partOfRow({ ...marked, placed }, one, hull) }
  const parts = ring.parts?.[group]
  return parts
    ? { ...at, ...oneCopy(placed, 0), hull: hullOfParts(marked, parts) }
    : { ...at, ...oneCopy(placed, group), hull }
}

/** Hoop and pose as decided, or as picked while nothing is. */
function ringAtHand({ kept: [decided], reopened }: Piece['hoop'], { hoop, chosen, added }: HoopPlan) {
  const kept = reopened ? undefined : decided
  if (kept)
    return kept.hoop && kept.pose ? { ...kept, hoop: kept.hoop, pose: kept.pose, poses: kept.poses ?? [] } : null
  if (!hoop || !chosen) return null
  const { pose, poses, parts } = chosen
  return { hoop, pose, poses, groups: null, parts, added: withRoom(added) }
}

const hullOfParts = ({ design }: Marked, parts: readonly number[]): Point[] =>
  convexHull(parts.flatMap((i) => design.parts[i]?.hull ?? []))

type OnItem = Pick<HoopingAtHand, 'target' | 'marks' | 'copies'>

const oneCopy = ({ copies, marks }: Placed, i: number): OnItem => ({
  target: copies[i]!.pose,
  marks: marks.filter((mark) => mark.copy === i),
  copies: { from: i, to: i },
})

function partOfRow(
  { placed, design }: Marked & { placed: Placed },
  one: Hooping,
  hull: Point[],
): OnItem & Pick<HoopingAtHand, 'hull'> {
  const row = placed.row!
  const span = row.centres[one.to]! - row.centres[one.from]! + row.motif
  return {
    target: composePose(row.frame, { x: one.centre, y: row.offset, rotation: 0 }),
    hull: one.from === one.to ? hull : rectangle(span, design.height),
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

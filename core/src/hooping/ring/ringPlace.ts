import type { NoSewZone } from '../../placement/itemShape'
import { boxOf, rectangle } from '../../plane/box'
import { applyPose, composePose, inversePose, type Point, type Pose } from '../../plane/point'
import { boxesApart, gapBetween, insetOf, insidePolygon } from '../../plane/polygonDistance'
import { fieldCorners } from '../fields/fieldSize'
import type { HoopChoiceSource } from '../hoopChoice'

/** The item a ring is to lie on, in the item frame; `tube`: closed round, its folds at left and right. */
type ClothUnderRing = { outline: Point[]; zones: readonly NoSewZone[]; tube: { width: number } | null }

/** The item as seen from the hoop when the design lies at `pose`: the ring stays, the cloth moves with the design. */
export type SeenCloth = { outline: Point[]; zones: readonly NoSewZone[]; level: readonly boolean[] }

/** A ring with its opening, in the hoop frame. */
export type Ring = { outside: Point[]; opening: Point[] }

/** Outside and opening of a ring. The notches cross in the middle of the ring, not of its field. */
export function ringOf({ outside, field, notchOffset = { x: 0, y: 0 } }: HoopChoiceSource): Ring {
  return { outside: rectangle(outside.width, outside.height, notchOffset), opening: fieldCorners(field) }
}

/** Whether an edge of a tube runs across it, as hems, necks and bands do; its folds run along it. */
const acrossTube = (a: Point, b: Point): boolean => Math.abs(b.x - a.x) > Math.abs(b.y - a.y)

export function seeCloth({ outline, zones, tube }: ClothUnderRing, target: Pose, pose: Pose): SeenCloth {
  const frame = composePose(pose, inversePose(target))
  const seen = (points: readonly Point[]): Point[] => points.map((p) => applyPose(frame, p))
  return {
    outline: seen(outline),
    zones: zones.map((zone) => ({ ...zone, outline: seen(zone.outline) })),
    level: outline.map((a, i) => !tube || acrossTube(a, outline[(i + 1) % outline.length]!)),
  }
}

/**
 * Least cloth beyond the ring in mm, negative by how far it hangs over; on a tube the folds do not count, as the cloth
 * goes on round them.
 */
export function clothBeyond({ outside }: Ring, { outline, level }: SeenCloth): number {
  const over = Math.max(-insetOf(outside, outline), deepestIn(outside, outline))
  if (over > 1e-6) return -over
  if (level.every(Boolean)) return Math.max(0, insetOf(outside, outline))
  const edges = outline.flatMap((a, i) => (level[i] ? [[a, outline[(i + 1) % outline.length]!] as const] : []))
  return Math.min(...edges.map((edge) => gapBetween(outside, [...edge])))
}

/** How deep a corner of the cloth's edge, as of a neck or an armhole, reaches into the ring; 0 where none does. */
function deepestIn(outside: readonly Point[], outline: readonly Point[]): number {
  const { left, right, top, bottom } = boxOf(outside)
  return outline.reduce((most, { x, y }) => Math.max(most, Math.min(x - left, right - x, y - top, bottom - y)), 0)
}

/** Zones the ring itself lies on: they meet its outside and are not wholly in its opening. An opening counts there too. */
export function zonesUnder({ outside, opening }: Ring, zones: readonly NoSewZone[]): NoSewZone[] {
  return zones.filter(({ ring, outline }) => {
    if (ring === 'free' || boxesApart(outline, outside) || gapBetween(outline, outside) > 0) return false
    return ring === 'opening' || !outline.every((p) => insidePolygon(p, opening))
  })
}

/** How wide a ring is across a tube, as the item lies. */
export function widthAcross({ outside }: Ring, target: Pose, pose: Pose): number {
  const frame = composePose(target, inversePose(pose))
  const { left, right } = boxOf(outside.map((p) => applyPose(frame, p)))
  return right - left
}

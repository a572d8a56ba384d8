import { rectangle } from '../plane/box'
import { convexHull } from '../plane/convexHull'
import { composePose, type Point, type Pose } from '../plane/point'
import { rowFieldLength } from '../rows/rowFieldLength'
import { splitHoopings } from '../rows/splitHoopings'
import { shrunkenField } from './fields/shrunkenField'
import type { HoopChoiceSource } from './hoopChoice'
import { allTurns, COMFORT, type HoopQuery } from './hoopQuery'
import { partHoopings } from './partHoopings'
import { roomyCentre } from './roomyCentre'
import { turnHull } from './turnedHull'

/** What one hoop has to take at a time, where that lies on the item, and how often. */
export type Job = { hulls: Point[][]; targets: Pose[]; hoopings: number; parts: number[][] | null }

/** In one hooping where the field takes it, else by its own parts. */
export function wholeJob(hoop: HoopChoiceSource, hull: Point[], q: HoopQuery): Job {
  const target = q.item ? [q.item.target] : []
  const one: Job = { hulls: [hull], targets: target, hoopings: 1, parts: null }
  const [rotations, margin] = [q.rotations ?? allTurns, q.margin ?? 0]
  const field = shrunkenField(hoop.field, margin)
  if (!q.parts || q.parts.length < 2 || rotations.some((turn) => roomyCentre(field, turnHull(hull, turn)))) return one
  const groups = partHoopings(q.parts, hoop.field, rotations, margin)
  if (!groups) return one
  const hulls = groups.map((group) => convexHull(group.flatMap((i) => q.parts![i]!)))
  return { hulls, targets: groups.flatMap(() => target), hoopings: groups.length, parts: groups }
}

/** A row goes by groups as long as the field takes, with room to spare where one motif leaves any. */
export function rowJob(
  hoop: HoopChoiceSource,
  { centres, motif, height, frame, offset }: NonNullable<HoopQuery['row']>,
): Job {
  const [easy, most] = [rowFieldLength(hoop.field, height, COMFORT), rowFieldLength(hoop.field, height)]
  const long = motif <= easy ? easy : most
  const groups = motif <= long ? splitHoopings(centres, motif, long) : [{ from: 0, to: 0, centre: centres[0]! }]
  const spans = groups.map((g) => centres[g.to]! - centres[g.from]! + motif)
  return {
    hulls: [rectangle(Math.max(...spans), height)],
    parts: null,
    targets: groups.map(({ centre }) => composePose(frame, { x: centre, y: offset, rotation: 0 })),
    hoopings: groups.length,
  }
}

import { boxOf } from '../../plane/box'
import { type Point, type Pose, rotatePoint } from '../../plane/point'
import { fieldMiddle } from '../fields/fieldSize'
import { shrunkenField } from '../fields/shrunkenField'
import type { HoopChoiceSource } from '../hoopChoice'
import type { HoopField } from '../hoopField'
import type { Job } from '../hoopingJob'
import { allTurns, COMFORT, type HoopQuery } from '../hoopQuery'
import { isRoomy } from '../hoopReasons'
import { worstAt } from '../reach'
import { rememberedReach } from '../rememberedReach'
import { roomyCentre } from '../roomyCentre'
import { turnHull } from '../turnedHull'
import { nearestPlaceForRing } from './nearestPlaceForRing'
import { clothBeyond, type Ring, ringOf, seeCloth, type SeenCloth, widthAcross, zonesUnder } from './ringPlace'

/** Cloth wanted beyond the ring on every side (craft.md section 3). */
const BEYOND_RING = 25
/** What rounding leaves of nothing, in mm. */
export const TOUCH = 1e-6

/** `poses`: the design in the hoop at each of its targets. */
export type Turn = { poses: Pose[]; worth: number }
/** A millimetre past the field, as worth: any turn that fits is worth more. */
const PAST_FIELD = 1e-6
/** As good as a turn can be: nothing more is looked for. */
const BEST = 9

/** The best of the turns a hoop may be loaded at, as early in their order as it can be. */
export function bestTurn(hoop: HoopChoiceSource, job: Job, q: HoopQuery): Turn {
  const rotations = q.rotations ?? allTurns
  // Asked for a half turn of what was tried already, and not before: it is long to tell of a round design.
  let alike: boolean | null = null
  const same = (): boolean => (alike ??= middled(hoop) && job.hulls.every(sameUpsideDown))
  let best: Turn | null = null
  for (const [i, rotation] of rotations.entries()) {
    if (rotations.slice(0, i).includes((rotation + 180) % 360) && same()) continue
    const tried = tryTurn(hoop, job, rotation, q)
    if (!best || tried.worth > best.worth) best = tried
    if (best.worth >= BEST) break
  }
  return best!
}

/** One turn of the design in a hoop: where it lies nearest to the middle, and how good that is. */
function tryTurn(hoop: HoopChoiceSource, { hulls, targets }: Job, rotation: number, q: HoopQuery): Turn {
  const places = Math.max(hulls.length, targets.length)
  const tried = Array.from({ length: places }, (_, i) =>
    tryPlace(hoop, hulls[Math.min(i, hulls.length - 1)]!, targets[i] ?? null, rotation, q),
  )
  return { poses: tried.map(({ pose }) => pose), worth: Math.min(...tried.map(({ worth }) => worth)) }
}

function tryPlace(hoop: HoopChoiceSource, hull: Point[], target: Pose | null, rotation: number, q: HoopQuery): Placed {
  const centred = centredPose(hoop.field, hull, rotation)
  const field = shrunkenField(hoop.field, q.margin ?? 0)
  const turned = turnHull(hull, rotation)
  const room = worstAt(field, turned, centred.x, centred.y).clearance
  const found = room >= -TOUCH ? centred : roomyCentre(field, turned)?.centre
  // Of turns at which it does not go in, the one at which it reaches past the field the least.
  if (!found) return { pose: centred, worth: room * PAST_FIELD }
  const start = { ...centred, ...found, rotation }
  if (!q.item || !target || q.holding === 'floated') return { pose: start, worth: BEST - 1 + Number(isRoomy(room)) }
  return goesInside(ringOf(hoop), target, start, q.item)
    ? placeRing(hoop, hull, target, start, q)
    : { pose: start, worth: 1 }
}

export function centredPose(field: HoopField, hull: Point[], rotation: number): Pose {
  const middle = fieldMiddle(field)
  const box = boxOf(hull.map((p) => rotatePoint(p, rotation)))
  return { x: middle.x - (box.left + box.right) / 2, y: middle.y - (box.top + box.bottom) / 2, rotation }
}

/**
 * Where the ring can lie: with enough cloth beyond it before anything else, then with comfortable slack. What is best at
 * all comes from there where it lies already, else from the nearest place in the reach.
 */
function placeRing(hoop: HoopChoiceSource, hull: Point[], target: Pose, start: Pose, q: HoopQuery): Placed {
  const ring = ringOf(hoop)
  const cloth = seeCloth(q.item!, target, start)
  const turned = turnHull(hull, start.rotation)
  // Where it may stay in the middle it does, with little room as with much.
  const room = worstAt(shrunkenField(hoop.field, q.margin ?? 0), turned, start.x, start.y).clearance
  if (room >= -TOUCH && liesWell(ring, cloth, BEYOND_RING))
    return { pose: start, worth: isRoomy(room) ? BEST : BEST - 2 }
  const place = ({ beyond, spare, worth }: (typeof manners)[number]): Placed | null => {
    const field = fieldLess(hoop.field, (q.margin ?? 0) + spare)
    if (!field) return null
    const there = worstAt(field, turned, start.x, start.y).clearance >= -TOUCH
    if (there && liesWell(ring, cloth, beyond)) return { pose: start, worth: worth + 1 }
    const reach = rememberedReach(hoop.field, (q.margin ?? 0) + spare, hull, start.rotation).map((p) => ({
      x: p.x - start.x,
      y: p.y - start.y,
    }))
    const move = nearestPlaceForRing(reach, ring, cloth, beyond)
    return move && { pose: { ...start, x: start.x + move.x, y: start.y + move.y }, worth }
  }
  const first = place(manners[0])
  if (first) return first
  // Where the ring cannot lie at all, none of the finer manners need be tried.
  const any = place(manners[3])
  if (!any) return { pose: start, worth: 1 }
  return place(manners[1]) ?? place(manners[2]) ?? any
}

type Placed = { pose: Pose; worth: number }

/** How well a ring may lie, the best first: cloth beyond it before slack in the field. */
const manners = [
  { beyond: BEYOND_RING, spare: COMFORT, worth: 8 },
  { beyond: BEYOND_RING, spare: 0, worth: 6 },
  { beyond: 0, spare: COMFORT, worth: 4 },
  { beyond: 0, spare: 0, worth: 2 },
] as const

function fieldLess(field: HoopField, margin: number): ReturnType<typeof shrunkenField> | null {
  try {
    return shrunkenField(field, margin)
  } catch {
    return null
  }
}

const liesWell = (ring: Ring, cloth: SeenCloth, beyond: number): boolean =>
  clothBeyond(ring, cloth) >= beyond &&
  zonesUnder(ring, cloth.zones).every((zone) => zone.ring !== 'refused' && zone.ring !== 'opening')

/**
 * Whether a ring that holds the cloth may lie where it comes with the design at a pose: 25 mm of cloth beyond it all round,
 * nothing hard under it and no opening within.
 *
 * @example canRingLie(hoop, pose, target, item) // false over a towel's hem
 */
export function canRingLie(
  hoop: HoopChoiceSource,
  pose: Pose,
  target: Pose,
  item: Omit<NonNullable<HoopQuery['item']>, 'target'>,
): boolean {
  return liesWell(ringOf(hoop), seeCloth(item, target, pose), BEYOND_RING)
}

const middled = ({ field, notchOffset }: HoopChoiceSource): boolean =>
  field.shape !== 'polygon' && !notchOffset?.x && !notchOffset?.y

/** Whether a half turn of the hull changes nothing. */
function sameUpsideDown(hull: readonly Point[]): boolean {
  const { left, right, top, bottom } = boxOf(hull)
  const across = (p: Point): Point => ({ x: left + right - p.x, y: top + bottom - p.y })
  return hull.every((p) => hull.some((o) => Math.hypot(o.x - across(p).x, o.y - across(p).y) < 1e-6))
}

/** Room that a lower ring wants to go inside a tube, in mm. */
const INTO_TUBE = 10

/** Whether the ring's lower half goes inside the tube as it lies there. */
export const goesInside = (ring: Ring, target: Pose, pose: Pose, { tube }: NonNullable<HoopQuery['item']>): boolean =>
  !tube || widthAcross(ring, target, pose) + INTO_TUBE <= tube.width

import { type Advice, stop } from '../advice'
import type { NoSewZone } from '../placement/itemShape'
import { composePose, type Point, type Pose, rotatePoint } from '../plane/point'
import { rowFieldLength } from '../rows/rowFieldLength'
import { splitHoopings } from '../rows/splitHoopings'
import { convexHull } from '../plane/convexHull'
import { boxOf, rectangle } from '../plane/box'
import { drawnArea } from '../plane/halfPlane'
import { formatLength } from '../lengths/formatLength'
import type { LengthStyle } from '../lengths/units'
import { fieldArea, fieldMiddle } from './fields/fieldSize'
import { shrunkenField } from './fields/shrunkenField'
import type { HoopField } from './hoopField'
import type { HoopChoice, HoopChoiceSource } from './hoopChoice'
import { fitReasons, isRoomy, leastSlack, type RingOnItem, ringReasons } from './hoopReasons'
import { partHoopings } from './partHoopings'
import { type HoopFit, placeInHoop } from './placeInHoop'
import { reachOf, worstAt } from './reach'
import { nearestPlaceForRing } from './ring/nearestPlaceForRing'
import { clothBeyond, type Ring, ringOf, seeCloth, type SeenCloth, widthAcross, zonesUnder } from './ring/ringPlace'
import { roomyCentre } from './roomyCentre'
import { turnHull } from './turnedHull'

/**
 * `hull` in the design frame; `target` and the item's outline, zones and tube in the item frame, when the design
 * goes on an item. `rotations`: turns the loading allows, the best first (default 0, 90, 180, 270). `holding` 'hooped',
 * 'clamped' or 'backing-under' puts the cloth in the ring, so that the whole ring must lie on it.
 */
export type HoopQuery = {
  hull: Point[]
  hoops: readonly HoopChoiceSource[]
  rotations?: readonly number[]
  margin?: number
  holding?: 'hooped' | 'floated' | 'backing-under' | 'clamped'
  thicknessMm?: number
  /** The units the reasons are written in; millimetres when left out. */
  style?: LengthStyle
  /** A row in place of one design: `frame` has its x along the row, `offset` is the row's y in it. */
  /** Parts of a grouped design, in the design frame: one that is too long is hooped part by part. */
  parts?: readonly Point[][]
  row?: { centres: number[]; motif: number; height: number; frame: Pose; offset: number }
  item?: { target: Pose; outline: Point[]; zones: readonly NoSewZone[]; tube: { width: number } | null }
}

type Write = (mm: number) => string

/** Slack each way that makes a hoop a comfortable one (core.md section 5). */
const COMFORT = 5
/** Cloth wanted beyond the ring on every side (craft.md section 3). */
const BEYOND_RING = 25
const TOUCH = 1e-6

/**
 * The hoops on the shelf, those that take the design first: with 5 mm or more of slack each way, then the fewest
 * hoopings, then the least spare area (less backing, better tension). The refused follow, each with why.
 *
 * The design need not lie in the middle of the field: of the places in its reach the one nearest the middle is taken at
 * which the ring can lie, with 25 mm of cloth beyond it if there is such a place. Hooped, the whole ring lies on cloth,
 * on tubes too; an open end under it or an opening within it refuses, so does a zip, snap, rivet, button or felled seam
 * under it; a soft binding, collar or seam is a caution. Rule: core.md section 5.
 *
 * @throws CoreError as placeInHoop
 * @example 84 x 62 on a shelf of 100 x 100 and 240 x 150: the 100 comes first, slack 8 and 19
 */
export function rankHoops(q: HoopQuery): HoopChoice[] {
  const whole = convexHull(q.hull)
  const write = (mm: number): string => formatLength(mm, q.style ?? { unit: 'mm' })
  const choices = q.hoops.map((hoop) => {
    const job = q.row ? rowJob(hoop, q.row) : wholeJob(hoop, whole, q)
    return judge(hoop, job, bestTurn(hoop, job, q), q, write)
  })
  return choices.sort(compareChoices)
}

/** The order of hoops that were judged apart, as rankHoops has it. */
export function compareChoices(a: HoopChoice, b: HoopChoice): number {
  const roomy = (c: HoopChoice): number => Number(isRoomy(leastSlack(c.fit)))
  return (
    Number(b.fits) - Number(a.fits) ||
    roomy(b) - roomy(a) ||
    a.hoopings - b.hoopings ||
    a.spareArea - b.spareArea ||
    a.hoop.localeCompare(b.hoop)
  )
}

/** How far past the field the design reaches, and whether it is the field's round corners that it does not go into. */
function tooLarge(field: HoopField, hull: Point[], pose: Pose, fit: HoopFit, q: HoopQuery, write: Write): Advice {
  const over = write(Math.ceil(-fit.clearance))
  const squared = field.shape === 'rect' && field.cornerRadius > 0 ? { ...field, cornerRadius: 0 } : null
  if (squared && placeInHoop({ hull, field: squared, pose, margin: q.margin }).fits)
    return stop(
      'too-large',
      `The design’s corners reach ${over} into the field’s round corners; but for them it would go in.`,
    )
  return stop('too-large', `The design reaches ${over} past the sewing field.`)
}

const middled = ({ field, notchOffset }: HoopChoiceSource): boolean =>
  field.shape !== 'polygon' && !notchOffset?.x && !notchOffset?.y

/** Whether a half turn of the hull changes nothing. */
function sameUpsideDown(hull: readonly Point[]): boolean {
  const { left, right, top, bottom } = boxOf(hull)
  const across = (p: Point): Point => ({ x: left + right - p.x, y: top + bottom - p.y })
  return hull.every((p) => hull.some((o) => Math.hypot(o.x - across(p).x, o.y - across(p).y) < 1e-6))
}

/** What one hoop has to take at a time, where that lies on the item, and how often. */
type Job = { hulls: Point[][]; targets: Pose[]; hoopings: number; parts: number[][] | null }

/** In one hooping where the field takes it, else by its own parts. */
function wholeJob(hoop: HoopChoiceSource, hull: Point[], q: HoopQuery): Job {
  const target = q.item ? [q.item.target] : []
  const one: Job = { hulls: [hull], targets: target, hoopings: 1, parts: null }
  const [rotations, margin] = [q.rotations ?? [0, 90, 180, 270], q.margin ?? 0]
  const field = shrunkenField(hoop.field, margin)
  if (!q.parts || q.parts.length < 2 || rotations.some((turn) => roomyCentre(field, turnHull(hull, turn)))) return one
  const groups = partHoopings(q.parts, hoop.field, rotations, margin)
  if (!groups) return one
  const hulls = groups.map((group) => convexHull(group.flatMap((i) => q.parts![i]!)))
  return { hulls, targets: groups.flatMap(() => target), hoopings: groups.length, parts: groups }
}

/** A row goes by groups as long as the field takes, with room to spare where one motif leaves any. */
function rowJob(hoop: HoopChoiceSource, { centres, motif, height, frame, offset }: NonNullable<HoopQuery['row']>): Job {
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

/** `poses`: the design in the hoop at each of its targets. */
type Turn = { poses: Pose[]; worth: number }
/** As good as a turn can be: nothing more is looked for. */
const BEST = 9

function bestTurn(hoop: HoopChoiceSource, job: Job, q: HoopQuery): Turn {
  const rotations = q.rotations ?? [0, 90, 180, 270]
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
  if (!found) return { pose: centred, worth: 0 }
  const start = { ...centred, ...found, rotation }
  if (!q.item || !target || q.holding === 'floated') return { pose: start, worth: BEST - 1 + Number(isRoomy(room)) }
  return goesInside(ringOf(hoop), target, start, q.item)
    ? placeRing(hoop, hull, target, start, q)
    : { pose: start, worth: 1 }
}

function centredPose(field: HoopField, hull: Point[], rotation: number): Pose {
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
    const reach = reachOf(field, turned).map((p) => ({ x: p.x - start.x, y: p.y - start.y }))
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
  clothBeyond(ring, cloth) >= beyond && zonesUnder(ring, cloth.zones).every((zone) => zone.ring === 'caution')

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

function judge(
  hoop: HoopChoiceSource,
  { hulls, hoopings, targets, parts }: Job,
  { poses }: Turn,
  q: HoopQuery,
  write: Write,
): HoopChoice {
  const lying = poses.map((pose, i) => {
    const hull = hulls[Math.min(i, hulls.length - 1)]!
    const centred = centredPose(hoop.field, hull, pose.rotation)
    return { hull, pose, move: { x: pose.x - centred.x, y: pose.y - centred.y } }
  })
  // The one that lies farthest off the middle has the least room.
  const far = ({ move }: (typeof lying)[number]): number => Math.hypot(move.x, move.y)
  const { hull, pose, move } = lying.reduce((a, b) => (far(b) > far(a) + TOUCH ? b : a))
  const fit = placeInHoop({ hull, field: hoop.field, pose, margin: q.margin })
  const ring = ringOnItem(hoop, poses, targets, q)
  const reasons = fit.fits
    ? [
        ...fitReasons({ fit, move, style: q.style ?? { unit: 'mm' } }),
        ...(q.holding === 'floated' ? [] : ringReasons(hoop, ring, q.thicknessMm, write)),
      ]
    : [tooLarge(hoop.field, hull, pose, fit, q, write)]
  return {
    hoop: hoop.id,
    fits: !reasons.some((r) => r.severity === 'stop'),
    rotation: pose.rotation,
    pose: poses[0]!,
    poses,
    move,
    fit,
    spareArea: hoopings * (fieldArea(hoop.field) - Math.abs(drawnArea(hulls[0]!))),
    clothBeyondRing: ring.beyond,
    ringInside: ring.inside,
    hoopings,
    parts,
    target: targets[0] ?? null,
    size: sizeOf(hulls[0]!),
    reasons,
  }
}

function sizeOf(hull: readonly Point[]): HoopChoice['size'] {
  const { left, right, top, bottom } = boxOf(hull)
  return { width: right - left, height: bottom - top }
}

/** Room that a lower ring wants to go inside a tube, in mm. */
const INTO_TUBE = 10

const goesInside = (ring: Ring, target: Pose, pose: Pose, { tube }: NonNullable<HoopQuery['item']>): boolean =>
  !tube || widthAcross(ring, target, pose) + INTO_TUBE <= tube.width

function ringOnItem(
  hoop: HoopChoiceSource,
  poses: readonly Pose[],
  targets: readonly Pose[],
  { item }: HoopQuery,
): RingOnItem {
  if (!item || targets.length === 0) return { beyond: null, inside: true, tube: false, under: [] }
  const ring = ringOf(hoop)
  const seen = targets.map((target, i) => seeCloth(item, target, poses[i]!))
  return {
    beyond: Math.min(...seen.map((cloth) => clothBeyond(ring, cloth))),
    inside: targets.every((target, i) => goesInside(ring, target, poses[i]!, item)),
    tube: item.tube !== null,
    under: seen.flatMap((cloth) => zonesUnder(ring, cloth.zones)),
  }
}

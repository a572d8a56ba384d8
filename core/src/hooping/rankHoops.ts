import { type Advice, caution, note, stop } from '../advice'
import { writeName } from '../words/writeSaid'
import type { NoSewZone } from '../placement/itemShape'
import { applyPose, composePose, inversePose, type Point, type Pose, rotatePoint } from '../plane/point'
import { rowFieldLength } from '../rows/rowFieldLength'
import { splitHoopings } from '../rows/splitHoopings'
import { convexHull } from '../plane/convexHull'
import { boxesApart, gapBetween, insetOf, insidePolygon } from '../plane/polygonDistance'
import { boxOf, rectangle } from '../plane/box'
import { drawnArea } from '../plane/halfPlane'
import { formatLength, roundDownToTape } from '../lengths/formatLength'
import type { LengthStyle } from '../lengths/units'
import { shrunkenField } from './fields/shrunkenField'
import type { HoopField } from './hoopField'
import { type HoopFit, placeInHoop } from './placeInHoop'
import { worstAt } from './reach'
import { roomyCentre } from './roomyCentre'
import { turnHull } from './turnedHull'

/** A hoop on the shelf: its sewing field, its ring's outside, and where the notches cross seen from the field. */
export type HoopChoiceSource = {
  id: string
  name: string
  field: HoopField
  outside: { width: number; height: number }
  notchOffset?: Point
  clamp?: boolean
  maxThicknessMm?: number
}

/**
 * `hull` in the design frame; `target` and the item's outline, zones and tube in the item frame, when the design
 * goes on an item. `rotations`: turns the loading allows (default 0, 90, 180, 270). `holding` 'hooped' or 'clamped'
 * puts the cloth in the ring, so that the ring must go inside a tube and over no seam ridge.
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
  row?: { centres: number[]; motif: number; height: number; frame: Pose; offset: number }
  item?: { target: Pose; outline: Point[]; zones: readonly NoSewZone[]; tube: { width: number } | null }
}

/** One hoop judged. `pose`: the design in the hoop; `clothBeyondRing`: least cloth outside the ring in mm. */
export type HoopChoice = {
  hoop: string
  fits: boolean
  rotation: number
  pose: Pose
  fit: HoopFit
  spareArea: number
  clothBeyondRing: number | null
  ringInside: boolean
  hoopings: number
  /** Where what is sewn at once lies on the item: the design, or the first group of a row. */
  target: Pose | null
  /** Width and height of what is sewn at once: the design, or the widest group of a row. */
  size: { width: number; height: number }
  reasons: Advice[]
}

type Write = (mm: number) => string

const COMFORT = 5
const BEYOND_RING = 25

/**
 * The hoops on the shelf, those that take the design first: with 5 mm or more of slack each way, then the least
 * spare area (less backing, better tension), then the turn nearest to none. The refused follow, each with why.
 * A hoop fits when some centre in its field takes the design: its middle where that will do. Rule: core.md section 5.
 *
 * @throws CoreError as placeInHoop
 * @example 84 x 62 on a shelf of 100 x 100 and 240 x 150: the 100 comes first, slack 8 and 19
 */
export function rankHoops(q: HoopQuery): HoopChoice[] {
  const whole = convexHull(q.hull)
  const write = (mm: number): string => formatLength(mm, q.style ?? { unit: 'mm' })
  const choices = q.hoops.map((hoop) => {
    const job = q.row ? rowJob(hoop, q.row) : { hull: whole, targets: q.item ? [q.item.target] : [], hoopings: 1 }
    const tried = (q.rotations ?? [0, 90, 180, 270]).map((rotation) => tryTurn(hoop, job, rotation, q, write))
    const best = tried.reduce((a, b) => (b.worth > a.worth ? b : a))
    return judge(hoop, job, best, q, write)
  })
  return choices.sort((a, b) => compare(a, b) || a.hoop.localeCompare(b.hoop))
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

function compare(a: HoopChoice, b: HoopChoice): number {
  const roomy = (c: HoopChoice): number => Number(isRoomy(least(c.fit)))
  return Number(b.fits) - Number(a.fits) || roomy(b) - roomy(a) || a.hoopings - b.hoopings || a.spareArea - b.spareArea
}

/** What one hoop has to take at a time, where that lies on the item, and how often. */
type Job = { hull: Point[]; targets: Pose[]; hoopings: number }

/** A row goes by groups as long as the field takes, with room to spare where one motif leaves any. */
function rowJob(hoop: HoopChoiceSource, { centres, motif, height, frame, offset }: NonNullable<HoopQuery['row']>): Job {
  const [easy, most] = [rowFieldLength(hoop.field, height, COMFORT), rowFieldLength(hoop.field, height)]
  const long = motif <= easy ? easy : most
  const groups = motif <= long ? splitHoopings(centres, motif, long) : [{ from: 0, to: 0, centre: centres[0]! }]
  const spans = groups.map((g) => centres[g.to]! - centres[g.from]! + motif)
  return {
    hull: rectangle(Math.max(...spans), height),
    targets: groups.map(({ centre }) => composePose(frame, { x: centre, y: offset, rotation: 0 })),
    hoopings: groups.length,
  }
}

const least = ({ slack }: HoopFit): number => Math.min(slack.left, slack.right, slack.up, slack.down)
const isRoomy = (slack: number): boolean => slack >= COMFORT - 1e-6

type Turn = { pose: Pose; ring: RingOnItem; worth: number }

/** One turn of the design in a hoop, judged cheaply: does it fit, may the ring lie there, is there room. */
function tryTurn(hoop: HoopChoiceSource, job: Job, rotation: number, q: HoopQuery, write: Write): Turn {
  const { hull } = job
  const field = shrunkenField(hoop.field, q.margin ?? 0)
  const turned = turnHull(hull, rotation)
  const middle = middleOf(hoop.field)
  const box = boxOf(hull.map((p) => rotatePoint(p, rotation)))
  const centred = { x: middle.x - (box.left + box.right) / 2, y: middle.y - (box.top + box.bottom) / 2 }
  const there = worstAt(field, turned, centred.x, centred.y).clearance
  const centre = there >= -1e-6 ? centred : roomyCentre(field, turned)?.centre
  const pose = { ...(centre ?? centred), rotation }
  const ring = ringOnItem(hoop, pose, job.targets, q, write)
  const refused = ring.reasons.some((r) => r.severity === 'stop')
  return { pose, ring, worth: Number(Boolean(centre)) * 4 + Number(!refused) * 2 + Number(isRoomy(there)) }
}

function judge(
  hoop: HoopChoiceSource,
  { hull, hoopings, targets }: Job,
  { pose, ring }: Turn,
  q: HoopQuery,
  write: Write,
): HoopChoice {
  const fit = placeInHoop({ hull, field: hoop.field, pose, margin: q.margin })
  const reasons = fit.fits
    ? [...fitReasons(fit, q, write), ...ring.reasons]
    : [tooLarge(hoop.field, hull, pose, fit, q, write)]
  return {
    hoop: hoop.id,
    fits: !reasons.some((r) => r.severity === 'stop'),
    rotation: pose.rotation,
    pose,
    fit,
    spareArea: hoopings * (fieldArea(hoop.field) - Math.abs(drawnArea(hull))),
    clothBeyondRing: ring.beyond,
    ringInside: ring.inside,
    hoopings,
    target: targets[0] ?? null,
    size: sizeOf(hull),
    reasons,
  }
}

function sizeOf(hull: readonly Point[]): HoopChoice['size'] {
  const { left, right, top, bottom } = boxOf(hull)
  return { width: right - left, height: bottom - top }
}

function fitReasons(fit: HoopFit, { style }: HoopQuery, write: Write): Advice[] {
  const room = write(roundDownToTape(least(fit) + 1e-6, style ?? { unit: 'mm' }))
  const turn = Math.floor(fit.skewToleranceNudged + 1e-6)
  if (!isRoomy(least(fit)))
    return [caution('tight', `Only ${room} to spare: it has to be hooped true to ${turn} degrees.`)]
  return [note('room', `${room} or more to spare each way; up to ${turn} degrees askew can be dialled out.`)]
}

type RingOnItem = { beyond: number | null; inside: boolean; reasons: Advice[] }

/** Where the ring lies on the item, at each of its targets: over the edge, over a seam, inside the tube. */
function ringOnItem(
  hoop: HoopChoiceSource,
  pose: Pose,
  targets: readonly Pose[],
  q: HoopQuery,
  write: Write,
): RingOnItem {
  const places = targets.map((target) => ringAt(hoop, composePose(target, inversePose(pose)), q, write))
  if (!q.item || places.length === 0) return { beyond: null, inside: true, reasons: [] }
  const told = new Map(places.flatMap((place) => place.reasons).map((r) => [r.text, r]))
  return {
    beyond: Math.min(...places.map((place) => place.beyond ?? Infinity)),
    inside: places.every((place) => place.inside),
    reasons: [...told.values()],
  }
}

function ringAt(
  hoop: HoopChoiceSource,
  frame: Pose,
  { item, holding = 'hooped', thicknessMm }: HoopQuery,
  write: Write,
): RingOnItem {
  if (!item) return { beyond: null, inside: true, reasons: [] }
  const outside = rectangle(hoop.outside.width, hoop.outside.height).map((p) => applyPose(frame, p))
  const opening = fieldBox(hoop.field).map((p) => applyPose(frame, p))
  const beyond = insetOf(outside, item.outline)
  const acrossTube = boxOf(outside).right - boxOf(outside).left
  const inside = !item.tube || acrossTube + 10 <= item.tube.width
  if (holding === 'floated') return { beyond, inside, reasons: [] }
  return {
    beyond,
    inside,
    reasons: [
      ...(inside
        ? []
        : [
            stop(
              'ring-too-wide',
              `The ring, ${write(hoop.outside.width)}, does not go inside the garment: float it or take a smaller hoop.`,
            ),
          ]),
      ...thicknessReasons(hoop, thicknessMm),
      ...(item.tube ? [] : edgeReasons(beyond, write)),
      ...crossed(item.zones, outside, opening),
    ],
  }
}

function thicknessReasons(hoop: HoopChoiceSource, thickness?: number): Advice[] {
  if (thickness === undefined || hoop.maxThicknessMm === undefined || thickness <= hoop.maxThicknessMm) return []
  return [stop('too-thick', `The ring closes over ${hoop.maxThicknessMm} mm; this cloth is ${thickness} mm.`)]
}

function edgeReasons(beyond: number, write: Write): Advice[] {
  if (beyond >= BEYOND_RING) return []
  const text =
    beyond < 0
      ? `The ring hangs ${write(-beyond)} over the cloth’s edge: float it here.`
      : `Only ${write(beyond)} of cloth beyond the ring, ${write(BEYOND_RING)} wanted: float it here.`
  return [stop('cloth-too-small', text)]
}

/** Zones that the ring itself lies on: they meet its outside and are not wholly in its opening. */
function crossed(zones: readonly NoSewZone[], outside: Point[], opening: Point[]): Advice[] {
  const met = zones.filter((zone) => {
    if (zone.ring === 'free' || boxesApart(zone.outline, outside) || gapBetween(zone.outline, outside) > 0) return false
    return !zone.outline.every((p) => insidePolygon(p, opening))
  })
  const names = [...new Set(met.map((z) => `${z.ring}:${writeName(z.name)}`))]
  return names.map((entry) => {
    const [ring, name] = entry.split(':')
    return ring === 'refused'
      ? stop('ring-on-zone', `The ring would lie on the ${name}.`)
      : caution('ring-near-zone', `The ring lies on the ${name}: open or flatten it first.`)
  })
}

function fieldBox(field: HoopField): Point[] {
  if (field.shape === 'polygon') return field.points
  return rectangle(field.width, field.height)
}

function middleOf(field: HoopField): Point {
  const box = boxOf(fieldBox(field))
  return { x: (box.left + box.right) / 2, y: (box.top + box.bottom) / 2 }
}

function fieldArea(field: HoopField): number {
  if (field.shape === 'polygon') return Math.abs(drawnArea(field.points))
  if (field.shape === 'oval') return (Math.PI * field.width * field.height) / 4
  return field.width * field.height - (4 - Math.PI) * field.cornerRadius ** 2
}

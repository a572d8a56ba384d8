import { message } from '../messages'
import { type Advice, stop } from '../advice'
import { boxOf } from '../plane/box'
import { convexHull } from '../plane/convexHull'
import { drawnArea } from '../plane/halfPlane'
import type { Point, Pose } from '../plane/point'
import { fieldArea } from './fields/fieldSize'
import type { HoopChoice, HoopChoiceSource } from './hoopChoice'
import type { HoopField } from './hoopField'
import { type Job, rowJob, wholeJob } from './hoopingJob'
import type { HoopQuery } from './hoopQuery'
import { fitReasons, isRoomy, leastSlack, type RingOnItem, ringReasons } from './hoopReasons'
import { type HoopFit, placeInHoop, roomInHoop } from './placeInHoop'
import { bestTurn, centredPose, goesInside, TOUCH, type Turn } from './ring/placeWithRing'
import { clothBeyond, ringOf, seeCloth, zonesUnder } from './ring/ringPlace'

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
  const choices = q.hoops.map((hoop) => {
    const job = q.row ? rowJob(hoop, q.row) : wholeJob(hoop, whole, q)
    return judge(hoop, job, bestTurn(hoop, job, q), q)
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
function tooLarge(field: HoopField, hull: Point[], pose: Pose, fit: HoopFit, q: HoopQuery): Advice {
  const over = Math.ceil(-fit.clearance)
  const squared = field.shape === 'rect' && field.cornerRadius > 0 ? { ...field, cornerRadius: 0 } : null
  if (squared && roomInHoop({ hull, field: squared, pose, margin: q.margin }).fits)
    return stop('too-large', message('hoop.too-large-corners', { over }))
  return stop('too-large', message('hoop.too-large', { over }))
}

function judge(
  hoop: HoopChoiceSource,
  { hulls, hoopings, targets, parts }: Job,
  { poses }: Turn,
  q: HoopQuery,
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
    ? [...fitReasons({ fit, move }), ...(q.holding === 'floated' ? [] : ringReasons(hoop, ring, q.thicknessMm))]
    : [tooLarge(hoop.field, hull, pose, fit, q)]
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

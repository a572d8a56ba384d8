import type { Hoop } from '@thimble/contract'
import { roomInHoop } from '@thimble/core/hooping'
import { type LengthStyle, roundDownToTape, roundUpToTape } from '@thimble/core/lengths'
import type { Point, Pose } from '@thimble/core/plane'
import { hullAt, lyingAt } from './lyingAt'
import type { HoopOffer } from './offerHoop'

type Ring = Pick<Hoop, 'field'> & { notchOffset?: Point | null | undefined }

/** Nearer than this the notches are laid on the cross. */
const ON_IT = 0.05

/**
 * Where the notches cross, from the cross of the marks, as the hoop lies before the worker: right and toward him are
 * positive. Zero where they go on the marks.
 *
 * @param pose of the design in the hoop, as it is hooped
 * @example a design 16 mm right of the middle of a field whose notches cross there: { x: -16, y: 0 }
 */
export function notchesFromCross({ notchOffset }: Ring, pose: Pose): Point {
  const { x, y } = notchOffset ?? { x: 0, y: 0 }
  return { x: x - pose.x, y: y - pose.y }
}

/**
 * The offer with its notches a length from the cross that the worker's tape shows, and everything after it worked out from
 * there: what is hooped by the tape and dialled as told comes out on the mark. The ring was moved to lie on cloth, so it is
 * moved on rather than back, as far as the design then lies in the field.
 *
 * @param hulls what is sewn at once at each of its places
 */
export function onTape(offer: HoopOffer, hoop: Ring, hulls: readonly Point[][], style: LengthStyle): HoopOffer {
  const poses = offer.poses.map((pose, i) => tapedPose(pose, hoop, hullAt(hulls, i), style))
  return lyingAt(offer, poses, { hoop, hulls })
}

function tapedPose(pose: Pose, hoop: Ring, hull: Point[], style: LengthStyle): Pose {
  const from = notchesFromCross(hoop, pose)
  const across = tapeLengths(from.x, style)
  const along = tapeLengths(from.y, style)
  for (const [x, y] of across.flatMap((x) => along.map((y) => [x, y] as const))) {
    if (Math.abs(x - from.x) < 1e-9 && Math.abs(y - from.y) < 1e-9) return pose
    const taped = { ...pose, x: pose.x + from.x - x, y: pose.y + from.y - y }
    if (roomInHoop({ hull, field: hoop.field, pose: taped }).fits) return taped
  }
  return pose
}

/** Lengths of the tape nearest to one, the next away from nothing first. */
function tapeLengths(mm: number, style: LengthStyle): number[] {
  const far = Math.abs(mm)
  if (far < ON_IT) return [0]
  const short = roundDownToTape(far, style)
  const lengths = far - short < ON_IT ? [short] : [roundUpToTape(far, style), short]
  return lengths.map((length) => Math.sign(mm) * length)
}

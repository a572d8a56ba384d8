import { message, type Named } from '../../messages'
import { type Advice, caution } from '../../advice'
import { CoreError } from '../../errors'
import type { LengthStyle } from '../../lengths/units'
import { boxOf } from '../../plane/box'
import { convexHull } from '../../plane/convexHull'
import { applyPose, composePose, type Point, type Pose } from '../../plane/point'
import { rigidFit, type RigidFit } from '../../plane/rigidFit'
import { fieldBox } from '../fields/fieldSize'
import { shrunkenField } from '../fields/shrunkenField'
import type { HoopChoiceSource } from '../hoopChoice'
import type { HoopField } from '../hoopField'
import { requirePlaceable } from '../placeInHoop'
import { worstAt } from '../reach'
import { turnHull } from '../turnedHull'
import { doubtfulMarks } from './doubtfulMarks'
import { dialledPose, type MachineSteps, requireSteps } from './machineSteps'
import { type DesignPart, remediesFor, type Remedy } from './remedies'

/**
 * `planned`: two or more marks in the item frame; `measured`: the same marks where they landed, in the hoop frame;
 * `target`: the design's pose in the item frame. `names`: what the marks are called in a sentence. `parts`: of a grouped
 * design, so that one of them may be moved.
 */
export type CorrectionQuery = {
  planned: Point[]
  measured: Point[]
  target: Pose
  hull: Point[]
  field: HoopField
  margin?: number
  stretchy?: boolean
  machine: MachineSteps
  shelf?: HoopChoiceSource[]
  names?: readonly string[]
  parts?: readonly DesignPart[]
  style?: LengthStyle
}

/** `edgeError`: the farthest any point of the design lies from where it should once it is dialled, in mm. */
export type Correction = {
  exact: Pose
  dialled: Pose
  edgeError: number
  fitsExact: boolean
  fitsDialled: boolean
  rms: number
  stretch: { along: number; across: number }
  warnings: Advice[]
  remedies: Remedy[]
}

/** A knit stretched more than this puckers when it is let go (craft.md section 3). */
const PUCKERS = 0.02
/** Half a degree askew is hardly seen. */
const HARDLY = 0.5
const TOUCH = 1e-6

/**
 * How the design has to lie in the hoop for the cloth as it was really hooped: turn and move, what the machine can dial
 * of it, and what to do where it does not fit. Rule: core.md section 4.
 *
 * @returns lengths in mm, angles in degrees clockwise; remedies only where the exact pose does not fit, least trouble first
 * @throws CoreError 'degenerate' as rigidFit, 'bad-request' for lists of different length, 'bad-machine', and as placeInHoop
 * @example a design planned on the cross, its cross found 6 left and 9 low and turned 3: exact (-6, 9) and 3 degrees
 */
export function correctHooping(q: CorrectionQuery): Correction {
  const { planned, measured, target, hull, field, margin = 0, machine } = q
  if (planned.length !== measured.length)
    throw new CoreError('bad-request', message('problem.each-mark-needs-the-place'), 'measured')
  requireSteps(machine)
  requirePlaceable(hull, target)
  const pairs = planned.map((from, i) => ({ from, to: measured[i]! }))
  const fit = rigidFit(pairs)
  const exact = composePose(fit.pose, target)
  const dialled = dialledPose(exact, machine)
  const room = shrunkenField(field, margin)
  const outline = convexHull(hull)
  const fits = ({ x, y, rotation }: Pose): boolean =>
    worstAt(room, turnHull(outline, rotation), x, y).clearance >= -TOUCH
  const fitsExact = fits(exact)
  const names = planned.map((_, i): Named => named(q.names?.[i]) ?? message('mark.n', { n: i + 1 }))
  return {
    exact,
    dialled,
    edgeError: farthest(outline, exact, dialled),
    fitsExact,
    fitsDialled: fits(dialled),
    rms: fit.rms,
    stretch: fit.stretch,
    warnings: [
      ...doubtfulMarks({ pairs, names, fit, field: fieldBox(field) }),
      ...stretchAdvice(q, fit),
      ...turnAdvice(exact, dialled, machine),
    ],
    remedies: fitsExact
      ? []
      : remediesFor({ field: room, hull: outline, exact, margin, shelf: q.shelf ?? [], parts: q.parts ?? [] }),
  }
}

function farthest(outline: readonly Point[], exact: Pose, dialled: Pose): number {
  return Math.max(
    ...outline.map((p) => {
      const [a, b] = [applyPose(exact, p), applyPose(dialled, p)]
      return Math.hypot(a.x - b.x, a.y - b.y)
    }),
  )
}

const named = (own: string | undefined): Named | undefined => (own === undefined ? own : { own })

function stretchAdvice({ stretchy, hull }: CorrectionQuery, { stretch }: RigidFit): Advice[] {
  const most = Math.max(stretch.along, stretch.across)
  if (!stretchy || most <= PUCKERS || most > 0.1) return []
  const { left, right, top, bottom } = boxOf(hull)
  const back = Math.max(1, Math.round(most * Math.max(right - left, bottom - top)))
  return [caution('stretched', message('marks.stretched', { percent: tenth(most * 100), back }))]
}

const tenth = (value: number): number => Math.round(value * 10) / 10

/** What a machine that turns only so far leaves askew. */
function turnAdvice(exact: Pose, dialled: Pose, { maxAngle }: MachineSteps): Advice[] {
  const askew = Math.abs(exact.rotation - Math.round(exact.rotation / 90) * 90)
  if (maxAngle >= 45 || askew <= maxAngle + HARDLY) return []
  const left = ((((exact.rotation - dialled.rotation + 180) % 360) + 360) % 360) - 180
  const turns: Named = maxAngle > 0 ? message('machine.turns-to', { most: maxAngle }) : 'machine.turns-quarters'
  const way = left > 0 ? 'turn.anticlockwise' : 'turn.clockwise'
  return [caution('past-its-turn', message('marks.past-its-turn', { turns, far: tenth(Math.abs(left)), way }))]
}

import { message } from '../../messages/message'
import { CoreError } from '../../errors'
import type { Pose } from '../../plane/point'

/**
 * What a machine can dial: turns in `angleStep` degrees, moves in `moveStep` mm (0: any), and no farther than `maxAngle`
 * degrees from the nearest quarter turn; 45 or more: any angle.
 */
export type MachineSteps = { angleStep: number; moveStep: number; maxAngle: number }

const GRAIN = 1e-9

/** @throws CoreError('bad-machine') for steps that are not numbers from zero up */
export function requireSteps({ angleStep, moveStep, maxAngle }: MachineSteps): void {
  for (const [name, value] of Object.entries({ angleStep, moveStep, maxAngle }))
    if (!(value >= 0) || !Number.isFinite(value))
      throw new CoreError('bad-machine', message('problem.the-machines-steps-cant-be'), `machine.${name}`)
}

const inSteps = (value: number, step: number): number =>
  step > 0 ? Math.sign(value) * Math.round(Math.abs(value) / step) * step : value
const within = (angle: number): number => {
  const turn = ((angle % 360) + 360) % 360
  return turn > 180 + GRAIN ? turn - 360 : turn
}

/** Halves of rounding leave -0 and 0.30000000000000004 behind. */
const tidy = (value: number): number => Number(value.toFixed(9)) + 0

/**
 * The pose nearest to `exact` that the machine can dial: whole steps of move and turn, no farther than it turns.
 *
 * @example dialledPose({ x: 3.26, y: -1.9, rotation: 2.7 }, { angleStep: 1, moveStep: 0.5, maxAngle: 10 }) // 3.5 -2 3
 */
export function dialledPose(exact: Pose, { angleStep, moveStep, maxAngle }: MachineSteps): Pose {
  const quarter = Math.round(exact.rotation / 90) * 90
  const nearest = inSteps(exact.rotation, angleStep)
  const rotation = Math.abs(nearest - quarter) <= maxAngle + GRAIN || maxAngle >= 45 ? nearest : atMost()
  function atMost(): number {
    const way = Math.sign(exact.rotation - quarter) || 1
    if (angleStep === 0) return quarter + way * Math.min(maxAngle, Math.abs(exact.rotation - quarter))
    // The last whole step that is not past the most it turns; the quarter turn itself can always be dialled.
    const last =
      way > 0
        ? Math.floor((quarter + maxAngle + GRAIN) / angleStep)
        : Math.ceil((quarter - maxAngle - GRAIN) / angleStep)
    const found = last * angleStep
    return (found - quarter) * way >= 0 ? found : quarter
  }
  return { x: tidy(inSteps(exact.x, moveStep)), y: tidy(inSteps(exact.y, moveStep)), rotation: tidy(within(rotation)) }
}

import { planning as t } from '@thimble/language/en/planning'
import { type Message, message } from '@thimble/core/messages'
import type { Hoop, Machine, Piece } from '@thimble/contract'
import { fieldBox, type MachineSteps } from '@thimble/core/hooping'

/** What is known of the machine a piece goes on: all that its hooping rests on. */
export type BenchMachine = Pick<
  Machine,
  'bed' | 'field' | 'turns' | 'angleStep' | 'moveStep' | 'throatDepth' | 'throatHeight' | 'usualSpm' | 'changeSeconds'
> & { id: string | null; name: string }

/** A home machine as there are many, while none is in the stash. */
const plain: BenchMachine = {
  ...{ id: null, name: t('the-machine'), bed: 'flat', turns: 'any', angleStep: 1, moveStep: 0.5 },
  ...{ field: { width: 5000, height: 5000 }, throatDepth: 180, throatHeight: 90 },
  ...{ usualSpm: 600, changeSeconds: 75 },
}

/**
 * The machines a piece may go on, in groups of which the first that can sew it counts; never none: the one picked for it; else
 * those on the bench, then those put away; else one of no name.
 */
export function machinesFor(
  { hoop }: { hoop: Pick<Piece['hoop'], 'machineId'> },
  machines: readonly Machine[],
): readonly (readonly [BenchMachine, ...BenchMachine[]])[] {
  const groups = [
    machines.filter((m) => m.id === hoop.machineId),
    machines.filter((m) => m.onBench),
    machines.filter((m) => !m.onBench),
  ]
  const [picked] = groups
  const some = (picked!.length > 0 ? [picked!] : groups).flatMap(([first, ...rest]) =>
    first ? [[first, ...rest] as const] : [],
  )
  return some.length > 0 ? some : [[plain]]
}

/** What it can dial; by quarters only it turns no angle between. */
export const stepsOf = ({ turns, angleStep, moveStep }: BenchMachine): MachineSteps => ({
  angleStep: turns === 'any' ? angleStep : 90,
  moveStep,
  maxAngle: turns === 'any' ? 45 : 0,
})

/** Why a machine does not take a hoop; null where it does. A machine that is gone counts as not named. */
export function notTaken(
  { machines, field }: Hoop,
  machine: BenchMachine,
  standing: readonly Machine[],
): Message | null {
  const of = { machine: { own: machine.name } }
  const named = machines.filter((id) => standing.some((one) => one.id === id))
  if (machine.id && named.length > 0 && !named.includes(machine.id)) return message('hoop.not-of-machine', of)
  const { left, right, top, bottom } = fieldBox(field)
  const fits = right - left <= machine.field.width + 0.5 && bottom - top <= machine.field.height + 0.5
  return fits ? null : message('hoop.field-too-large', of)
}

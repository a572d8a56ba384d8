import type { Added, HoopDecision } from '@thimble/contract'
import type { Marked } from '../measure/placed'
import type { HoopPlan } from './planHoop'
import { hoopingsOf } from './rowHoopings'

/** The hooping of this moment as it is decided; null while none of the hoops takes it. With no hoops, it is in one not noted. */
export function keepHooping(
  { ranked, chosen, hoop, machine, advice, method, added }: HoopPlan,
  { design, placed }: Marked,
  at: string,
): HoopDecision | null {
  const reasons = advice.method === method ? advice.because : advice.choices.find((c) => c.method === method)?.because
  const on = machine.id ? { id: machine.id, name: machine.name } : null
  const held = { at, holding: method, because: (reasons ?? []).map((b) => b.rule), machine: on }
  if (ranked.length === 0) return { ...held, ...inNoHoop }
  if (!chosen || !hoop) return null
  const { id, name, field, outside, clamp, notchOffset } = hoop
  return {
    ...held,
    hoop: { id, name, field, outside, clamp, notchOffset },
    pose: chosen.pose,
    target: chosen.target,
    groups: hoopingsOf(placed?.row ?? null, design.height, hoop),
    parts: chosen.parts,
    poses: chosen.poses.length > 1 ? chosen.poses : null,
    turn: chosen.loading?.turn ?? null,
    added: withRoom(added),
  }
}

const inNoHoop = {
  ...{ hoop: null, pose: null, target: null, groups: null, parts: null, poses: null, turn: null, added: null },
} as const

/** Where there is no room for it nothing is added. */
export function withRoom(added: HoopPlan['added']): Added | null {
  if (!added?.roomy) return null
  const { roomy, ...rest } = added
  return rest
}

import type { Piece } from '@thimble/contract'
import { dialledText } from '../hoop/dialWords'
import type { HoopPlan } from '../hoop/planHoop'

type LastTime = {
  machine: boolean
  hoop: boolean
  turn: boolean
  holding: boolean
  /** What was dialled in then, in words; null: not noted. */
  dialled: string | null
}

/** What of a piece stands as it was on the one it is the same as again; null: there is none, or it was not hooped. */
export function lastTime({ measure, hoop: stage }: Piece, plan: HoopPlan): LastTime | null {
  const hooped = measure.carried?.hooped
  if (!hooped) return null
  return {
    machine: hooped.machineId !== null && hooped.machineId === plan.machine.id,
    hoop: hooped.hoopId !== null && hooped.hoopId === plan.hoop?.id,
    turn: hooped.turn !== null && hooped.turn === stage.turn,
    holding: hooped.holding !== null && hooped.holding === plan.method,
    dialled: hooped.dialled && dialledText(hooped.dialled),
  }
}

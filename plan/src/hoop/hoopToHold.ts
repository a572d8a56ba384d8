import type { HoldingMethod } from '@thimble/core/recipe'
import type { PlanHoopInput } from './offerHoop'
import { planHoop } from './planHoop'

/** The hoop that can hold a piece this way at its place, the best of those that can; null where none of the shelf can. */
export function hoopToHold(holding: HoldingMethod, ask: PlanHoopInput): string | null {
  const { piece } = ask
  const hoops = ask.hoops.filter(({ clamp }) => clamp === (holding === 'clamped'))
  const { chosen } = planHoop({ ...ask, hoops, piece: { ...piece, hoop: { ...piece.hoop, holding, hoopId: null } } })
  const allowed = chosen?.advice.choices.some((choice) => choice.method === holding && choice.allowed)
  return chosen?.fits && allowed ? chosen.hoop : null
}

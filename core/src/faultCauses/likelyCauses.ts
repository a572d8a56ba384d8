import type { Message } from '../messages'
import type { FaultId } from '../outcomes/faults'
import type { Afterwards } from './afterwards'
import type { CauseRule } from './causeRule'
import { changeOf, type TroubleChange } from '../suggestedChanges'
import { clothCauses } from './clothCauses'
import { placingCauses } from './placingCauses'
import { threadCauses } from './threadCauses'

/** `likely`: what was used speaks for it. */
export type Cause = {
  id: string
  fault: FaultId
  said: Message
  likely: boolean
  because: string | null
  change: TroubleChange
}

/** Every cause the program knows, of each fault in the order in which they are likeliest where nothing is known. */
export const causeRules: readonly CauseRule[] = [...clothCauses, ...threadCauses, ...placingCauses]

/**
 * Why a fault came, by what was used: the likeliest cause first, each with one change to try. What speaks for a cause
 * puts it before the others; what cannot have been is left out.
 *
 * Source: craft.md section 10.
 *
 * @example likelyCauses('puckering', a floated knit)[0].id // 'puckering.floated'; of a hooped one 'puckering.pulled'
 */
export function likelyCauses(fault: FaultId, f: Afterwards): Cause[] {
  const possible = causeRules.filter((rule) => rule.fault === fault && (rule.where?.(f) ?? true))
  const told = possible.map(({ id, first, change }) => {
    const likely = first?.(f) ?? false
    const because = likely ? (first?.says ?? null) : null
    return { id, fault, said: [`cause.${id}`] as const, likely, because, change: changeOf(change) }
  })
  return [...told.filter(({ likely }) => likely), ...told.filter(({ likely }) => !likely)]
}

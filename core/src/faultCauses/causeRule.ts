import type { Condition } from '../recipe/condition'
import type { FaultId } from '../outcomes/faults'
import type { Afterwards } from './afterwards'
import type { Behind } from '../messages'
import type { ChangeId } from '../suggestedChanges'

/** A cause whose sentence the catalogue has. */
type CauseId = Behind<'cause'>

/**
 * One usual cause of a fault. Of a fault they stand in the order in which they are likeliest where nothing is known;
 * `where`: it can be at all; `first`: what was used makes it the likeliest.
 */
export type CauseRule = {
  id: CauseId
  fault: FaultId
  where?: Condition<Afterwards>
  first?: Condition<Afterwards>
  change: ChangeId
}

import type { Condition } from '../recipe/condition'
import type { FaultId } from '../outcomes/faults'
import type { Afterwards } from './afterwards'
import type { ChangeId } from '../suggestedChanges'

/**
 * One usual cause of a fault. Of a fault they stand in the order in which they are likeliest where nothing is known;
 * `where`: it can be at all; `first`: what was used makes it the likeliest.
 */
export type CauseRule = {
  id: string
  fault: FaultId
  says: string
  where?: Condition<Afterwards>
  first?: Condition<Afterwards>
  change: ChangeId
}

import { all, any } from '../recipe/condition'
import { floated, gaveWay, heldInRing, loadedTurned, skipped, unlooked, wasPulled } from './afterwards'
import type { CauseRule } from './causeRule'

const ringSkipped = skipped('check.ring', 'nobody checked that the inner ring was the right way round')
const moveSkipped = skipped('start.move', 'nobody checked what was dialled in')
const underSkipped = skipped('check.under', 'nobody felt what was under the hoop')

/** What goes wrong with where it lies. */
export const placingCauses: readonly CauseRule[] = [
  {
    id: 'placed.marks',
    fault: 'placed-off',
    first: unlooked,
    change: 'look-first',
  },
  {
    id: 'placed.ring',
    fault: 'placed-off',
    where: heldInRing,
    first: ringSkipped,
    change: 'ring-round',
  },
  {
    id: 'placed.crept',
    fault: 'placed-off',
    where: any(gaveWay, floated),
    first: any(wasPulled, all(gaveWay, floated)),
    change: 'stick-cloth',
  },
  {
    id: 'placed.turned',
    fault: 'placed-off',
    where: loadedTurned,
    first: moveSkipped,
    change: 'check-move',
  },
  {
    id: 'crooked.hooped',
    fault: 'crooked',
    first: unlooked,
    change: 'hoop-again',
  },
  {
    id: 'crooked.skewed',
    fault: 'crooked',
    change: 'both-halves',
  },
  {
    id: 'sewn-in.felt',
    fault: 'sewn-in',
    where: underSkipped,
    first: underSkipped,
    change: 'roll',
  },
  {
    id: 'sewn-in.loose',
    fault: 'sewn-in',
    change: 'roll',
  },
]

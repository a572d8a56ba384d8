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
    says: 'Nobody checked where the marks landed in the hoop.',
    first: unlooked,
    change: 'look-first',
  },
  {
    id: 'placed.ring',
    fault: 'placed-off',
    says: 'A reversed inner ring puts the notches off, on some hoops by up to 25 mm.',
    where: heldInRing,
    first: ringSkipped,
    change: 'ring-round',
  },
  {
    id: 'placed.crept',
    fault: 'placed-off',
    says: 'Stretchy cloth crept while it was hooped or sewn.',
    where: any(gaveWay, floated),
    first: any(wasPulled, all(gaveWay, floated)),
    change: 'stick-cloth',
  },
  {
    id: 'placed.turned',
    fault: 'placed-off',
    says: 'It was loaded turned, but the move may not have been.',
    where: loadedTurned,
    first: moveSkipped,
    change: 'check-move',
  },
  {
    id: 'crooked.hooped',
    fault: 'crooked',
    says: 'It was hooped more crooked than was corrected at the machine.',
    first: unlooked,
    change: 'hoop-again',
  },
  {
    id: 'crooked.skewed',
    fault: 'crooked',
    says: 'The garment is skewed: neck and body don’t line up.',
    change: 'both-halves',
  },
  {
    id: 'sewn-in.felt',
    fault: 'sewn-in',
    says: 'Nobody felt under the hoop, and something was there.',
    where: underSkipped,
    first: underSkipped,
    change: 'roll',
  },
  {
    id: 'sewn-in.loose',
    fault: 'sewn-in',
    says: 'Loose cloth wasn’t held away and slid under.',
    change: 'roll',
  },
]

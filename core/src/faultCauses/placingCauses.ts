import { all, any } from '../recipe/condition'
import { floated, gaveWay, heldInRing, loadedTurned, skipped, unlooked, wasPulled } from './afterwards'
import type { CauseRule } from './causeRule'

const ringSkipped = skipped('check.ring', 'it was not looked whether the ring was the right way round')
const moveSkipped = skipped('start.move', 'it was not looked what was dialled')
const underSkipped = skipped('check.under', 'it was not felt what lay under the ring')

/** What goes wrong with where it lies. */
export const placingCauses: readonly CauseRule[] = [
  {
    id: 'placed.marks',
    fault: 'placed-off',
    says: 'The marks were not followed: it was not looked at where they landed in the hoop.',
    first: unlooked,
    change: 'look-first',
  },
  {
    id: 'placed.ring',
    fault: 'placed-off',
    says: 'An inner ring put in reversed sets the notches off, on some hoops by up to 25 mm.',
    where: heldInRing,
    first: ringSkipped,
    change: 'ring-round',
  },
  {
    id: 'placed.crept',
    fault: 'placed-off',
    says: 'A cloth that gives crept while it was hooped or sewn.',
    where: any(gaveWay, floated),
    first: any(wasPulled, all(gaveWay, floated)),
    change: 'stick-cloth',
  },
  {
    id: 'placed.turned',
    fault: 'placed-off',
    says: 'It was loaded turned, and its move may not have been turned with it.',
    where: loadedTurned,
    first: moveSkipped,
    change: 'check-move',
  },
  {
    id: 'crooked.hooped',
    fault: 'crooked',
    says: 'It was hooped askew, more than was turned at the machine.',
    first: unlooked,
    change: 'hoop-again',
  },
  {
    id: 'crooked.skewed',
    fault: 'crooked',
    says: 'The garment itself is skewed: neck and body do not agree.',
    change: 'both-halves',
  },
  {
    id: 'sewn-in.felt',
    fault: 'sewn-in',
    says: 'It was not felt round under the ring, and something lay there.',
    where: underSkipped,
    first: underSkipped,
    change: 'roll',
  },
  {
    id: 'sewn-in.loose',
    fault: 'sewn-in',
    says: 'What is not sewn was not held away, and slid under.',
    change: 'roll',
  },
]

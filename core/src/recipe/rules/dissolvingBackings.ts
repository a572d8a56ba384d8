import { message } from '../../messages'
import { all, any, not } from '../condition'
import { fine, sheer, springy, takesWater } from '../conditions/cloth'
import { lightWork, mayDissolve } from '../conditions/work'
import { type BackingPlan, clothIn, one } from './backingPlan'

const noneStays = all(takesWater, any(mayDissolve, all(lightWork, fine)))

/** One school leaves nothing behind light work that is worn and washed, or on fine cloth (craft.md sections 5 and 9). */
export const dissolvingBackings: readonly BackingPlan[] = [
  {
    id: 'back.fine-wash-away',
    holdings: clothIn,
    habit: 'wearableBacking',
    choice: 'dissolves',
    worth: 36,
    when: all(noneStays, not(springy), not(sheer)),
    decided: 'wash-away',
    says: (f) => message(f.fine ? 'why.back.fine-wash-away.sheer' : 'why.back.fine-wash-away'),
    layers: () => [one('wash-away', 'in-ring')],
  },
  {
    id: 'back.floated-wash-away-sprayed',
    holdings: ['floated'],
    habit: 'wearableBacking',
    choice: 'dissolves',
    worth: (f) => (f.habits.grip === 'spray' ? 32 : 26),
    when: all(noneStays, not(sheer)),
    decided: 'floated on sprayed wash-away',
    clothGrip: 'sprayed',
    layers: () => [one('wash-away', 'in-ring')],
  },
  {
    id: 'back.floated-wash-away-sticky',
    holdings: ['floated'],
    habit: 'wearableBacking',
    choice: 'dissolves',
    worth: 30,
    when: all(noneStays, not(sheer)),
    decided: 'pressed on sticky wash-away',
    clothGrip: 'sticky',
    layers: () => [one('wash-away-sticky', 'in-ring')],
  },
]

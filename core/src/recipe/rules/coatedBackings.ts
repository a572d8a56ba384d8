import { message } from '../../messages'
import { all, any, not } from '../condition'
import { coated, stretchesOver10 } from '../conditions/cloth'
import { skin } from '../conditions/work'
import { type BackingPlan, clothIn, one } from './backingPlan'

const stays = any(stretchesOver10, skin)

/** Coated cloth, vinyl and leather: no heat, no water, no holes but the stitches (craft.md sections 3, 5 and 6). */
export const coatedBackings: readonly BackingPlan[] = [
  {
    id: 'back.coated-sticky',
    holdings: ['floated'],
    habit: 'grip',
    choice: 'sticky',
    worth: 44,
    when: all(coated, not(stays)),
    decided: 'pressed on sticky tear-away',
    clothGrip: 'sticky',
    layers: () => [one('tear-away-sticky', 'in-ring')],
  },
  {
    id: 'back.coated-sprayed',
    holdings: ['floated'],
    habit: 'grip',
    choice: 'spray',
    worth: 40,
    when: all(coated, not(stays)),
    decided: 'floated on sprayed tear-away',
    clothGrip: 'sprayed',
    layers: () => [one('tear-away-medium', 'in-ring')],
  },
  {
    id: 'back.coated-mesh-on-sticky',
    holdings: ['floated'],
    habit: 'grip',
    choice: 'sticky',
    worth: 34,
    when: all(coated, stays),
    decided: 'mesh on a sticky carrier',
    clothGrip: 'sticky',
    layers: () => [one('cut-away-mesh', 'sprayed'), one('tear-away-sticky', 'in-ring')],
  },
  {
    id: 'back.coated-cut-away',
    holdings: ['floated'],
    worth: 20,
    when: coated,
    decided: 'floated on sprayed cut-away',
    clothGrip: 'sprayed',
    layers: (f) => [one(f.skin ? 'cut-away-mesh' : 'cut-away-medium', 'in-ring')],
  },
  {
    id: 'back.coated-in-clamp',
    holdings: clothIn,
    worth: 44,
    when: all(coated, not(stays)),
    decided: 'tear-away',
    says: (f) => message('why.back.coated-in-clamp', { percent: f.stretch }),
    layers: () => [one('tear-away-medium', 'in-ring')],
  },
  {
    id: 'back.coated-in-clamp-cut-away',
    holdings: clothIn,
    worth: 40,
    when: coated,
    decided: 'cut-away',
    layers: (f) => [one(f.skin ? 'cut-away-mesh' : 'cut-away-medium', 'in-ring')],
  },
  {
    id: 'back.coated-under',
    holdings: ['backing-under'],
    worth: 40,
    when: coated,
    decided: 'backing slid under',
    layers: (f) => [one(f.skin || f.stretchy ? 'cut-away-mesh' : 'tear-away-medium', 'loose')],
  },
]

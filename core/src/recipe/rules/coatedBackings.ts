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
    text: () => 'A hoop would mark it for good, so sticky tear-away holds it.',
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
    text: () => 'Pressed on sprayed tear-away, nothing marks its face.',
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
    text: () => 'Mesh stays behind the stitches. The sticky carrier only holds it.',
    clothGrip: 'sticky',
    layers: () => [one('cut-away-mesh', 'sprayed'), one('tear-away-sticky', 'in-ring')],
  },
  {
    id: 'back.coated-cut-away',
    holdings: ['floated'],
    worth: 20,
    when: coated,
    decided: 'floated on sprayed cut-away',
    text: () => 'Needle holes weaken it, so cut-away stays to carry the stitches.',
    clothGrip: 'sprayed',
    layers: (f) => [one(f.skin ? 'cut-away-mesh' : 'cut-away-medium', 'in-ring')],
  },
  {
    id: 'back.coated-in-clamp',
    holdings: clothIn,
    worth: 44,
    when: all(coated, not(stays)),
    decided: 'tear-away',
    text: (f) => `It stretches ${f.stretch} %, so tear-away is enough.`,
    layers: () => [one('tear-away-medium', 'in-ring')],
  },
  {
    id: 'back.coated-in-clamp-cut-away',
    holdings: clothIn,
    worth: 40,
    when: coated,
    decided: 'cut-away',
    text: () => 'Needle holes weaken it, so cut-away stays to carry the stitches.',
    layers: (f) => [one(f.skin ? 'cut-away-mesh' : 'cut-away-medium', 'in-ring')],
  },
  {
    id: 'back.coated-under',
    holdings: ['backing-under'],
    worth: 40,
    when: coated,
    decided: 'backing slid under',
    text: () => 'Slid under at the machine, nothing sticks to its back.',
    layers: (f) => [one(f.skin || f.stretchy ? 'cut-away-mesh' : 'tear-away-medium', 'loose')],
  },
]

import type { Facts } from '../facts'
import { type BackingPlan, byLoad, clothIn, one } from './backingPlan'

const towel = (f: Facts): boolean => f.towelling && !f.stretchy

/** Terry and waffle that stretch up to 10 % (craft.md section 5, "Towels"). */
export const towelBackings: readonly BackingPlan[] = [
  {
    id: 'back.towel-skin',
    holdings: ['floated'],
    worth: 60,
    clothGrip: 'sticky',
    when: (f) => towel(f) && f.skin,
    decided: 'mesh on a sticky carrier',
    text: () => 'Worn next to skin: mesh stays soft behind the stitches, the sticky carrier tears away.',
    layers: (f) => [one('cut-away-mesh', 'sticky', f.dense ? 2 : 1), one('tear-away-sticky', 'in-ring')],
  },
  {
    id: 'back.towel-fused-sticky',
    holdings: ['floated'],
    habit: 'grip',
    choice: 'fuse',
    worth: 50,
    clothGrip: 'sticky',
    when: (f) => towel(f) && !f.skin && f.takesHeat,
    decided: 'fused tear-away on sticky',
    text: () => 'A light tear-away fused to the back firms the loops, sticky tear-away in the ring holds the piece.',
    layers: (f) => [
      one(f.dense ? 'cut-away-mesh-fusible' : 'tear-away-fusible', 'fused'),
      one('tear-away-sticky', 'in-ring'),
    ],
  },
  {
    id: 'back.towel-sticky',
    holdings: ['floated'],
    habit: 'grip',
    choice: 'sticky',
    worth: 42,
    clothGrip: 'basted',
    when: (f) => towel(f) && !f.skin && !f.dense,
    decided: 'sticky tear-away, basted',
    text: () => 'A light design needs no more than sticky tear-away with a basted frame.',
    layers: () => [one('tear-away-sticky', 'in-ring')],
  },
  {
    id: 'back.towel-sprayed',
    holdings: ['floated'],
    habit: 'grip',
    choice: 'spray',
    worth: 38,
    clothGrip: 'sprayed',
    when: (f) => towel(f) && !f.skin,
    decided: 'floated on sprayed backing',
    text: (f) =>
      f.dense
        ? 'Dense work on loops: cut-away in the ring, sprayed, the towel pressed on and basted.'
        : 'Tear-away in the ring, sprayed, the towel pressed on and basted.',
    layers: (f) => [one(f.dense ? 'cut-away-medium' : 'tear-away-medium', 'in-ring', byLoad(f))],
  },
  {
    id: 'back.towel-hooped-cut-away',
    holdings: clothIn,
    worth: 40,
    clothGrip: 'in-ring',
    when: (f) => towel(f) && (f.dense || f.skin || f.use.laundering === 'daily'),
    decided: 'cut-away',
    text: (f) =>
      `${f.dense ? 'Dense' : f.skin ? 'Next to skin' : 'Washed often'}, and it gives ${f.stretch} %: cut-away outlasts the wash.`,
    layers: (f) => [one(f.skin ? 'cut-away-mesh' : 'cut-away-medium', 'sprayed', byLoad(f))],
  },
  {
    id: 'back.towel-hooped-tear-away',
    holdings: clothIn,
    worth: 36,
    clothGrip: 'in-ring',
    when: (f) => towel(f) && !f.skin && !f.dense,
    decided: 'tear-away',
    text: (f) => `It gives only ${f.stretch} %: tear-away is enough, and leaves the back clean.`,
    layers: (f) => [one('tear-away-medium', 'in-ring', byLoad(f))],
  },
  {
    id: 'back.towel-under',
    holdings: ['backing-under'],
    worth: 40,
    clothGrip: 'in-ring',
    when: towel,
    decided: 'tear-away slid under',
    text: () => 'Slid under at the machine once the towel is hooped bare.',
    layers: (f) => [one(f.dense ? 'cut-away-medium' : 'tear-away-medium', 'loose', byLoad(f))],
  },
]

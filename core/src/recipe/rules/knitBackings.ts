import type { Facts } from '../facts'
import { type BackingPlan, byLoad, clothIn, one } from './backingPlan'

const stretchy = (f: Facts): boolean => f.stretchy || f.knit
const sheer = (f: Facts): boolean => f.pale && (f.seeThrough === 'medium' || f.seeThrough === 'high')

/** Cloth that stretches over 10 %: the backing stays for the garment's life (craft.md section 5). */
export const knitBackings: readonly BackingPlan[] = [
  {
    id: 'back.pale-knit-mesh',
    holdings: clothIn,
    habit: 'grip',
    choice: 'fuse',
    worth: 60,
    clothGrip: 'in-ring',
    when: (f) => stretchy(f) && f.takesHeat && sheer(f),
    decided: 'fused mesh with tear-away below',
    text: () => 'Pale and thin: mesh is fused on so no patch shows, tear-away below it lends strength and goes again.',
    layers: (f) => [
      one('cut-away-mesh-fusible', 'fused', f.dense ? 2 : 1),
      one('tear-away-light', 'in-ring', f.lightWork ? 1 : 2),
    ],
  },
  {
    id: 'back.knit-fused-mesh',
    holdings: clothIn,
    habit: 'grip',
    choice: 'fuse',
    worth: 50,
    clothGrip: 'in-ring',
    when: (f) => stretchy(f) && f.takesHeat && !sheer(f),
    decided: 'fused mesh',
    text: (f) => `It stretches ${f.stretch} %: cut-away stays for the garment’s life, and fused the two act as one.`,
    layers: (f) => {
      if (f.lightWork && f.habits.layers === 'by-load') return [one('cut-away-mesh-fusible', 'fused')]
      const below = f.dense && !f.skin ? 'cut-away-medium' : 'cut-away-mesh'
      return [one('cut-away-mesh-fusible', 'fused'), one(below, 'in-ring')]
    },
  },
  {
    id: 'back.knit-cut-away',
    holdings: clothIn,
    habit: 'grip',
    choice: 'spray',
    worth: 46,
    clothGrip: 'in-ring',
    when: (f) => stretchy(f) && !f.skin,
    decided: 'cut-away, sprayed',
    text: (f) =>
      `It stretches ${f.stretch} %: a firm cut-away, sprayed so the knit cannot creep, carries the stitches.`,
    layers: (f) => [one('cut-away-medium', 'sprayed', byLoad(f))],
  },
  {
    id: 'back.knit-mesh-sprayed',
    holdings: clothIn,
    habit: 'grip',
    choice: 'spray',
    worth: 44,
    clothGrip: 'in-ring',
    when: (f) => stretchy(f) && (f.skin || sheer(f)),
    decided: 'mesh, sprayed',
    text: () => 'Soft mesh stays behind the stitches and shows least; spray keeps the knit from creeping.',
    layers: (f) => [one('cut-away-mesh', 'sprayed', f.lightWork && f.habits.layers === 'by-load' ? 1 : 2)],
  },
  {
    id: 'back.knit-on-sticky',
    holdings: ['floated'],
    habit: 'knits',
    choice: 'float',
    worth: 40,
    clothGrip: 'sticky',
    when: (f) => stretchy(f) && !f.dense,
    decided: 'mesh on a sticky carrier',
    text: () => 'Sticky tear-away only carries the knit; the mesh between them is what stays.',
    layers: (f) => [
      f.takesHeat ? one('cut-away-mesh-fusible', 'fused') : one('cut-away-mesh', 'sprayed'),
      one('tear-away-sticky', 'in-ring'),
    ],
  },
  {
    id: 'back.knit-on-sprayed-cut-away',
    holdings: ['floated'],
    habit: 'knits',
    choice: 'float',
    worth: 36,
    clothGrip: 'sprayed',
    when: (f) => stretchy(f) && !f.dense,
    decided: 'floated on sprayed cut-away',
    text: () => 'The cut-away sits in the ring and the knit is pressed on it: no ring mark, nothing stretched.',
    layers: (f) => [
      one(
        f.skin || sheer(f) ? 'cut-away-mesh' : 'cut-away-medium',
        'in-ring',
        f.habits.layers === 'always-two' ? 2 : 1,
      ),
    ],
  },
  {
    id: 'back.knit-dissolves',
    holdings: clothIn,
    habit: 'wearableBacking',
    choice: 'dissolves',
    worth: 30,
    clothGrip: 'in-ring',
    when: (f) => stretchy(f) && f.lightWork && f.use.laundering !== 'never',
    decided: 'wash-away',
    text: () => 'Another school leaves nothing in wearables: wash-away, for light designs only.',
    layers: (f) => [one('wash-away', 'sprayed', byLoad(f))],
  },
  {
    id: 'back.stretch-under',
    holdings: ['backing-under'],
    worth: 40,
    clothGrip: 'in-ring',
    when: stretchy,
    decided: 'cut-away slid under',
    text: () => 'Slid under at the machine: cut-away, since the cloth stretches.',
    layers: () => [one('cut-away-medium', 'loose')],
  },
]

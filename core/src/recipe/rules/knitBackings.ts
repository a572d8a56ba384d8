import { message } from '../../messages'
import { all, not } from '../condition'
import { fusible, knit, paleThin, pile, springy, takesWater } from '../conditions/cloth'
import { lightWork, mayDissolve, skin } from '../conditions/work'
import { type BackingPlan, clothIn, meshOn, one } from './backingPlan'

/** Knits, and wovens that stretch over 10 %: the backing stays for the garment's life (craft.md section 5). */
export const knitBackings: readonly BackingPlan[] = [
  {
    id: 'back.pale-knit-mesh',
    holdings: clothIn,
    habit: 'grip',
    choice: 'fuse',
    worth: 60,
    when: all(springy, paleThin, fusible),
    decided: 'fused mesh with tear-away below',
    layers: (f) => [
      one('cut-away-mesh-fusible', 'fused', f.dense ? 2 : 1),
      one('tear-away-light', 'in-ring', f.lightWork ? 1 : 2),
    ],
  },
  {
    id: 'back.pale-knit-mesh-sprayed',
    holdings: clothIn,
    habit: 'grip',
    choice: 'spray',
    worth: 56,
    when: all(springy, paleThin),
    decided: 'sprayed mesh with tear-away below',
    layers: (f) => [
      one('cut-away-mesh', 'sprayed', f.dense ? 2 : 1),
      one('tear-away-light', 'in-ring', f.lightWork ? 1 : 2),
    ],
  },
  {
    id: 'back.knit-fused-mesh',
    holdings: clothIn,
    habit: 'grip',
    choice: 'fuse',
    worth: 50,
    when: all(springy, fusible, not(paleThin)),
    decided: 'fused mesh',
    says: (f) => message('why.back.knit-fused-mesh', { percent: f.stretch }),
    layers: (f) => {
      if (f.lightWork) return [one('cut-away-mesh-fusible', 'fused')]
      const below = (f.dense || f.gsm >= 240) && !f.skin ? 'cut-away-medium' : 'cut-away-mesh'
      return [one('cut-away-mesh-fusible', 'fused'), one(below, 'in-ring')]
    },
  },
  {
    id: 'back.knit-cut-away',
    holdings: clothIn,
    habit: 'grip',
    choice: 'spray',
    worth: (f) => (f.skin ? 36 : 46),
    when: all(springy, not(paleThin)),
    decided: 'cut-away, sprayed',
    says: (f) => message('why.back.knit-cut-away', { percent: f.stretch }),
    layers: () => [one('cut-away-medium', 'sprayed')],
  },
  {
    id: 'back.knit-mesh-sprayed',
    holdings: clothIn,
    habit: 'grip',
    choice: 'spray',
    worth: 44,
    when: all(springy, skin, not(paleThin)),
    decided: 'mesh, sprayed',
    layers: () => [one('cut-away-mesh', 'sprayed')],
  },
  {
    id: 'back.knit-hooped-on-sticky',
    holdings: clothIn,
    habit: 'grip',
    choice: 'sticky',
    worth: 42,
    when: springy,
    decided: 'mesh over sticky tear-away',
    layers: (f) => [{ ...meshOn(f), sheets: f.dense ? 2 : 1 }, one('tear-away-sticky', 'in-ring')],
  },
  {
    id: 'back.knit-interfaced',
    holdings: clothIn,
    habit: 'grip',
    choice: 'fuse',
    worth: 24,
    when: all(springy, fusible, not(skin), not(paleThin)),
    decided: 'fused interfacing over cut-away',
    layers: () => [one('interfacing-fusible', 'fused'), one('cut-away-medium', 'in-ring')],
  },
  {
    id: 'back.knit-mesh-on-sticky',
    holdings: ['floated'],
    habit: 'grip',
    choice: 'fuse',
    worth: 42,
    when: all(springy, fusible),
    decided: 'fused mesh on a sticky carrier',
    clothGrip: 'sticky',
    layers: (f) => [one('cut-away-mesh-fusible', 'fused', f.dense ? 2 : 1), one('tear-away-sticky', 'in-ring')],
  },
  {
    id: 'back.knit-on-sticky',
    holdings: ['floated'],
    habit: 'grip',
    choice: 'sticky',
    worth: 40,
    when: springy,
    decided: 'mesh on a sticky carrier',
    says: (f) => message(f.dense ? 'why.back.knit-on-sticky.dense' : 'why.back.knit-on-sticky'),
    clothGrip: 'sticky',
    layers: (f) => [
      one(
        f.dense && !f.skin && !f.paleThin && !f.delicate ? 'cut-away-medium' : 'cut-away-mesh',
        'sprayed',
        f.dense ? 2 : 1,
      ),
      one('tear-away-sticky', 'in-ring'),
    ],
  },
  {
    id: 'back.knit-on-sprayed-cut-away',
    holdings: ['floated'],
    habit: 'grip',
    choice: 'spray',
    worth: 38,
    when: springy,
    decided: 'floated on sprayed cut-away',
    clothGrip: 'sprayed',
    layers: (f) =>
      f.paleThin
        ? [one('cut-away-mesh', 'in-ring'), one('tear-away-light', 'in-ring')]
        : [one(f.skin ? 'cut-away-mesh' : 'cut-away-medium', 'in-ring')],
  },
  {
    id: 'back.knit-dissolves',
    holdings: clothIn,
    habit: 'wearableBacking',
    choice: 'dissolves',
    worth: 30,
    when: all(springy, mayDissolve, takesWater),
    decided: 'wash-away',
    layers: (f) => [f.habits.grip === 'sticky' ? one('wash-away-sticky', 'in-ring') : one('wash-away', 'sprayed')],
  },
  {
    id: 'back.pile-under-tear-away',
    holdings: ['backing-under'],
    worth: 30,
    when: all(springy, pile, not(knit), not(skin), lightWork),
    decided: 'tear-away slid under',
    layers: () => [one('tear-away-medium', 'loose')],
  },
  {
    id: 'back.stretch-under',
    holdings: ['backing-under'],
    worth: 40,
    when: springy,
    decided: 'cut-away slid under',
    layers: (f) => [one(f.skin || f.paleThin ? 'cut-away-mesh' : 'cut-away-medium', 'loose')],
  },
]

import { all, not } from '../condition'
import { fusible, towelling } from '../conditions/cloth'
import { dense, skin } from '../conditions/work'
import { type BackingPlan, clothIn, meshOn, one } from './backingPlan'

/**
 * Terry and waffle (craft.md section 5): their loops and weight hold them, so light and medium designs stay on tear-away
 * however often they are washed; a dense one, or one worn next to skin, gets a mesh that stays.
 */
export const towelBackings: readonly BackingPlan[] = [
  {
    id: 'back.towel-skin',
    holdings: ['floated'],
    habit: 'grip',
    choice: 'fuse',
    worth: 52,
    when: all(towelling, skin, fusible),
    decided: 'fused mesh on a sticky carrier',
    text: () => 'Next to the skin: mesh stays soft, and the sticky carrier tears away.',
    clothGrip: 'sticky',
    layers: () => [one('cut-away-mesh-fusible', 'fused'), one('tear-away-sticky', 'in-ring')],
  },
  {
    id: 'back.towel-skin-sticky',
    holdings: ['floated'],
    habit: 'grip',
    choice: 'sticky',
    worth: 50,
    when: all(towelling, skin),
    decided: 'mesh on a sticky carrier',
    text: () => 'Next to the skin: sprayed mesh stays soft, and the sticky carrier tears away.',
    clothGrip: 'sticky',
    layers: () => [one('cut-away-mesh', 'sprayed'), one('tear-away-sticky', 'in-ring')],
  },
  {
    id: 'back.towel-skin-sprayed',
    holdings: ['floated'],
    habit: 'grip',
    choice: 'spray',
    worth: 48,
    when: all(towelling, skin),
    decided: 'floated on sprayed mesh',
    text: () => 'Next to the skin: sprayed mesh stays soft behind the stitches.',
    clothGrip: 'sprayed',
    layers: () => [one('cut-away-mesh', 'in-ring')],
  },
  {
    id: 'back.towel-fused-sticky',
    holdings: ['floated'],
    habit: 'grip',
    choice: 'fuse',
    worth: 50,
    when: all(towelling, not(skin), fusible),
    decided: 'fused backing on sticky',
    text: (f) =>
      f.dense
        ? 'Dense on loops: fused mesh stays, and sticky tear-away holds the piece.'
        : 'Fused tear-away firms the loops, and sticky tear-away holds the piece.',
    clothGrip: 'sticky',
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
    when: all(towelling, not(skin), not(dense)),
    decided: 'sticky tear-away, basted',
    text: (f) =>
      f.lightWork
        ? 'A light design only needs sticky tear-away, basted round.'
        : 'Sticky tear-away, basted, holds the towel. Another below carries the stitches.',
    clothGrip: 'basted',
    layers: () => [one('tear-away-sticky', 'in-ring')],
  },
  {
    id: 'back.towel-dense-sticky',
    holdings: ['floated'],
    habit: 'grip',
    choice: 'sticky',
    worth: 42,
    when: all(towelling, not(skin), dense),
    decided: 'mesh on sticky tear-away',
    text: () => 'Dense on loops: sprayed mesh stays, and sticky tear-away holds the piece.',
    clothGrip: 'sticky',
    layers: () => [one('cut-away-mesh', 'sprayed'), one('tear-away-sticky', 'in-ring')],
  },
  {
    id: 'back.towel-sprayed',
    holdings: ['floated'],
    habit: 'grip',
    choice: 'spray',
    worth: 38,
    when: all(towelling, not(skin)),
    decided: 'floated on sprayed backing',
    text: (f) =>
      f.dense
        ? 'Dense on loops: mesh and tear-away, sprayed, with the towel pressed on and basted.'
        : 'Sprayed tear-away, with the towel pressed on and basted.',
    clothGrip: 'sprayed',
    layers: (f) => [...(f.dense ? [one('cut-away-mesh', 'in-ring')] : []), one('tear-away-medium', 'in-ring')],
  },
  {
    id: 'back.towel-hooped-cut-away',
    holdings: clothIn,
    worth: 40,
    when: all(towelling, skin),
    decided: 'mesh that stays',
    text: () => 'Next to the skin: mesh stays soft and survives the wash.',
    layers: (f) => [meshOn(f)],
  },
  {
    id: 'back.towel-hooped-mesh',
    holdings: clothIn,
    worth: 38,
    when: all(towelling, not(skin), dense),
    decided: 'mesh over tear-away',
    text: () => 'Dense on loops: mesh that stays, with tear-away below for strength.',
    layers: (f) => [meshOn(f), one('tear-away-medium', 'in-ring')],
  },
  {
    id: 'back.towel-hooped-tear-away',
    holdings: clothIn,
    worth: 36,
    when: all(towelling, not(skin), not(dense)),
    decided: 'tear-away',
    text: () => 'Its loops and weight hold it. Tear-away is enough and leaves a clean back.',
    layers: () => [one('tear-away-medium', 'in-ring')],
  },
  {
    id: 'back.towel-under',
    holdings: ['backing-under'],
    worth: 40,
    when: towelling,
    decided: 'backing slid under',
    text: () => 'Hooped bare, with backing slid under at the machine.',
    layers: (f) => [
      ...(f.dense || f.skin ? [one('cut-away-mesh', 'loose')] : []),
      ...(f.skin ? [] : [one('tear-away-medium', 'loose')]),
    ],
  },
]

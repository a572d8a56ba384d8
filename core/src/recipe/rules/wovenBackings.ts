import { all, any, not } from '../condition'
import { fusible, gives, heavy, keepsHoles, padded, steady, sturdy, under200 } from '../conditions/cloth'
import { ringTakesBacking } from '../conditions/house'
import { dense, lightWork, washedDaily } from '../conditions/work'
import { type BackingPlan, clothIn, meshOn, one, tearAwayFor } from './backingPlan'

const staysWanted = all(gives, any(dense, washedDaily))
const thick = any(heavy, padded)

/** Wovens that stretch 10 % at the most, heavy duck and padded cloth (craft.md section 5). */
export const wovenBackings: readonly BackingPlan[] = [
  {
    id: 'back.heavy-cut-away',
    holdings: clothIn,
    habit: 'heavyDuckBacking',
    choice: 'when-it-fits',
    worth: 54,
    when: all(steady, thick, ringTakesBacking),
    decided: 'cut-away',
    text: () => 'Heavy duck and thick jackets: cut-away when the ring takes it, so edges stay firm.',
    layers: () => [one('cut-away-medium', 'in-ring')],
  },
  {
    id: 'back.heavy-none',
    holdings: clothIn,
    habit: 'heavyDuckBacking',
    choice: 'none',
    worth: 44,
    when: all(steady, any(heavy, all(padded, not(dense)))),
    decided: 'no backing',
    text: (f) =>
      `Some hoop ${f.padded ? 'padded cloth' : 'heavy duck'} with none: the cloth carries the stitches, and the ring closes.`,
    layers: () => [],
  },
  {
    id: 'back.woven-tear-away',
    holdings: clothIn,
    worth: 50,
    when: steady,
    decided: 'tear-away',
    text: (f) =>
      `It stretches ${f.stretch} %: tear-away is enough${f.dense ? ', two crossed under a dense design' : ''}.`,
    layers: (f) => [one(tearAwayFor(f), 'in-ring')],
  },
  {
    id: 'back.woven-gives',
    holdings: clothIn,
    worth: 74,
    when: all(steady, staysWanted),
    decided: 'cut-away',
    text: (f) =>
      `It gives ${f.stretch} % and the work is ${f.dense ? 'dense' : 'washed often'}: cut-away keeps it in shape.`,
    layers: (f) => [one(f.fine ? 'cut-away-mesh' : 'cut-away-medium', 'in-ring')],
  },
  {
    id: 'back.woven-cut-away',
    holdings: clothIn,
    worth: 40,
    when: all(steady, not(heavy), not(staysWanted), any(dense, washedDaily, sturdy, keepsHoles)),
    decided: 'cut-away',
    text: (f) =>
      `${f.dense ? 'Dense' : f.use.laundering === 'daily' ? 'Washed often' : f.keepsHoles ? 'Needle holes weaken it' : 'Heavy cloth'}: cut-away keeps the shape longer than tear-away.`,
    layers: () => [one('cut-away-medium', 'in-ring')],
  },
  {
    id: 'back.woven-mesh',
    holdings: clothIn,
    worth: 32,
    when: all(steady, lightWork, not(any(padded, heavy, staysWanted))),
    decided: 'one sheet of mesh',
    text: () => 'Some lay one sheet of mesh under light work: it stays, soft, where tear-away would go.',
    layers: () => [one('cut-away-mesh', 'in-ring')],
  },
  {
    id: 'back.woven-fused',
    holdings: clothIn,
    habit: 'grip',
    choice: 'fuse',
    worth: (f) => (f.gsm < 200 ? 40 : 28),
    when: all(steady, fusible),
    decided: 'fused tear-away',
    text: () => 'Fused, cloth and backing act as one; worth it where the ring grips badly.',
    layers: () => [one('tear-away-fusible', 'fused')],
  },
  {
    id: 'back.woven-sprayed',
    holdings: clothIn,
    habit: 'grip',
    choice: 'spray',
    worth: (f) => (f.gsm < 200 ? 40 : 24),
    when: steady,
    decided: 'tear-away, sprayed',
    text: () => 'Tear-away sprayed to the back, so that the two cannot creep apart.',
    layers: (f) => [one(tearAwayFor(f), 'sprayed')],
  },
  {
    id: 'back.woven-interfaced',
    holdings: clothIn,
    habit: 'grip',
    choice: 'fuse',
    worth: 16,
    when: all(steady, fusible, under200),
    decided: 'fused interfacing over tear-away',
    text: () => 'Woven interfacing fused to the back gives the cloth body; tear-away below it takes the stitches.',
    layers: (f) => [one('interfacing-fusible', 'fused'), one(tearAwayFor(f), 'in-ring')],
  },
  {
    id: 'back.woven-fused-on-sticky',
    holdings: ['floated'],
    habit: 'grip',
    choice: 'fuse',
    worth: 38,
    when: all(steady, fusible, not(staysWanted)),
    decided: 'fused tear-away on sticky',
    text: () => 'Tear-away fused to the back firms it, sticky tear-away in the ring holds the piece.',
    clothGrip: 'sticky',
    layers: () => [one('tear-away-fusible', 'fused'), one('tear-away-sticky', 'in-ring')],
  },
  {
    id: 'back.woven-on-sticky',
    holdings: ['floated'],
    habit: 'grip',
    choice: 'sticky',
    worth: 40,
    when: all(steady, not(staysWanted)),
    decided: 'pressed on sticky tear-away',
    text: (f) =>
      f.keepsHoles
        ? 'Pressed on sticky tear-away: nothing marks it, and no pin or basting goes through it.'
        : 'Small or awkward pieces are pressed on sticky tear-away and basted round.',
    clothGrip: 'sticky',
    layers: () => [one('tear-away-sticky', 'in-ring')],
  },
  {
    id: 'back.woven-on-sprayed',
    holdings: ['floated'],
    habit: 'grip',
    choice: 'spray',
    worth: 36,
    when: all(steady, not(staysWanted)),
    decided: 'floated on sprayed tear-away',
    text: () => 'Tear-away in the ring, sprayed, the cloth pressed on and held round the edge.',
    clothGrip: 'sprayed',
    layers: (f) => [one(tearAwayFor(f), 'in-ring')],
  },
  {
    id: 'back.woven-gives-floated',
    holdings: ['floated'],
    worth: 60,
    when: all(steady, staysWanted),
    decided: 'floated on sprayed cut-away',
    text: (f) =>
      `It gives ${f.stretch} % and the work is ${f.dense ? 'dense' : 'washed often'}: cut-away in the ring, sprayed.`,
    clothGrip: 'sprayed',
    layers: (f) => [one(f.fine ? 'cut-away-mesh' : 'cut-away-medium', 'in-ring')],
  },
  {
    id: 'back.woven-gives-on-sticky',
    holdings: ['floated'],
    habit: 'grip',
    choice: 'sticky',
    worth: 54,
    when: all(steady, staysWanted),
    decided: 'mesh on a sticky carrier',
    text: (f) =>
      `It gives ${f.stretch} % and the work is ${f.dense ? 'dense' : 'washed often'}: mesh stays, sticky holds.`,
    clothGrip: 'sticky',
    layers: (f) => [meshOn(f), one('tear-away-sticky', 'in-ring')],
  },
  {
    id: 'back.thick-floated-cut-away',
    holdings: ['floated'],
    worth: 62,
    when: all(steady, padded, not(staysWanted)),
    decided: 'floated on sprayed cut-away',
    text: () => 'Thick and padded: cut-away in the ring, sprayed, keeps edges firm where the wadding gives.',
    clothGrip: 'sprayed',
    layers: () => [one('cut-away-medium', 'in-ring')],
  },
  {
    id: 'back.woven-under',
    holdings: ['backing-under'],
    worth: 40,
    when: steady,
    decided: 'tear-away slid under',
    text: () => 'The cloth is hooped bare and tear-away slid under at the machine.',
    layers: () => [one('tear-away-medium', 'loose')],
  },
]

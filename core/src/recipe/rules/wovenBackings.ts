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
    text: () => 'Heavy canvas and thick jackets: cut-away keeps edges firm, if the hoop closes.',
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
      `Some hoop ${f.padded ? 'padded cloth' : 'heavy duck'} without backing: the cloth carries the stitches, and the hoop closes.`,
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
      `${f.dense ? 'Dense' : f.use.laundering === 'daily' ? 'Washed often' : f.keepsHoles ? 'Needle holes weaken it' : 'Heavy cloth'}: cut-away keeps its shape longer than tear-away.`,
    layers: () => [one('cut-away-medium', 'in-ring')],
  },
  {
    id: 'back.woven-mesh',
    holdings: clothIn,
    worth: 32,
    when: all(steady, lightWork, not(any(padded, heavy, staysWanted))),
    decided: 'one sheet of mesh',
    text: () => 'Some use one sheet of mesh under light work. It stays, soft.',
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
    text: () => 'Fused, cloth and backing act as one. Good where the hoop grips badly.',
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
    text: () => 'Sprayed tear-away can’t creep.',
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
    text: () => 'Fused interfacing gives the cloth body. Tear-away below takes the stitches.',
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
    text: () => 'Fused tear-away firms it, and sticky tear-away holds the piece.',
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
        ? 'Sticky tear-away leaves no mark.'
        : 'Small or awkward pieces go on sticky tear-away, basted round.',
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
    text: () => 'Sprayed tear-away, with the cloth pressed on.',
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
      `It gives ${f.stretch} % and the work is ${f.dense ? 'dense' : 'washed often'}: sprayed cut-away stays.`,
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
      `It gives ${f.stretch} % and the work is ${f.dense ? 'dense' : 'washed often'}: mesh stays, sticky backing holds it.`,
    clothGrip: 'sticky',
    layers: (f) => [meshOn(f), one('tear-away-sticky', 'in-ring')],
  },
  {
    id: 'back.thick-floated-cut-away',
    holdings: ['floated'],
    worth: 62,
    when: all(steady, padded, not(staysWanted)),
    decided: 'floated on sprayed cut-away',
    text: () => 'Padded cloth: sprayed cut-away keeps edges firm.',
    clothGrip: 'sprayed',
    layers: () => [one('cut-away-medium', 'in-ring')],
  },
  {
    id: 'back.woven-under',
    holdings: ['backing-under'],
    worth: 40,
    when: steady,
    decided: 'tear-away slid under',
    text: () => 'Hooped bare, with tear-away slid under at the machine.',
    layers: () => [one('tear-away-medium', 'loose')],
  },
]

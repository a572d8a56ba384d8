import type { Facts } from '../facts'
import { message, type Named } from '../../messages'
import { all, any, not } from '../condition'
import { fusible, gives, heavy, keepsHoles, padded, steady, sturdy, under200 } from '../conditions/cloth'
import { ringTakesBacking } from '../conditions/house'
import { dense, lightWork, washedDaily } from '../conditions/work'
import { type BackingPlan, clothIn, meshOn, one, tearAwayFor } from './backingPlan'

const staysWanted = all(gives, any(dense, washedDaily))
const thick = any(heavy, padded)

/** Wovens that stretch 10 % at the most, heavy duck and padded cloth (craft.md section 5). */
const sturdyBecause = (f: Facts): Named => {
  if (f.dense) return 'because.dense'
  if (f.use.laundering === 'daily') return 'because.washed-often'
  return f.keepsHoles ? 'because.holes-weaken' : 'because.heavy'
}

export const wovenBackings: readonly BackingPlan[] = [
  {
    id: 'back.heavy-cut-away',
    holdings: clothIn,
    habit: 'heavyDuckBacking',
    choice: 'when-it-fits',
    worth: 54,
    when: all(steady, thick, ringTakesBacking),
    decided: 'cut-away',
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
    says: (f) => message(f.padded ? 'why.back.heavy-none.padded' : 'why.back.heavy-none'),
    layers: () => [],
  },
  {
    id: 'back.woven-tear-away',
    holdings: clothIn,
    worth: 50,
    when: steady,
    decided: 'tear-away',
    says: (f) =>
      message(f.dense ? 'why.back.woven-tear-away.dense' : 'why.back.woven-tear-away', { percent: f.stretch }),
    layers: (f) => [one(tearAwayFor(f), 'in-ring')],
  },
  {
    id: 'back.woven-gives',
    holdings: clothIn,
    worth: 74,
    when: all(steady, staysWanted),
    decided: 'cut-away',
    says: (f) =>
      message('why.back.woven-gives', {
        percent: f.stretch,
        because: f.dense ? 'because.dense' : 'because.washed-often',
      }),
    layers: (f) => [one(f.fine ? 'cut-away-mesh' : 'cut-away-medium', 'in-ring')],
  },
  {
    id: 'back.woven-cut-away',
    holdings: clothIn,
    worth: 40,
    when: all(steady, not(heavy), not(staysWanted), any(dense, washedDaily, sturdy, keepsHoles)),
    decided: 'cut-away',
    says: (f) => message('why.back.woven-cut-away', { because: sturdyBecause(f) }),
    layers: () => [one('cut-away-medium', 'in-ring')],
  },
  {
    id: 'back.woven-mesh',
    holdings: clothIn,
    worth: 32,
    when: all(steady, lightWork, not(any(padded, heavy, staysWanted))),
    decided: 'one sheet of mesh',
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
    says: (f) => message(f.keepsHoles ? 'why.back.woven-on-sticky.unmarked' : 'why.back.woven-on-sticky'),
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
    clothGrip: 'sprayed',
    layers: (f) => [one(tearAwayFor(f), 'in-ring')],
  },
  {
    id: 'back.woven-gives-floated',
    holdings: ['floated'],
    worth: 60,
    when: all(steady, staysWanted),
    decided: 'floated on sprayed cut-away',
    says: (f) =>
      message('why.back.woven-gives-floated', {
        percent: f.stretch,
        because: f.dense ? 'because.dense' : 'because.washed-often',
      }),
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
    says: (f) =>
      message('why.back.woven-gives-on-sticky', {
        percent: f.stretch,
        because: f.dense ? 'because.dense' : 'because.washed-often',
      }),
    clothGrip: 'sticky',
    layers: (f) => [meshOn(f), one('tear-away-sticky', 'in-ring')],
  },
  {
    id: 'back.thick-floated-cut-away',
    holdings: ['floated'],
    worth: 62,
    when: all(steady, padded, not(staysWanted)),
    decided: 'floated on sprayed cut-away',
    clothGrip: 'sprayed',
    layers: () => [one('cut-away-medium', 'in-ring')],
  },
  {
    id: 'back.woven-under',
    holdings: ['backing-under'],
    worth: 40,
    when: steady,
    decided: 'tear-away slid under',
    layers: () => [one('tear-away-medium', 'loose')],
  },
]

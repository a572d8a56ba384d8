import type { Facts } from '../facts'
import { type BackingPlan, byLoad, clothIn, one } from './backingPlan'

const steady = (f: Facts): boolean => !f.stretchy && !f.towelling && !f.knit && f.family !== 'lawn'
const fine = (f: Facts): boolean => f.family === 'lawn' && !f.stretchy
const tearAway = (f: Facts): 'tear-away-medium' | 'tear-away-light' => (f.gsm >= 180 ? 'tear-away-medium' : 'tear-away-light')

/** Cloth that stretches under 10 %: wovens, heavy duck and fine lawn (craft.md section 5). */
export const wovenBackings: readonly BackingPlan[] = [
  {
    id: 'back.heavy-cut-away', holdings: clothIn, habit: 'heavyDuckBacking', choice: 'when-it-fits', worth: 54, clothGrip: 'in-ring',
    when: (f) => steady(f) && f.heavy,
    decided: 'cut-away',
    text: () => 'Heavy duck: cut-away when the ring takes it, so edges stay firm.',
    layers: (f) => [one(f.dense ? 'cut-away-heavy' : 'cut-away-medium', 'in-ring', f.habits.layers === 'always-two' ? 2 : 1)],
  },
  {
    id: 'back.heavy-none', holdings: clothIn, habit: 'heavyDuckBacking', choice: 'none', worth: 44, clothGrip: 'in-ring',
    when: (f) => steady(f) && f.heavy,
    decided: 'no backing',
    text: () => 'Some hoop heavy duck with none: the cloth carries the stitches, and the ring closes.',
    layers: () => [],
  },
  {
    id: 'back.woven-tear-away', holdings: clothIn, worth: 50, clothGrip: 'in-ring', when: steady,
    decided: 'tear-away',
    text: (f) => `It stretches ${f.stretch} %: tear-away is enough${f.dense ? ', two crossed under a dense design' : ''}.`,
    layers: (f) => [one(tearAway(f), 'in-ring', byLoad(f))],
  },
  {
    id: 'back.woven-cut-away', holdings: clothIn, worth: 40, clothGrip: 'in-ring', when: (f) => steady(f) && !f.heavy && (f.dense || f.use.laundering === 'daily'),
    decided: 'cut-away',
    text: (f) => `${f.dense ? 'Dense' : 'Washed often'}: cut-away keeps the shape longer than tear-away.`,
    layers: () => [one('cut-away-medium', 'in-ring')],
  },
  {
    id: 'back.woven-fused', holdings: clothIn, habit: 'grip', choice: 'fuse', worth: 28, clothGrip: 'in-ring', when: (f) => steady(f) && f.takesHeat,
    decided: 'fused tear-away',
    text: () => 'Fused, cloth and backing act as one; worth it where the ring grips badly.',
    layers: (f) => [one('tear-away-fusible', 'fused'), ...(f.dense ? [one(tearAway(f), 'in-ring')] : [])],
  },
  {
    id: 'back.woven-on-sticky', holdings: ['floated'], habit: 'grip', choice: 'sticky', worth: 40, clothGrip: 'sticky', when: steady,
    decided: 'pressed on sticky tear-away',
    text: () => 'Small or awkward pieces are pressed on sticky tear-away and basted round.',
    layers: (f) => [...(f.dense ? [one('tear-away-light', 'sticky')] : []), one('tear-away-sticky', 'in-ring')],
  },
  {
    id: 'back.woven-under', holdings: ['backing-under'], worth: 40, clothGrip: 'in-ring', when: steady,
    decided: 'tear-away slid under', text: () => 'The cloth is hooped bare and tear-away slid under at the machine.',
    layers: (f) => [one('tear-away-medium', 'loose', byLoad(f))],
  },
  {
    id: 'back.fine-fused', holdings: clothIn, habit: 'grip', choice: 'fuse', worth: 54, clothGrip: 'in-ring', when: (f) => fine(f) && f.takesHeat,
    decided: 'fused part-soluble tear-away',
    text: () => 'Fine cotton: part-soluble tear-away, fused; half of it washes out and the hand stays soft.',
    layers: (f) => [one('part-soluble-fusible', 'fused', byLoad(f))],
  },
  {
    id: 'back.fine-plain', holdings: clothIn, habit: 'grip', choice: 'spray', worth: 44, clothGrip: 'in-ring', when: fine,
    decided: 'part-soluble tear-away',
    text: () => 'Part-soluble tear-away laid in the ring, sprayed: nothing shows through once it is rinsed.',
    layers: (f) => [one('part-soluble', 'sprayed', byLoad(f))],
  },
  {
    id: 'back.fine-tear-away', holdings: clothIn, worth: 32, clothGrip: 'in-ring', when: (f) => fine(f),
    decided: 'light tear-away',
    text: (f) => `It stretches ${f.stretch} %: light tear-away, torn off sheet by sheet.`,
    layers: (f) => [one('tear-away-light', 'in-ring', f.lightWork && f.habits.layers === 'by-load' ? 1 : 2)],
  },
  {
    id: 'back.fine-wash-away', holdings: clothIn, habit: 'wearableBacking', choice: 'dissolves', worth: 36, clothGrip: 'in-ring', when: (f) => fine(f) && f.lightWork,
    decided: 'wash-away',
    text: () => 'Sheer cloth and a light design: wash-away alone leaves no shadow.',
    layers: () => [one('wash-away', 'in-ring')],
  },
  {
    id: 'back.fine-sticky', holdings: ['floated'], habit: 'grip', choice: 'sticky', worth: 42, clothGrip: 'sticky', when: fine,
    decided: 'pressed on sticky part-soluble',
    text: () => 'Fine edges and small pieces: pressed on sticky part-soluble backing, nothing in the ring to mark them.',
    layers: (f) => [...(f.dense ? [one('part-soluble', 'sticky')] : []), one('part-soluble-sticky', 'in-ring')],
  },
]

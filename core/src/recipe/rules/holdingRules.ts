import type { HouseHabits } from '../../habits'
import { all, any, always, type Condition, not, when } from '../condition'
import { bruises, coated, heavy, knit, stretchesOver10, towelling, under200 } from '../conditions/cloth'
import { clampAtHand, floatsKnits, hoopsKnits, sticks, tooThickForRing } from '../conditions/house'
import { dense, wording } from '../conditions/work'
import type { Facts } from '../facts'
import { type HoldingMethod, holdingMethods } from '../recipeQuery'

/**
 * How the cloth is held (craft.md sections 3 and 9). A refusal stops a method for this cloth and design in every
 * school; a liking adds to its rank. The text says why, in the worker's words. `quiet`: nobody would have asked.
 */
export type HoldingRule = {
  id: string
  method: HoldingMethod
  habit?: keyof HouseHabits
  when: Condition
  text: (f: Facts) => string
} & ({ refuses: true; quiet?: true } | { likes: number })

/** Cloth wanted beyond the ring on every side for hooping (craft.md section 3). */
const BEYOND_RING = 25
/** Thicker than this in mm, magnets hold better than a ring that has to be forced. */
const THICK = 3
/** Ways that put the cloth itself in the ring. */
const inTheRing = ['hooped', 'clamped', 'backing-under'] as const
const toRing = (rule: Omit<HoldingRule, 'method'> & { refuses: true }): HoldingRule[] =>
  inTheRing.map((method) => ({ ...rule, method, id: method === 'hooped' ? rule.id : `${rule.id}.${method}` }))

/** Cloth that is put in a ring where there is one (the house's way for knits). */
const ringed = all(not(bruises), not(towelling), any(not(knit), hoopsKnits))
const denseOnStretch = all(dense, any(stretchesOver10, knit))
const thickGoods = any(
  when('from 1.5 mm thick', (f) => f.thickness >= 1.5),
  heavy,
)
const oneColour = when('one colour', (f) => (f.work.colourCount ?? f.work.topThread.colours.length) <= 1)
/** A soft woven that sticky backing carries by itself. */
const lightWoven = all(not(any(knit, towelling, coated, stretchesOver10, dense)), under200)

export const holdingRules: readonly HoldingRule[] = [
  {
    id: 'hold.ring-bruises',
    method: 'hooped',
    refuses: true,
    when: bruises,
    text: (f) => `A ring leaves its mark on ${f.name}: press it on sticky or sprayed backing instead.`,
  },
  {
    id: 'hold.too-thick',
    method: 'hooped',
    refuses: true,
    when: tooThickForRing,
    text: (f) => `${f.thickness} mm is thicker than this ring closes over: clamp it, or float it on hooped backing.`,
  },
  {
    id: 'hold.clamp-has-no-inner-ring',
    method: 'hooped',
    refuses: true,
    quiet: true,
    when: clampAtHand,
    text: () => 'This hoop clamps: its magnets hold cloth and backing together.',
  },
  {
    id: 'hold.no-float-dense-stretch',
    method: 'floated',
    refuses: true,
    when: denseOnStretch,
    text: (f) => `A dense design pulls floated cloth in, and ${f.name} gives: hoop it, or clamp it.`,
  },
  {
    id: 'hold.under-needs-cloth-in-ring',
    method: 'backing-under',
    refuses: true,
    when: any(bruises, tooThickForRing),
    text: () => 'With the backing slid under, the cloth alone sits in the ring, and this cloth may not: float it.',
  },
  {
    id: 'hold.under-one-colour-wording',
    method: 'backing-under',
    refuses: true,
    quiet: true,
    when: not(all(wording, oneColour)),
    text: () => 'Backing slid under shifts: it suits wording in one colour only. Hoop or float for this design.',
  },
  {
    id: 'hold.under-thick-only',
    method: 'backing-under',
    refuses: true,
    quiet: true,
    when: not(thickGoods),
    text: () => 'Sliding the backing under pays on plush and thick goods only: hoop this one.',
  },
  {
    id: 'hold.under-no-dense-stretch',
    method: 'backing-under',
    refuses: true,
    when: denseOnStretch,
    text: () => 'Loose backing cannot hold a dense design on cloth that stretches: hoop both together.',
  },
  {
    id: 'hold.no-clamp',
    method: 'clamped',
    refuses: true,
    quiet: true,
    when: when('the hoop at hand does not clamp', (f) => f.ring !== undefined && !f.ring.clamp),
    text: () => 'The hoop chosen does not clamp: choose a clamping one, or hoop or float.',
  },
  {
    id: 'hold.backing-alone-needs-no-cloth',
    method: 'backing-alone',
    refuses: true,
    quiet: true,
    when: always,
    text: () => 'Backing alone is for free-standing pieces and patches; on cloth, hoop or float.',
  },
  ...holdingMethods.map(
    (method): HoldingRule => ({
      ...{ id: `hold.coated-dense.${method}`, method, refuses: true },
      when: all(coated, dense),
      text: (f) =>
        `A dense design cuts ${f.name} along its needle holes: take a lighter one, or sew on a stitched patch.`,
    }),
  ),
  ...toRing({
    id: 'hold.cloth-beyond-ring',
    refuses: true,
    when: when(
      'under 25 mm of cloth beyond the ring',
      (f) => f.clothBeyondRing !== undefined && f.clothBeyondRing < BEYOND_RING,
    ),
    text: ({ clothBeyondRing: beyond = 0 }) =>
      beyond < 0
        ? `The ring hangs ${Math.ceil(-beyond)} mm over the cloth’s edge: hoop the backing and float the cloth.`
        : `Only ${Math.floor(beyond)} mm of cloth lies beyond the ring, ${BEYOND_RING} mm are wanted: hoop the backing and float the cloth.`,
  }),
  ...toRing({
    id: 'hold.ring-inside',
    refuses: true,
    habit: 'smallGarmentBulk',
    when: when('the lower ring does not go inside', (f) => f.ringInside === false),
    text: () => 'The garment is narrower than the ring: take a smaller hoop, open a side seam, or float it.',
  }),

  {
    id: 'hold.wovens-hooped',
    method: 'hooped',
    likes: 30,
    when: not(any(knit, towelling)),
    text: (f) => `${cap(f.name)} takes the ring well: cloth and backing drum-flat together.`,
  },
  {
    id: 'hold.knits-hooped',
    method: 'hooped',
    likes: 30,
    habit: 'knits',
    when: all(knit, hoopsKnits),
    text: () => 'Knits are hooped with their backing stuck to them: smoothed, never pulled.',
  },
  {
    id: 'hold.dense-hooped',
    method: 'hooped',
    likes: 40,
    when: dense,
    text: () => 'A dense design wants the cloth itself in the ring, so that it cannot be pulled in.',
  },
  {
    id: 'hold.knits-floated',
    method: 'floated',
    likes: 40,
    habit: 'knits',
    when: all(knit, floatsKnits),
    text: () => 'House habit: knits are floated on hooped backing, so no ring marks them.',
  },
  {
    id: 'hold.towels-floated',
    method: 'floated',
    likes: 35,
    when: towelling,
    text: () => 'Towelling and waffle are floated: a ring crushes the texture.',
  },
  {
    id: 'hold.sticky-house',
    method: 'floated',
    likes: 35,
    habit: 'grip',
    when: all(sticks, lightWoven),
    text: () => 'House habit: cloth is pressed on sticky backing, and nothing marks it.',
  },
  {
    id: 'hold.bruised-floated',
    method: 'floated',
    likes: 30,
    when: bruises,
    text: (f) => `${cap(f.name)} is pressed on: anything the ring bruises is floated.`,
  },
  {
    id: 'hold.thick-clamped',
    method: 'clamped',
    likes: 45,
    when: any(
      tooThickForRing,
      all(
        clampAtHand,
        any(
          heavy,
          when('over 3 mm thick', (f) => f.thickness > THICK),
        ),
      ),
    ),
    text: () => 'Thick goods sit between magnets where a ring would have to be forced.',
  },
  {
    id: 'hold.clamped-as-hooped',
    method: 'clamped',
    likes: 30,
    when: all(clampAtHand, ringed),
    text: () => 'What a ring would hold, magnets hold: cloth and backing flat between them.',
  },
  {
    id: 'hold.dense-clamped',
    method: 'clamped',
    likes: 40,
    when: all(clampAtHand, dense),
    text: () => 'A dense design wants the cloth itself held, so that it cannot be pulled in.',
  },
  {
    id: 'hold.thick-floated',
    method: 'floated',
    likes: 15,
    when: tooThickForRing,
    text: () => 'Too thick for the ring: the backing is hooped and the cloth pressed on it.',
  },
  {
    id: 'hold.wording-under',
    method: 'backing-under',
    likes: 5,
    when: thickGoods,
    text: () => 'One-colour wording on thick goods: hoop the cloth bare and slide the backing under.',
  },
]

function cap(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1)
}

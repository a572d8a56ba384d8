import { type Message, message, whyOf, type WhyId } from '../../messages'
import type { HouseHabits } from '../../habits'
import { all, any, always, type Condition, not, when } from '../condition'
import { bruises, coated, heavy, knit, stretchesOver10, towelling, under200 } from '../conditions/cloth'
import { clampAtHand, floatsKnits, hoopsKnits, sticks, tooThickForRing } from '../conditions/house'
import { dense, wording } from '../conditions/work'
import type { Facts } from '../facts'
import { type HoldingMethod, holdingMethods } from '../recipeQuery'

/**
 * How the cloth is held (craft.md sections 3 and 9). A refusal stops a method: it would break, hurt or cannot be done. What
 * speaks `against` one leaves it open, after all that nothing speaks against, with what is likely to go wrong and how to
 * lessen it. A liking adds to its rank. `quiet`: nobody would have asked.
 */
export type HoldingRule = {
  id: WhyId
  method: HoldingMethod
  habit?: keyof HouseHabits
  when: Condition
  says?: (f: Facts) => Message
} & ({ refuses: true; quiet?: true } | { against: true } | { likes: number })

/** Cloth wanted beyond the ring on every side for hooping (craft.md section 3). */
const BEYOND_RING = 25
/** Thicker than this in mm, magnets hold better than a ring that has to be forced. */
const THICK = 3
/** Ways that put the cloth itself in the ring. */
const inTheRing = ['hooped', 'clamped', 'backing-under'] as const
type OfAll = Omit<HoldingRule, 'method'> & ({ refuses: true } | { against: true })
const toRing = (rule: OfAll): HoldingRule[] =>
  inTheRing.map((method) => ({
    ...{ ...rule, method, says: (f) => whyOf(rule, f) },
    id: method === 'hooped' ? rule.id : (`${rule.id}.${method}` as WhyId),
  }))

/** Cloth that is put in a ring where there is one (the house's way for knits). */
const ringed = all(not(bruises), not(towelling), any(not(knit), hoopsKnits))
/** Towelling is held by its loops and weight; what a ring marks is floated all the same. */
const denseOnStretch = all(dense, any(stretchesOver10, knit), not(towelling), not(bruises))
const thickGoods = any(
  when('from 1.5 mm thick', (f) => f.thickness >= 1.5),
  heavy,
)
const oneColour = when('one colour', (f) => (f.work.colourCount ?? f.work.topThread.colours.length) <= 1)
/** A soft woven that sticky backing carries by itself. */
const lightWoven = all(not(any(knit, towelling, coated, stretchesOver10, dense)), under200)
const holesStayIn = (f: Facts): boolean => f.keepsHoles || f.coated

export const holdingRules: readonly HoldingRule[] = [
  ...toRing({
    id: 'hold.cloth-ends-in-ring',
    refuses: true,
    when: when('the hoop hangs over the cloth’s edge', (f) => (f.clothBeyondRing ?? 0) < 0),
    says: ({ clothBeyondRing: beyond = 0 }) => message('why.hold.cloth-ends-in-ring', { over: Math.ceil(-beyond) }),
  }),
  ...toRing({
    id: 'hold.ring-inside',
    refuses: true,
    habit: 'smallGarmentBulk',
    when: when('the lower ring does not go inside', (f) => f.ringInside === false),
  }),
  {
    id: 'hold.too-thick',
    method: 'hooped',
    refuses: true,
    when: tooThickForRing,
    says: (f) => message('why.hold.too-thick', { thick: f.thickness }),
  },
  {
    id: 'hold.too-thick.backing-under',
    method: 'backing-under',
    refuses: true,
    when: tooThickForRing,
    says: (f) => message('why.hold.too-thick.backing-under', { thick: f.thickness }),
  },
  {
    id: 'hold.clamp-has-no-inner-ring',
    method: 'hooped',
    refuses: true,
    quiet: true,
    when: clampAtHand,
  },
  {
    id: 'hold.no-clamp',
    method: 'clamped',
    refuses: true,
    quiet: true,
    when: when('the hoop at hand does not clamp', (f) => f.ring !== undefined && !f.ring.clamp),
  },
  {
    id: 'hold.backing-alone-needs-no-cloth',
    method: 'backing-alone',
    refuses: true,
    quiet: true,
    when: always,
  },

  {
    id: 'hold.ring-bruises',
    method: 'hooped',
    against: true,
    when: bruises,
    says: (f) => message('why.hold.ring-bruises', { cloth: f.name }),
  },
  {
    id: 'hold.under-ring-bruises',
    method: 'backing-under',
    against: true,
    when: bruises,
    says: (f) => message('why.hold.under-ring-bruises', { cloth: f.name }),
  },
  {
    id: 'hold.no-float-dense-stretch',
    method: 'floated',
    against: true,
    when: denseOnStretch,
    says: (f) =>
      message(holesStayIn(f) ? 'why.hold.no-float-dense-stretch.taped' : 'why.hold.no-float-dense-stretch', {
        cloth: f.name,
      }),
  },
  {
    id: 'hold.under-no-dense-stretch',
    method: 'backing-under',
    against: true,
    when: denseOnStretch,
    says: (f) =>
      message(holesStayIn(f) ? 'why.hold.under-no-dense-stretch.taped' : 'why.hold.under-no-dense-stretch', {
        cloth: f.name,
      }),
  },
  {
    id: 'hold.under-one-colour-wording',
    method: 'backing-under',
    against: true,
    when: not(all(wording, oneColour)),
    says: (f) =>
      message(holesStayIn(f) ? 'why.hold.under-one-colour-wording.taped' : 'why.hold.under-one-colour-wording'),
  },
  ...toRing({
    id: 'hold.cloth-beyond-ring',
    against: true,
    when: when(
      'under 25 mm of cloth beyond the hoop',
      (f) => f.clothBeyondRing !== undefined && f.clothBeyondRing >= 0 && f.clothBeyondRing < BEYOND_RING,
    ),
    says: (f) =>
      message(holesStayIn(f) ? 'why.hold.cloth-beyond-ring.taped' : 'why.hold.cloth-beyond-ring', {
        beyond: Math.floor(f.clothBeyondRing ?? 0),
        safe: BEYOND_RING,
      }),
  }),
  ...holdingMethods.map(
    (method): HoldingRule => ({
      ...{ id: `hold.coated-dense.${method}` as WhyId, method, against: true },
      when: all(coated, dense),
      says: (f) => message('why.hold.coated-dense', { cloth: f.name }),
    }),
  ),

  {
    id: 'hold.wovens-hooped',
    method: 'hooped',
    likes: 30,
    when: not(any(knit, towelling)),
    says: (f) => message('why.hold.wovens-hooped', { cloth: f.name }),
  },
  {
    id: 'hold.knits-hooped',
    method: 'hooped',
    likes: 30,
    habit: 'knits',
    when: all(knit, hoopsKnits),
  },
  {
    id: 'hold.dense-hooped',
    method: 'hooped',
    likes: 40,
    when: dense,
  },
  {
    id: 'hold.knits-floated',
    method: 'floated',
    likes: 40,
    habit: 'knits',
    when: all(knit, floatsKnits),
  },
  {
    id: 'hold.towels-floated',
    method: 'floated',
    likes: 35,
    when: towelling,
  },
  {
    id: 'hold.sticky-house',
    method: 'floated',
    likes: 35,
    habit: 'grip',
    when: all(sticks, lightWoven),
  },
  {
    id: 'hold.bruised-floated',
    method: 'floated',
    likes: 30,
    when: bruises,
    says: (f) => message('why.hold.bruised-floated', { cloth: f.name }),
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
  },
  {
    id: 'hold.clamped-as-hooped',
    method: 'clamped',
    likes: 30,
    when: all(clampAtHand, ringed),
  },
  {
    id: 'hold.dense-clamped',
    method: 'clamped',
    likes: 40,
    when: all(clampAtHand, dense),
  },
  {
    id: 'hold.thick-floated',
    method: 'floated',
    likes: 15,
    when: tooThickForRing,
  },
  {
    id: 'hold.wording-under',
    method: 'backing-under',
    likes: 5,
    when: thickGoods,
  },
]

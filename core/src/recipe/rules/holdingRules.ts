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
  id: string
  method: HoldingMethod
  habit?: keyof HouseHabits
  when: Condition
  text: (f: Facts) => string
} & ({ refuses: true; quiet?: true } | { against: true } | { likes: number })

/** Cloth wanted beyond the ring on every side for hooping (craft.md section 3). */
const BEYOND_RING = 25
/** Thicker than this in mm, magnets hold better than a ring that has to be forced. */
const THICK = 3
/** Ways that put the cloth itself in the ring. */
const inTheRing = ['hooped', 'clamped', 'backing-under'] as const
type OfAll = Omit<HoldingRule, 'method'> & ({ refuses: true } | { against: true })
const toRing = (rule: OfAll): HoldingRule[] =>
  inTheRing.map((method) => ({ ...rule, method, id: method === 'hooped' ? rule.id : `${rule.id}.${method}` }))

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
const edgesHeld = (f: Facts): string => (holesStayIn(f) ? 'tape the edges down' : 'baste close round the design')
const bruiseText = (f: Facts): string =>
  `The hoop may leave a mark on ${f.name} that stays. Close it gently, and take the piece out right after sewing.`

export const holdingRules: readonly HoldingRule[] = [
  ...toRing({
    id: 'hold.cloth-ends-in-ring',
    refuses: true,
    when: when('the hoop hangs over the cloth’s edge', (f) => (f.clothBeyondRing ?? 0) < 0),
    text: ({ clothBeyondRing: beyond = 0 }) =>
      `The hoop hangs ${Math.ceil(-beyond)} mm over the cloth’s edge and cannot hold it there. Hoop the backing and float the cloth.`,
  }),
  ...toRing({
    id: 'hold.ring-inside',
    refuses: true,
    habit: 'smallGarmentBulk',
    when: when('the lower ring does not go inside', (f) => f.ringInside === false),
    text: () => 'The piece is narrower than the hoop. Use a smaller hoop, open a side seam, or float it.',
  }),
  {
    id: 'hold.too-thick',
    method: 'hooped',
    refuses: true,
    when: tooThickForRing,
    text: (f) => `${f.thickness} mm is thicker than this hoop closes on. Clamp it, or float it on hooped backing.`,
  },
  {
    id: 'hold.too-thick.backing-under',
    method: 'backing-under',
    refuses: true,
    when: tooThickForRing,
    text: (f) => `${f.thickness} mm is thicker than this hoop closes on. Float it on hooped backing.`,
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
    id: 'hold.no-clamp',
    method: 'clamped',
    refuses: true,
    quiet: true,
    when: when('the hoop at hand does not clamp', (f) => f.ring !== undefined && !f.ring.clamp),
    text: () => 'This hoop has no clamp. Choose one that has, or hoop or float.',
  },
  {
    id: 'hold.backing-alone-needs-no-cloth',
    method: 'backing-alone',
    refuses: true,
    quiet: true,
    when: always,
    text: () => 'Backing alone is for free-standing pieces and patches. On cloth, hoop or float.',
  },

  {
    id: 'hold.ring-bruises',
    method: 'hooped',
    against: true,
    when: bruises,
    text: bruiseText,
  },
  {
    id: 'hold.under-ring-bruises',
    method: 'backing-under',
    against: true,
    when: bruises,
    text: bruiseText,
  },
  {
    id: 'hold.no-float-dense-stretch',
    method: 'floated',
    against: true,
    when: denseOnStretch,
    text: (f) =>
      `A dense design pulls floated cloth in, and ${f.name} stretches. Use two sheets of cut-away, ${edgesHeld(f)} and sew slowly.`,
  },
  {
    id: 'hold.under-no-dense-stretch',
    method: 'backing-under',
    against: true,
    when: denseOnStretch,
    text: (f) =>
      `A loose sheet does not hold a dense design, and ${f.name} stretches. Slide two under, ${holesStayIn(f) ? 'tape them to the hoop' : 'baste through them first'} and sew slowly.`,
  },
  {
    id: 'hold.under-one-colour-wording',
    method: 'backing-under',
    against: true,
    when: not(all(wording, oneColour)),
    text: (f) =>
      `A sheet slid under can shift, and outlines and later colours then miss. Tape its corners to the hoop${holesStayIn(f) ? '' : ' and baste through it first'}.`,
  },
  ...toRing({
    id: 'hold.cloth-beyond-ring',
    against: true,
    when: when(
      'under 25 mm of cloth beyond the hoop',
      (f) => f.clothBeyondRing !== undefined && f.clothBeyondRing >= 0 && f.clothBeyondRing < BEYOND_RING,
    ),
    text: (f) =>
      `Only ${Math.floor(f.clothBeyondRing ?? 0)} mm of cloth lies beyond the hoop, and it may slip: ${BEYOND_RING} mm is safe. ${holesStayIn(f) ? 'Tape' : 'Baste'} its edge to the backing, or float it.`,
  }),
  ...holdingMethods.map(
    (method): HoldingRule => ({
      ...{ id: `hold.coated-dense.${method}`, method, against: true },
      when: all(coated, dense),
      text: (f) =>
        `A dense design can cut ${f.name} along its needle holes. Use a lighter one, or sew it on a patch and sew the patch on.`,
    }),
  ),

  {
    id: 'hold.wovens-hooped',
    method: 'hooped',
    likes: 30,
    when: not(any(knit, towelling)),
    text: (f) => `${cap(f.name)} hoops well, flat as a drum with its backing.`,
  },
  {
    id: 'hold.knits-hooped',
    method: 'hooped',
    likes: 30,
    habit: 'knits',
    when: all(knit, hoopsKnits),
    text: () => 'Knits are hooped with backing stuck on, smoothed and never pulled.',
  },
  {
    id: 'hold.dense-hooped',
    method: 'hooped',
    likes: 40,
    when: dense,
    text: () => 'A dense design needs the cloth itself hooped, so it can’t pull in.',
  },
  {
    id: 'hold.knits-floated',
    method: 'floated',
    likes: 40,
    habit: 'knits',
    when: all(knit, floatsKnits),
    text: () => 'Your preference: knits are floated on hooped backing, so no hoop marks them.',
  },
  {
    id: 'hold.towels-floated',
    method: 'floated',
    likes: 35,
    when: towelling,
    text: () => 'A hoop crushes towelling and waffle.',
  },
  {
    id: 'hold.sticky-house',
    method: 'floated',
    likes: 35,
    habit: 'grip',
    when: all(sticks, lightWoven),
    text: () => 'Your preference: cloth is pressed on sticky backing, and nothing marks it.',
  },
  {
    id: 'hold.bruised-floated',
    method: 'floated',
    likes: 30,
    when: bruises,
    text: (f) => `${cap(f.name)} is floated, because a hoop would mark it.`,
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
    text: () => 'Magnets hold thick goods that would have to be forced into a hoop.',
  },
  {
    id: 'hold.clamped-as-hooped',
    method: 'clamped',
    likes: 30,
    when: all(clampAtHand, ringed),
    text: () => 'Magnets hold cloth and backing flat.',
  },
  {
    id: 'hold.dense-clamped',
    method: 'clamped',
    likes: 40,
    when: all(clampAtHand, dense),
    text: () => 'A dense design needs the cloth itself held, so it can’t pull in.',
  },
  {
    id: 'hold.thick-floated',
    method: 'floated',
    likes: 15,
    when: tooThickForRing,
    text: () => 'Too thick to hoop, so it’s pressed on hooped backing.',
  },
  {
    id: 'hold.wording-under',
    method: 'backing-under',
    likes: 5,
    when: thickGoods,
    text: () => 'One-colour wording on thick goods: hoop it bare and slide the backing under.',
  },
]

function cap(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1)
}

import { type Message, message } from './messages/message'
/** The ways practitioners go, by what they differ in (craft.md section 9). */
export const habitChoices = {
  wearableBacking: ['keeps', 'dissolves'],
  layers: ['by-load', 'always-two'],
  knits: ['hoop', 'float'],
  topping: ['texture-only', 'always'],
  toppingKind: ['wash-away', 'heat-away', 'permanent-under-contrast'],
  grip: ['fuse', 'spray', 'sticky'],
  heavyDuckBacking: ['when-it-fits', 'none'],
  heavyNeedle: ['start-75', 'start-90'],
  smallGarmentBulk: ['roll-and-tape', 'unpick-seam', 'clip'],
  trim: ['rounded-6-12', 'close-3', 'strip'],
  chestRule: ['shoulder-point', 'underarm-level', 'neck-seam'],
  loading: ['bulk-away', 'hem-to-user'],
} as const

/** The shop's own way where practitioners differ; every recommendation names the one it used. */
export type HouseHabits = { [Habit in keyof typeof habitChoices]: (typeof habitChoices)[Habit][number] }

export const defaultHabits: HouseHabits = {
  wearableBacking: 'keeps',
  layers: 'by-load',
  knits: 'hoop',
  topping: 'texture-only',
  toppingKind: 'permanent-under-contrast',
  grip: 'fuse',
  heavyDuckBacking: 'when-it-fits',
  heavyNeedle: 'start-75',
  smallGarmentBulk: 'roll-and-tape',
  trim: 'rounded-6-12',
  chestRule: 'shoulder-point',
  loading: 'bulk-away',
}

type HabitChoice = { value: string; name: Message; means: Message }
export type HabitQuestion = { id: keyof HouseHabits; asks: Message; choices: readonly HabitChoice[] }

/** The habits as questions, each choice with its consequence, in the order a shop would think of them. */
export const habitQuestions: readonly HabitQuestion[] = [
  {
    id: 'wearableBacking',
    asks: message('habit.backing-in-clothes'),
    choices: [
      { value: 'keeps', name: message('habit.it-stays'), means: message('habit.cut-away-holds-the-stitches') },
      {
        value: 'dissolves',
        name: message('habit.it-washes-out'),
        means: message('habit.nothing-stays-against-the-skin'),
      },
    ],
  },
  {
    id: 'layers',
    asks: message('habit.how-many-backings'),
    choices: [
      { value: 'by-load', name: message('habit.by-density'), means: message('habit.one-for-light-work-two') },
      { value: 'always-two', name: message('habit.always-two'), means: message('habit.steadier-and-stiffer-to-wear') },
    ],
  },
  {
    id: 'knits',
    asks: message('habit.knits'),
    choices: [
      { value: 'hoop', name: message('habit.hoop-with-adhesive'), means: message('habit.most-accurate-but-can-mark') },
      { value: 'float', name: message('habit.float-on-hooped-backing'), means: message('habit.no-hoop-mark-but-not') },
    ],
  },
  {
    id: 'topping',
    asks: message('habit.topping'),
    choices: [
      {
        value: 'texture-only',
        name: message('habit.on-pile-and-texture'),
        means: message('habit.smooth-cloth-goes-without'),
      },
      { value: 'always', name: message('habit.always'), means: message('habit.crisper-edges-but-one-more') },
    ],
  },
  {
    id: 'toppingKind',
    asks: message('habit.which-topping'),
    choices: [
      { value: 'wash-away', name: message('habit.wash-away'), means: message('habit.gone-with-a-damp-cloth') },
      { value: 'heat-away', name: message('habit.heat-away'), means: message('habit.for-cloth-you-cant-wet') },
      {
        value: 'permanent-under-contrast',
        name: message('habit.permanent-under-contrast'),
        means: message('habit.coloured-film-stays-where-the'),
      },
    ],
  },
  {
    id: 'grip',
    asks: message('habit.cloth-to-backing'),
    choices: [
      { value: 'fuse', name: message('habit.fuse-where-it-can'), means: message('habit.cloth-and-backing-act-as') },
      { value: 'spray', name: message('habit.spray'), means: message('habit.quick-but-gums-needles-and') },
      {
        value: 'sticky',
        name: message('habit.sticky-backing'),
        means: message('habit.holds-without-heat-gums-needles'),
      },
    ],
  },
  {
    id: 'heavyDuckBacking',
    asks: message('habit.backing-for-heavy-canvas'),
    choices: [
      {
        value: 'when-it-fits',
        name: message('habit.cut-away-if-the-hoop'),
        means: message('habit.firmer-edges-under-dense-work'),
      },
      { value: 'none', name: message('habit.none'), means: message('habit.the-cloth-carries-the-stitches') },
    ],
  },
  {
    id: 'heavyNeedle',
    asks: message('habit.needle-for-heavy-cloth'),
    choices: [
      { value: 'start-75', name: message('habit.start-75-11'), means: message('habit.smaller-holes-go-larger-if') },
      { value: 'start-90', name: message('habit.start-90-14'), means: message('habit.runs-cooler-but-leaves-larger') },
    ],
  },
  {
    id: 'smallGarmentBulk',
    asks: message('habit.small-garments'),
    choices: [
      {
        value: 'roll-and-tape',
        name: message('habit.roll-and-tape'),
        means: message('habit.nothing-to-unpick-watch-the'),
      },
      {
        value: 'unpick-seam',
        name: message('habit.unpick-a-side-seam'),
        means: message('habit.lies-flat-but-you-sew'),
      },
      { value: 'clip', name: message('habit.clip'), means: message('habit.quick-keep-clips-well-outside') },
    ],
  },
  {
    id: 'trim',
    asks: message('habit.trimming-cut-away'),
    choices: [
      {
        value: 'rounded-6-12',
        name: message('habit.6-to-12-mm-rounded'),
        means: message('habit.holds-through-the-wash'),
      },
      { value: 'close-3', name: message('habit.3-mm'), means: message('habit.shows-less-holds-less') },
      { value: 'strip', name: message('habit.to-the-stitching'), means: message('habit.softest-but-holds-least') },
    ],
  },
  {
    id: 'chestRule',
    asks: message('habit.a-chest-design-is-placed'),
    choices: [
      {
        value: 'shoulder-point',
        name: message('habit.from-the-shoulder-point'),
        means: message('habit.grows-with-the-size'),
      },
      {
        value: 'underarm-level',
        name: message('habit.level-with-the-underarm'),
        means: message('habit.quick-to-see-but-low'),
      },
      {
        value: 'neck-seam',
        name: message('habit.from-the-neck-seam'),
        means: message('habit.one-measurement-from-the-middle'),
      },
    ],
  },
  {
    id: 'loading',
    asks: message('habit.loading'),
    choices: [
      {
        value: 'bulk-away',
        name: message('habit.least-bulk-under-the-machine'),
        means: message('habit.the-design-turns-as-needed'),
      },
      {
        value: 'hem-to-user',
        name: message('habit.hem-to-you-when-it'),
        means: message('habit.nothing-to-remember-about-turning'),
      },
    ],
  },
]

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

type HabitChoice = { value: string; name: string; means: string }
export type HabitQuestion = { id: keyof HouseHabits; asks: string; choices: readonly HabitChoice[] }

/** The habits as questions, each choice with its consequence, in the order a shop would think of them. */
export const habitQuestions: readonly HabitQuestion[] = [
  {
    id: 'wearableBacking',
    asks: 'Backing in clothes',
    choices: [
      { value: 'keeps', name: 'It stays', means: 'Cut-away holds the stitches for the garment’s life.' },
      { value: 'dissolves', name: 'It washes out', means: 'Nothing stays against the skin. Light designs only.' },
    ],
  },
  {
    id: 'layers',
    asks: 'How many backings',
    choices: [
      { value: 'by-load', name: 'By density', means: 'One for light work, two crossed for dense.' },
      { value: 'always-two', name: 'Always two', means: 'Steadier, and stiffer to wear.' },
    ],
  },
  {
    id: 'knits',
    asks: 'Knits',
    choices: [
      { value: 'hoop', name: 'Hoop with adhesive', means: 'Most accurate, but can mark or stretch the cloth.' },
      { value: 'float', name: 'Float on hooped backing', means: 'No hoop mark, but not for dense designs.' },
    ],
  },
  {
    id: 'topping',
    asks: 'Topping',
    choices: [
      { value: 'texture-only', name: 'On pile and texture', means: 'Smooth cloth goes without.' },
      { value: 'always', name: 'Always', means: 'Crisper edges, but one more thing to remove.' },
    ],
  },
  {
    id: 'toppingKind',
    asks: 'Which topping',
    choices: [
      { value: 'wash-away', name: 'Wash-away', means: 'Gone with a damp cloth or the first wash.' },
      { value: 'heat-away', name: 'Heat-away', means: 'For cloth you can’t wet.' },
      {
        value: 'permanent-under-contrast',
        name: 'Permanent under contrast',
        means: 'Coloured film stays where the cloth would show through; wash-away elsewhere.',
      },
    ],
  },
  {
    id: 'grip',
    asks: 'Cloth to backing',
    choices: [
      { value: 'fuse', name: 'Fuse where it can', means: 'Cloth and backing act as one; needs an iron.' },
      { value: 'spray', name: 'Spray', means: 'Quick, but gums needles and needs fresh air.' },
      { value: 'sticky', name: 'Sticky backing', means: 'Holds without heat; gums needles.' },
    ],
  },
  {
    id: 'heavyDuckBacking',
    asks: 'Backing for heavy canvas',
    choices: [
      { value: 'when-it-fits', name: 'Cut-away if the hoop closes', means: 'Firmer edges under dense work.' },
      { value: 'none', name: 'None', means: 'The cloth carries the stitches, and the hoop closes easily.' },
    ],
  },
  {
    id: 'heavyNeedle',
    asks: 'Needle for heavy cloth',
    choices: [
      { value: 'start-75', name: 'Start 75/11', means: 'Smaller holes. Go larger if it causes trouble.' },
      { value: 'start-90', name: 'Start 90/14', means: 'Runs cooler, but leaves larger holes.' },
    ],
  },
  {
    id: 'smallGarmentBulk',
    asks: 'Small garments',
    choices: [
      { value: 'roll-and-tape', name: 'Roll and tape', means: 'Nothing to unpick. Watch the roll.' },
      { value: 'unpick-seam', name: 'Unpick a side seam', means: 'Lies flat, but you sew the seam again.' },
      { value: 'clip', name: 'Clip', means: 'Quick. Keep clips well outside the hoop.' },
    ],
  },
  {
    id: 'trim',
    asks: 'Trimming cut-away',
    choices: [
      { value: 'rounded-6-12', name: '6 to 12 mm, rounded', means: 'Holds through the wash.' },
      { value: 'close-3', name: '3 mm', means: 'Shows less, holds less.' },
      { value: 'strip', name: 'To the stitching', means: 'Softest, but holds least.' },
    ],
  },
  {
    id: 'chestRule',
    asks: 'A chest design is placed',
    choices: [
      { value: 'shoulder-point', name: 'From the shoulder point', means: 'Grows with the size.' },
      { value: 'underarm-level', name: 'Level with the underarm', means: 'Quick to see, but low on long bodies.' },
      { value: 'neck-seam', name: 'From the neck seam', means: 'One measurement, from the middle of the neck.' },
    ],
  },
  {
    id: 'loading',
    asks: 'Loading',
    choices: [
      { value: 'bulk-away', name: 'Least bulk under the machine arm', means: 'The design turns as needed.' },
      { value: 'hem-to-user', name: 'Hem to you when it fits', means: 'Nothing to remember about turning.' },
    ],
  },
]

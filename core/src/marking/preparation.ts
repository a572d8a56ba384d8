import { type Message, message } from '../messages/message'
import type { HouseHabits } from '../habits'
import { type ClothFamily, familyFacts, type Heat } from '../recipe/clothFacts'

/** What is to be made ready: its cloth, whether it will be washed, and how wide it is where it is closed round. */
type Unprepared = {
  family: ClothFamily
  /** Where it is known better than of the family. */
  heat?: Heat
  laundering?: 'never' | 'sometimes' | 'daily'
  /** Millimetres flat; null: open flat. */
  tubeWidth: number | null
  bulk: HouseHabits['smallGarmentBulk']
}

/** Under this a tube does not lie flat round a ring and leaves no room for a hand, in millimetres. */
const NARROW = 300

const steps = {
  'prep.wash': message('marking.wash-and-dry-it-once'),
  'prep.unpick': message('marking.unpick-a-side-seam-so'),
  'prep.lint': message('marking.go-over-it-with-a'),
  'prep.press': message('marking.press-it-flat-no-hotter'),
  'prep.smooth': message('marking.lay-it-flat-and-smooth'),
} as const

type Facts = (typeof familyFacts)[ClothFamily]
const takesHeat = ({ family, heat = familyFacts[family].heat }: Unprepared): boolean =>
  heat === 'yes' || heat === 'medium'
/** Pile on its face or brushed inside: both shed. */
const isFleece = ({ surface, knit, pileMm }: Facts): boolean =>
  surface === 'pile' || (knit && surface === 'smooth' && pileMm > 0)

/** Only cleaned or aired: wool, silk and satin, velvet, padded goods (craft.md section 1). */
const aired = new Set<ClothFamily>(['wool-felt', 'satin', 'velvet-plush', 'quilted'])

type Rule = { id: keyof typeof steps; when: (q: Unprepared) => boolean }

/** Before the tape goes on (craft.md section 1), in the order of the hand. */
const rules: readonly Rule[] = [
  {
    id: 'prep.wash',
    when: ({ family, laundering }) =>
      laundering !== 'never' && !aired.has(family) && familyFacts[family].surface !== 'coated',
  },
  {
    id: 'prep.unpick',
    when: ({ tubeWidth, bulk }) => bulk === 'unpick-seam' && tubeWidth !== null && tubeWidth < NARROW,
  },
  { id: 'prep.lint', when: ({ family }) => isFleece(familyFacts[family]) },
  { id: 'prep.press', when: takesHeat },
  { id: 'prep.smooth', when: (q) => !takesHeat(q) },
]

/**
 * What makes a piece ready to be measured, by cloth, use and house habit: the ids of its steps in order.
 *
 * @example preparation({ family: 'coated', tubeWidth: null, bulk: 'clip' }) // ['prep.smooth']
 */
export const preparation = (q: Unprepared): string[] => rules.filter((rule) => rule.when(q)).map(({ id }) => id)

/** A step by its id as it is worded today; null for one that is no longer known. */
export const preparationStep = (id: string): Message | null => steps[id as keyof typeof steps] ?? null

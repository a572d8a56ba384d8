import { type Message, message } from '../messages'
import type { FoldMeans } from '../placement/foldMarks'
import { type Bruise, type ClothFamily, familyFacts, type Heat } from '../recipe/clothFacts'

type MarkingId =
  | 'chalk'
  | 'wash-out-pen'
  | 'crease'
  | 'pin-through'
  | 'tape-arrow'
  | 'sticker'
  | 'stitched-cross'
  | 'hoop-grid'
  | 'paper-template'

/** `heat`, `bruise` and `pileMm` where they are known better than of the family. */
type MarkingCloth = {
  family: ClothFamily
  dark: boolean
  infant?: boolean
  mayBeWetted?: boolean
  heat?: Heat
  bruise?: Bruise
  pileMm?: number
}

/** One way of marking this cloth: why it suits or does not, what takes it off again, and what to beware of. */
export type MarkingMeans = {
  id: MarkingId
  name: Message
  suits: boolean
  why: Message
  removedBy: Message
  caution: Message
}

type Verdict = { rank: number; why: Message } | { refused: Message }
type Means = { id: MarkingId; name: Message; removedBy: Message; caution: Message; judge: (f: Facts) => Verdict }
type Facts = MarkingCloth & {
  pile: boolean
  longPile: boolean
  smoothFace: boolean
  heat: string
  bruise: string
  holesStay: boolean
  waterMarks: boolean
  slick: boolean
  loose: boolean
}

const TRY_FIRST = message('marking.try-it-and-removing-it')
const COUNT_PINS = message('marking.count-pins-in-and-out')

/** The ways of craft.md section 1, each with the cloths it is good for. */
const means: readonly Means[] = [
  {
    id: 'chalk',
    name: message('marking.chalk'),
    removedBy: message('marking.a-brush-or-a-damp'),
    caution: TRY_FIRST,
    judge: (f) => {
      if (f.pile) return { refused: message('marking.chalk-drops-into-pile-and') }
      if (f.holesStay) return { rank: 3, why: message('marking.shows-on-coated-cloth-and') }
      return f.dark
        ? { rank: 9, why: message('marking.white-chalk-shows-on-dark') }
        : { rank: 6, why: message('marking.coloured-chalk-shows-on-pale') }
    },
  },
  {
    id: 'wash-out-pen',
    name: message('marking.wash-out-pen'),
    removedBy: message('marking.cold-water-before-any-iron'),
    caution: message('marking.try-first-never-iron'),
    judge: (f) => {
      if (f.pile) return { refused: message('marking.ink-runs-along-pile-and') }
      if (f.mayBeWetted === false) return { refused: message('marking.it-comes-out-with-water') }
      if (f.waterMarks || f.holesStay) return { refused: message('marking.water-or-ink-can-stain') }
      return f.dark
        ? { refused: message('marking.it-doesnt-show-on-dark') }
        : { rank: 8, why: message('marking.a-fine-line-that-shows') }
    },
  },
  {
    id: 'crease',
    name: message('marking.crease'),
    removedBy: message('marking.steam-and-pressing-afterwards'),
    caution: message('marking.irons-burn-follow-the-care'),
    judge: (f) => {
      if (f.pile || f.loose) return { refused: message('marking.this-cloth-does-not-hold') }
      if (f.heat === 'no' || f.holesStay) return { refused: message('marking.a-crease-may-stay-in') }
      return f.smoothFace
        ? { rank: 7, why: message('marking.holds-a-crease-and-theres') }
        : { rank: 3, why: message('marking.holds-a-finger-crease-for') }
    },
  },
  {
    id: 'pin-through',
    name: message('marking.pin-through'),
    removedBy: message('marking.pull-the-pin-out-but'),
    caution: COUNT_PINS,
    judge: (f) => {
      if (f.holesStay) return { refused: message('marking.pin-holes-stay-in-this') }
      if (f.infant) return { rank: 1, why: message('marking.finds-the-spot-on-the') }
      return { rank: f.pile ? 5 : 2, why: message('marking.finds-the-spot-on-the-2') }
    },
  },
  {
    id: 'tape-arrow',
    name: message('marking.low-tack-tape-with-an'),
    removedBy: message('marking.peel-it-off-along-the'),
    caution: message('marking.take-it-off-before-the'),
    judge: (f) => {
      if (f.pile || f.loose) return { rank: 9, why: message('marking.stays-on-top-of-pile') }
      return { rank: f.holesStay ? 8 : 3, why: message('marking.leaves-no-trace-on-cloth') }
    },
  },
  {
    id: 'sticker',
    name: message('marking.removable-sticker'),
    removedBy: message('marking.peel-it-off-once-the'),
    caution: message('marking.take-it-off-before-you'),
    judge: (f) => {
      if (f.longPile) return { refused: message('marking.it-doesnt-stick-to-long') }
      if (f.pile) return { rank: 7, why: message('marking.a-target-sticker-holds-on') }
      return {
        rank: f.holesStay || f.slick ? 9 : 4,
        why: message('marking.quick-cross-and-arrow-are'),
      }
    },
  },
  {
    id: 'stitched-cross',
    name: message('marking.stitched-cross-hair-on-the'),
    removedBy: message('marking.nothing-it-stays-on-the'),
    caution: message('marking.keep-hands-clear-while-it'),
    judge: (f) => ({
      rank: f.pile || f.bruise === 'high' ? 8 : 2,
      why: message('marking.for-floated-pieces-lay-the'),
    }),
  },
  {
    id: 'hoop-grid',
    name: message('marking.the-hoops-own-grid'),
    removedBy: message('marking.like-the-dots-it-helped'),
    caution: message('marking.take-it-out-before-the'),
    judge: () => ({
      rank: 4,
      why: message('marking.lay-it-on-the-measured'),
    }),
  },
  {
    id: 'paper-template',
    name: message('marking.paper-template'),
    removedBy: message('marking.lift-it-off-but-mark'),
    caution: COUNT_PINS,
    judge: () => ({
      rank: 5,
      why: message('marking.shows-the-size-before-you'),
    }),
  },
]

/** Marks that stay on the cloth until they are removed. */
const stays = ['chalk', 'wash-out-pen', 'crease'] as const

/**
 * How marks made so are taken out when the piece is finished; null where they are gone by then.
 *
 * @example markRemoval('wash-out-pen') // ['marks-out.wash-out-pen']
 */
export function markRemoval(id: string): Message | null {
  const left = stays.find((one) => one === id)
  return left ? message(`marks-out.${left}`) : null
}

/**
 * How a fold is marked on a cloth: creased where that comes out again, else with pins, or with tape where a pin leaves a
 * hole, sinks into plush or may be forgotten in an infant’s thing. Source: craft.md sections 1 and 11.
 *
 * @example foldMarkedWith({ family: 'terry', dark: false }) // 'pins'
 */
export function foldMarkedWith(cloth: MarkingCloth): FoldMeans {
  const facts = factsOf(cloth)
  const { pile, loose, heat, holesStay, bruise, infant } = facts
  if (!pile && !loose && heat !== 'no' && !holesStay && bruise !== 'high') return 'crease'
  return holesStay || infant || bruise === 'high' ? 'tape' : 'pins'
}

/**
 * Which ways of marking suit a cloth, best first, then those that do not, each with what removes it and its caution.
 * Rules: craft.md sections 1 and 11.
 *
 * @example markingMeans({ family: 'terry', dark: false })[0].id // 'tape-arrow'
 */
export function markingMeans(cloth: MarkingCloth): MarkingMeans[] {
  const facts = factsOf(cloth)
  return means
    .map(({ judge, ...told }) => ({ ...told, verdict: judge(facts) }))
    .sort((a, b) => rankOf(b.verdict) - rankOf(a.verdict))
    .map(({ verdict, ...told }) => ({
      ...told,
      suits: 'rank' in verdict,
      why: 'rank' in verdict ? verdict.why : verdict.refused,
    }))
}

function factsOf(cloth: MarkingCloth): Facts {
  const { family, heat, bruise, pileMm } = cloth
  const known = familyFacts[family]
  const pile = pileMm ?? known.pileMm
  return {
    ...cloth,
    pile: pile >= 1,
    longPile: pile > 3,
    smoothFace: known.stretch[1] <= 5 && pile === 0,
    heat: heat ?? known.heat,
    bruise: bruise ?? known.bruise,
    holesStay: known.traits.includes('keeps-holes'),
    waterMarks: known.traits.includes('water-marks'),
    slick: known.traits.includes('slick'),
    loose: known.traits.includes('loose'),
  }
}

const rankOf = (v: Verdict): number => ('rank' in v ? v.rank : -1)

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
  name: string
  suits: boolean
  why: string
  removedBy: string
  caution: string
}

type Verdict = { rank: number; why: string } | { refused: string }
type Means = { id: MarkingId; name: string; removedBy: string; caution: string; judge: (f: Facts) => Verdict }
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

const TRY_FIRST = 'Try it, and removing it, on a hidden spot first. Heat sets some inks.'
const COUNT_PINS = 'Count pins in and out. None stays under the foot.'

/** The ways of craft.md section 1, each with the cloths it is good for. */
const means: readonly Means[] = [
  {
    id: 'chalk',
    name: 'Chalk',
    removedBy: 'A brush, or a damp cloth for what stays in the weave.',
    caution: TRY_FIRST,
    judge: (f) => {
      if (f.pile) return { refused: 'Chalk drops into pile and can’t be seen.' }
      if (f.holesStay) return { rank: 3, why: 'Shows on coated cloth and wipes off before stitching.' }
      return f.dark
        ? { rank: 9, why: 'White chalk shows on dark cloth and brushes off.' }
        : { rank: 6, why: 'Coloured chalk shows on pale cloth. Keep the line thin.' }
    },
  },
  {
    id: 'wash-out-pen',
    name: 'Wash-out pen',
    removedBy: 'Cold water, before any iron or dryer.',
    caution: `${TRY_FIRST} Never iron over it.`,
    judge: (f) => {
      if (f.pile) return { refused: 'Ink runs along pile and leaves no clear line.' }
      if (f.mayBeWetted === false) return { refused: 'It comes out with water, and this cloth can’t get wet.' }
      if (f.waterMarks || f.holesStay) return { refused: 'Water or ink can stain this cloth.' }
      return f.dark
        ? { refused: 'It doesn’t show on dark cloth.' }
        : { rank: 8, why: 'A fine line that shows on pale cloth and rinses out.' }
    },
  },
  {
    id: 'crease',
    name: 'Crease',
    removedBy: 'Steam and pressing afterwards.',
    caution: 'Irons burn. Follow the care label.',
    judge: (f) => {
      if (f.pile || f.loose) return { refused: 'This cloth does not hold a crease.' }
      if (f.heat === 'no' || f.holesStay) return { refused: 'A crease may stay in this cloth for good.' }
      return f.smoothFace
        ? { rank: 7, why: 'Holds a crease, and there’s nothing to remove.' }
        : { rank: 3, why: 'Holds a finger crease for a little while.' }
    },
  },
  {
    id: 'pin-through',
    name: 'Pin through',
    removedBy: 'Pull the pin out, but note the spot first.',
    caution: COUNT_PINS,
    judge: (f) => {
      if (f.holesStay) return { refused: 'Pin holes stay in this cloth.' }
      if (f.infant) return { rank: 1, why: 'Finds the spot on the wrong side. No pin may stay in a child’s things.' }
      return { rank: f.pile ? 5 : 2, why: 'Finds the spot on the wrong side, for placing from the back.' }
    },
  },
  {
    id: 'tape-arrow',
    name: 'Low-tack tape with an arrow',
    removedBy: 'Peel it off along the pile before that part is stitched.',
    caution: 'Take it off before the needle reaches it: glue gums the needle.',
    judge: (f) => {
      if (f.pile || f.loose) return { rank: 9, why: 'Stays on top of pile and texture, where chalk and ink sink in.' }
      return { rank: f.holesStay ? 8 : 3, why: 'Leaves no trace on cloth that marks easily.' }
    },
  },
  {
    id: 'sticker',
    name: 'Removable sticker',
    removedBy: 'Peel it off once the needle is over the cross.',
    caution: 'Take it off before you start: glue gums the needle. Dull a new one on a sleeve first.',
    judge: (f) => {
      if (f.longPile) return { refused: 'It doesn’t stick to long pile.' }
      if (f.pile) return { rank: 7, why: 'A target sticker holds on terry and fleece, where chalk and ink sink in.' }
      return {
        rank: f.holesStay || f.slick ? 9 : 4,
        why: 'Quick: cross and arrow are printed on, so nothing is drawn on the cloth.',
      }
    },
  },
  {
    id: 'stitched-cross',
    name: 'Stitched cross-hair on the backing',
    removedBy: 'Nothing: it stays on the backing.',
    caution: 'Keep hands clear while it stitches.',
    judge: (f) => ({
      rank: f.pile || f.bruise === 'high' ? 8 : 2,
      why: 'For floated pieces: lay the cloth on the cross by its crease or pin.',
    }),
  },
  {
    id: 'hoop-grid',
    name: 'The hoop’s own grid',
    removedBy: 'Like the dots it helped you draw.',
    caution: 'Take it out before the hoop goes on the machine.',
    judge: () => ({
      rank: 4,
      why: 'Lay it on the measured centre and dot through its holes. In the inner ring it shows what’s square.',
    }),
  },
  {
    id: 'paper-template',
    name: 'Paper template',
    removedBy: 'Lift it off, but mark through its cross first.',
    caution: COUNT_PINS,
    judge: () => ({
      rank: 5,
      why: 'Shows the size before you mark anything. Pin it where it looks right, on the wearer if the piece is skewed.',
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

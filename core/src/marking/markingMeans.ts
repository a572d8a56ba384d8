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

const TRY_FIRST = 'Try it and what removes it on a hidden spot first; heat sets some inks.'
const COUNT_PINS = 'Count pins in and out; none stays under the foot.'

/** The ways of craft.md section 1, each with the cloths it is good for. */
const means: readonly Means[] = [
  {
    id: 'chalk',
    name: 'Chalk',
    removedBy: 'A brush, or a damp cloth for what stays in the weave.',
    caution: TRY_FIRST,
    judge: (f) => {
      if (f.pile) return { refused: 'Chalk drops into pile and cannot be read.' }
      if (f.holesStay) return { rank: 3, why: 'Shows, and wipes off a coated face before it is stitched.' }
      return f.dark
        ? { rank: 9, why: 'White chalk shows on dark cloth and brushes off.' }
        : { rank: 6, why: 'Coloured chalk shows on pale cloth; keep the line thin.' }
    },
  },
  {
    id: 'wash-out-pen',
    name: 'Wash-out pen',
    removedBy: 'Cold water, before any iron or tumble dryer.',
    caution: `${TRY_FIRST} Never iron over it.`,
    judge: (f) => {
      if (f.pile) return { refused: 'Ink runs along pile and leaves no clear line.' }
      if (f.mayBeWetted === false) return { refused: 'It comes out with water, and this may not be wetted.' }
      if (f.waterMarks || f.holesStay) return { refused: 'Water or ink can leave a stain on this face.' }
      return f.dark
        ? { refused: 'It does not show on dark cloth.' }
        : { rank: 8, why: 'A fine line that shows on pale cloth and rinses out.' }
    },
  },
  {
    id: 'crease',
    name: 'Crease',
    removedBy: 'Steam and pressing afterwards.',
    caution: 'A hot iron burns; follow the care label.',
    judge: (f) => {
      if (f.pile || f.loose) return { refused: 'This cloth does not hold a crease.' }
      if (f.heat === 'no' || f.holesStay) return { refused: 'A crease may stay in this cloth for good.' }
      return f.smoothFace
        ? { rank: 7, why: 'Holds a crease and needs nothing to be taken off.' }
        : { rank: 3, why: 'Holds a finger crease for a little while.' }
    },
  },
  {
    id: 'pin-through',
    name: 'Pin through',
    removedBy: 'Drawing the pin; note the spot before it comes out.',
    caution: COUNT_PINS,
    judge: (f) => {
      if (f.holesStay) return { refused: 'Pin holes stay in this cloth.' }
      if (f.infant) return { rank: 1, why: 'Finds the spot on the wrong side; no pin may be left in a child’s thing.' }
      return { rank: f.pile ? 5 : 2, why: 'Finds the spot on the wrong side, for placing from the back.' }
    },
  },
  {
    id: 'tape-arrow',
    name: 'Low-tack tape with an arrow',
    removedBy: 'Peeling it off, along the pile, before that part is stitched.',
    caution: 'Off before the needle reaches it: glue gums the needle.',
    judge: (f) => {
      if (f.pile || f.loose) return { rank: 9, why: 'Lies on top of pile and texture where chalk and ink sink in.' }
      return { rank: f.holesStay ? 8 : 3, why: 'Leaves no trace on a face that marks easily.' }
    },
  },
  {
    id: 'sticker',
    name: 'Removable sticker',
    removedBy: 'Peeling it off once the needle stands over the cross.',
    caution: 'Off before the start: glue gums the needle. Dull a new one on a sleeve first, and lift it gently.',
    judge: (f) => {
      if (f.longPile) return { refused: 'It does not hold on long pile.' }
      if (f.pile) return { rank: 7, why: 'A target sticker holds on terry and fleece, where chalk and ink sink in.' }
      return {
        rank: f.holesStay || f.slick ? 9 : 4,
        why: 'Quick, with its cross and arrow printed on; nothing is drawn on the cloth.',
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
      why: 'For floated pieces: the cloth is laid on the cross by its crease or pin.',
    }),
  },
  {
    id: 'hoop-grid',
    name: 'The hoop’s own grid',
    removedBy: 'As the dots it helped to draw.',
    caution: 'Out of the ring again before the hoop goes on the machine.',
    judge: () => ({
      rank: 4,
      why: 'Laid on the measured middle, dots through its holes; in the inner ring while hooping it shows what is square.',
    }),
  },
  {
    id: 'paper-template',
    name: 'Paper template',
    removedBy: 'Lifting it off; mark through its cross first.',
    caution: COUNT_PINS,
    judge: () => ({
      rank: 5,
      why: 'Shows the size on the piece before anything is marked; pin or tape it where it looks right, on the wearer where neck or body is skewed.',
    }),
  },
]

/** Marks that stay on the cloth until they are taken out. */
const stays: Partial<Record<string, string>> = { chalk: 'chalk', 'wash-out-pen': 'pen', crease: 'crease' }

/**
 * How marks made so are taken out when the piece is finished; null where they are gone by then.
 *
 * @example markRemoval('wash-out-pen') // 'Take the pen marks out: cold water, before any iron or tumble dryer.'
 */
export function markRemoval(id: string): string | null {
  const { removedBy } = means.find((m) => m.id === id) ?? {}
  return removedBy && stays[id]
    ? `Take the ${stays[id]} marks out: ${removedBy.charAt(0).toLowerCase()}${removedBy.slice(1)}`
    : null
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

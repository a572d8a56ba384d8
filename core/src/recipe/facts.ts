import { type Bruise, type Cloth, familyFacts, type Heat, type SeeThrough } from './clothFacts'
import type { Named } from '../messages'
import { contrastOf, lightnessOf } from './contrast'
import { fullCloth } from './fullCloth'
import { requireQuery } from './requireQuery'
import type { RecipeQuery } from './recipeQuery'

/**
 * All that the rules look at: the query with the table's values filled in, and what follows from them. There is no
 * family among them: a rule asks for a property, and a cloth that has it is meant whatever it is called.
 */
export type Facts = Omit<RecipeQuery, 'cloth' | 'holding' | 'stash' | 'record'> & {
  /** In one word or two, as a sentence takes it. */
  name: Named
  stretch: number
  gsm: number
  thickness: number
  /** Of the face: fleece that is brushed on its inside has none. */
  pile: number
  heat: Heat
  bruise: Bruise
  seeThrough: SeeThrough
  pale: boolean
  dark: boolean
  /** CIEDE2000 between the ground and the thread farthest from it, and whether that thread is the lighter one. */
  contrast: number
  lightOnDark: boolean
  knit: boolean
  /** Stretches over 10 %: never floated or torn away under a dense design. */
  stretchy: boolean
  /** A woven that stretches 5 to 10 %. */
  gives: boolean
  /** Woven loops or waffle: its weight and loops hold it, and they swallow stitches. */
  towelling: boolean
  /** Coated or a hide: nothing is fused to it, rinsed out of it, or basted through it. */
  coated: boolean
  /** Needle holes stay; water leaves a mark; it slips; it is wadded. */
  keepsHoles: boolean
  waterMarks: boolean
  slick: boolean
  padded: boolean
  /** Ribs or a honeycomb of stitches: fine detail sinks between them. */
  ridged: boolean
  /** Real hide, not vinyl: a wedge needle does not slit it. */
  hide: boolean
  /** Cloth that is made for infants. */
  infants: boolean
  /** Woven, and stretches 8 % or more: it wants a sharp needle, as no loops are to be spared. */
  stretchWoven: boolean
  /** Its pile lies one way; it is of two layers that slide on each other. */
  nap: boolean
  layered: boolean
  /** Its face swallows stitches. */
  textured: boolean
  /** Backing under it shows as a patch. */
  paleThin: boolean
  /** A woven under 120 g/m2: it wants fine needles and backing that does not show. */
  fine: boolean
  /** A woven that one can see through, up to 60 g/m2. */
  sheer: boolean
  /** Fine, see-through or heirloom work on a smooth woven: its hand is to stay soft. */
  delicate: boolean
  /** A dense flat woven from 300 g/m2: it heats and bends needles. */
  sturdy: boolean
  /** Sturdy from 400 g/m2: it carries stitches by itself. */
  heavy: boolean
  /** Takes a medium iron. */
  takesHeat: boolean
  /** Backing may be fused to it: it takes heat, and its face is neither pile, nor coating, nor a slick knit. */
  fusible: boolean
  dense: boolean
  lightWork: boolean
  skin: boolean
  /** A soft cover may be fused over its back, is out of sight there, and can be reached. */
  takesCover: boolean
  /** Worn and washed. */
  wornAndWashed: boolean
  /** Letters under 6 mm are in the design. */
  smallLetters: boolean
  /** They are all of it: thread, needle and speed go by them. Where only some colours have them, these alone do. */
  fineLetters: boolean
  /** Every thread is dark. */
  darkThread: boolean
}

/** Lightness under which a colour is dark. */
const DARK = 40
const SHEER_GSM = 60
const FINE_GSM = 120
const DELICATE_GSM = 240
const [STURDY_GSM, STURDY_MM, HEAVY_GSM] = [300, 0.7, 400]
/** Below this, in mm, a nap does not swallow stitches. */
const PILE = 0.5
const THIN = 1
/** From this stretch, in percent, a woven has elastic in it. */
const STRETCH_WOVEN = 8

/** @throws CoreError 'bad-cloth', 'bad-work', 'bad-ring' or 'bad-colour', with the field's path */
export function factsOf(q: RecipeQuery): Facts {
  requireQuery(q)
  const { cloth, work, use, habits, ring, clothBeyondRing, ringInside } = q
  const own = clothFactsOf(q)
  // A bib or a burp cloth is an infant’s and lies on no skin; a garment of its, or a christening gown, does.
  const skin = Boolean(use.nextToSkin || (use.infant && (own.knit || use.heirloom)))
  const smallLetters = (work.smallestLetterMm ?? Infinity) < 6
  return {
    ...own,
    ...contrastOf(cloth, work),
    dense: work.loadClass === 'dense',
    lightWork: work.loadClass === 'outline' || work.loadClass === 'light',
    skin,
    takesCover: own.fusible && !own.sheer && !use.noCover,
    wornAndWashed: (skin || own.knit) && use.laundering !== 'never' && !own.coated && !own.waterMarks,
    smallLetters,
    fineLetters: smallLetters && isSmallThroughout(work),
    darkThread: work.topThread.colours.every((colour) => lightnessOf(colour, 'work.topThread.colours') < DARK),
    ...{ work, use, habits, ring, clothBeyondRing, ringInside },
  }
}

/** Whether the small letters are all there is: of each colour they are said to be in, else of wording and of one colour. */
function isSmallThroughout({ kind, smallLetterColours, topThread: { colours } }: RecipeQuery['work']): boolean {
  if (!smallLetterColours) return kind === 'wording' || new Set(colours).size <= 1
  const small = new Set(smallLetterColours.map((colour) => colour.toLowerCase()))
  return colours.every((colour) => small.has(colour.toLowerCase()))
}

function clothFactsOf({ cloth, use }: RecipeQuery) {
  const { knit } = familyFacts[cloth.family]
  const full = fullCloth(cloth)
  const { stretchPercent: stretch, gsm, thicknessMm: thickness, heat, bruise, seeThrough } = full
  const face = faceOf(full)
  const traits = traitsOf(cloth)
  const woven = !knit && !face.towelling && !face.coated
  const shows = seeThrough === 'medium' || seeThrough === 'high'
  const takesHeat = heat === 'yes' || heat === 'medium'
  const ground = lightnessOf(cloth.colour, 'cloth.colour')
  const pale = ground >= 75
  return {
    name: `cloth.${cloth.family}`,
    ...{ stretch, gsm, thickness, heat, bruise, seeThrough, pale, knit },
    ...{ pile: face.pile, towelling: face.towelling, coated: face.coated, textured: face.textured },
    dark: ground < DARK,
    ...traits,
    stretchWoven: stretch >= STRETCH_WOVEN && woven && face.flat,
    stretchy: stretch > 10,
    paleThin: pale && shows && thickness < THIN,
    takesHeat,
    fusible: takesHeat && face.fusible && !(knit && traits.slick),
    ...buildOf(
      { gsm, stretch, thickness, sees: seeThrough, shows, heirloom: Boolean(use.heirloom) },
      {
        woven,
        flat: !knit && face.smooth && !traits.padded,
        smooth: face.smooth,
      },
    ),
  }
}

/** What sets it apart, by its family and by itself. */
function traitsOf({ family, traits: own = [] }: Cloth) {
  const { traits, surface } = familyFacts[family]
  const has = (trait: (typeof traits)[number]): boolean => traits.includes(trait)
  return {
    slick: has('slick') || own.includes('slips'),
    ridged: has('ridged'),
    infants: has('infants'),
    hide: surface === 'coated' && own.includes('hide'),
    nap: own.includes('nap'),
    layered: own.includes('layers'),
    padded: has('padded'),
    keepsHoles: has('keeps-holes'),
    waterMarks: has('water-marks'),
  }
}

/** What the face is like; `fusible`: an iron neither flattens it nor fails to hold on it. */
function faceOf({ family, pileMm }: Pick<Required<Cloth>, 'family' | 'pileMm'>) {
  const { knit, surface, pileMm: usual } = familyFacts[family]
  const [smooth, coated] = [surface === 'smooth', surface === 'coated']
  const pile = smooth && pileMm <= usual ? 0 : pileMm
  const towelling = !knit && (surface === 'loops' || surface === 'texture')
  const textured = towelling || surface === 'texture' || pile >= PILE
  return { smooth, coated, pile, towelling, textured, flat: surface !== 'pile', fusible: !coated && surface !== 'pile' }
}

type Weight = {
  gsm: number
  stretch: number
  thickness: number
  sees: SeeThrough
  shows: boolean
  heirloom: boolean
}

/** How a woven is built, from the finest to the heaviest; nothing of it is true of a knit. */
function buildOf(w: Weight, { woven, flat, smooth }: { woven: boolean; flat: boolean; smooth: boolean }) {
  const sturdy = flat && w.gsm >= STURDY_GSM && w.thickness >= STURDY_MM
  return {
    gives: woven && w.stretch >= 5 && w.stretch <= 10,
    fine: woven && w.gsm < FINE_GSM,
    sheer: woven && w.stretch <= 10 && w.sees === 'high' && w.gsm <= SHEER_GSM,
    delicate: woven && smooth && w.gsm < DELICATE_GSM && (w.gsm < FINE_GSM || w.shows || w.heirloom),
    sturdy,
    heavy: sturdy && w.gsm >= HEAVY_GSM,
  }
}

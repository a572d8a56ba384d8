import { differenceCiede2000, lab, parse } from 'culori'
import { CoreError } from '../errors'
import type { HouseHabits } from '../habits'
import { type Bruise, type Cloth, familyFacts, type Heat, type SeeThrough } from './clothFacts'
import type { RecipeQuery, Ring, Use, Work } from './recipeQuery'

/**
 * All that the rules look at: the query with the table's values filled in, and what follows from them. There is no
 * family among them: a rule asks for a property, and a cloth that has it is meant whatever it is called.
 */
export type Facts = {
  name: string
  stretch: number
  gsm: number
  thickness: number
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
  /** Woven loops or waffle: its weight and loops hold it, and they swallow stitches. */
  towelling: boolean
  textured: boolean
  /** A woven under 120 g/m2: it wants fine needles and backing that does not show. */
  fine: boolean
  /** A dense flat woven from 300 g/m2: it heats and bends needles. */
  sturdy: boolean
  /** Sturdy from 400 g/m2: it carries stitches by itself. */
  heavy: boolean
  takesHeat: boolean
  dense: boolean
  lightWork: boolean
  skin: boolean
  fineLetters: boolean
  work: Work
  use: Use
  habits: HouseHabits
  ring?: Ring
  clothBeyondRing?: number
  ringInside?: boolean
}

const middle = ([low, high]: readonly [number, number]): number => (low + high) / 2
const deltaE = differenceCiede2000()

function lightness(colour: string, path: string): number {
  const found = parse(colour)
  if (!found) throw new CoreError('bad-colour', `“${colour}” is not a colour; write it as #rrggbb.`, path)
  return lab(found).l
}

type Contrast = { contrast: number; lightOnDark: boolean }

function contrastOf(cloth: Cloth, work: Work): Contrast {
  const ground = lightness(cloth.colour, 'cloth.colour')
  return work.topThread.colours.reduce<Contrast>(
    (most, colour, i) => {
      const lighter = lightness(colour, `work.topThread.colours[${i}]`) > ground
      const contrast = deltaE(cloth.colour, colour)
      return contrast > most.contrast ? { contrast, lightOnDark: lighter } : most
    },
    { contrast: 0, lightOnDark: false },
  )
}

/** A cloth with the table's values filled in: what it was taken for stays so whatever the table says later. */
export function fullCloth(cloth: Cloth): Required<Cloth> {
  const row = familyFacts[cloth.family]
  const said = Object.fromEntries(Object.entries(cloth).filter(([, value]) => value != null)) as Cloth
  return {
    stretchPercent: middle(row.stretch),
    gsm: middle(row.gsm),
    thicknessMm: row.mm,
    pileMm: row.pileMm,
    heat: row.heat,
    bruise: row.bruise,
    seeThrough: row.seeThrough,
    ...said,
  }
}

function requireQuery({ cloth, work }: RecipeQuery): void {
  if (!familyFacts[cloth.family])
    throw new CoreError('bad-cloth', `“${cloth.family}” is not a cloth family it knows.`, 'cloth.family')
  if (!(work.widthMm > 0 && work.heightMm > 0))
    throw new CoreError('bad-work', 'The design needs a width and a height above zero.', 'work')
  const { stretchPercent, gsm } = fullCloth(cloth)
  if (!(stretchPercent >= 0 && gsm > 0))
    throw new CoreError('bad-cloth', 'Stretch and weight of the cloth have to be numbers from zero up.', 'cloth')
}

/** @throws CoreError 'bad-cloth', 'bad-work' or 'bad-colour', with the field's path */
export function factsOf(q: RecipeQuery): Facts {
  requireQuery(q)
  const { cloth, work, use, habits, ring, clothBeyondRing, ringInside } = q
  const row = familyFacts[cloth.family]
  const {
    stretchPercent: stretch,
    gsm,
    pileMm: pile,
    thicknessMm: thickness,
    heat,
    bruise,
    seeThrough,
  } = fullCloth(cloth)
  const ground = lightness(cloth.colour, 'cloth.colour')
  const towelling = !row.knit && (row.surface === 'loops' || row.surface === 'texture')
  const sturdy = !row.knit && row.surface === 'smooth' && gsm >= 300 && thickness >= 0.7 && thickness < 1.5
  return {
    name: row.name,
    stretch,
    gsm,
    thickness,
    pile,
    heat,
    bruise,
    seeThrough,
    pale: ground >= 75,
    dark: ground < 40,
    ...contrastOf(cloth, work),
    knit: row.knit,
    stretchy: stretch > 10,
    towelling,
    textured: towelling || pile >= 0.3,
    fine: !row.knit && gsm < 120,
    sturdy,
    heavy: sturdy && gsm >= 400,
    takesHeat: heat === 'yes' || heat === 'medium',
    dense: work.loadClass === 'dense',
    lightWork: work.loadClass === 'outline' || work.loadClass === 'light',
    skin: Boolean(use.nextToSkin || use.infant),
    fineLetters: (work.smallestLetterMm ?? Infinity) < 6,
    work,
    use,
    habits,
    ring,
    clothBeyondRing,
    ringInside,
  }
}

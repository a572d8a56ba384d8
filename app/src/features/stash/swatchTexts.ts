import type { Swatch } from '@thimble/contract'
import { type ClothFamily, fullCloth } from '@thimble/core/recipe'
import { readNumber } from '@thimble/plan'

const numbers = ['stretchPercent', 'gsm', 'thicknessMm', 'pileMm'] as const
type NumberField = (typeof numbers)[number]
/** Empty: as the family has it. */
type Traits = { [Trait in 'heat' | 'bruise' | 'seeThrough']: Swatch[Trait] | '' }
/** `photo`: its id; empty: none. */
type SwatchTexts = Pick<Swatch, 'name' | 'family' | 'colour' | 'note' | 'traits'> &
  Traits &
  Record<NumberField, string> & { photo: string }

/** What numbers a family's cloths usually have, to begin a swatch from. */
export const usualOf = (family: ClothFamily) => fullCloth({ family, colour: '#e8e2d4' })

export function writeSwatch(kept?: Swatch): SwatchTexts {
  const { heat, bruise, seeThrough }: Traits = kept ?? { heat: '', bruise: '', seeThrough: '' }
  const text = (field: NumberField): string => (kept ? String(kept[field]) : '')
  return {
    ...{ name: kept?.name ?? '', family: kept?.family ?? 'quilting-cotton', colour: kept?.colour ?? '#e8e2d4' },
    ...{ heat, bruise, seeThrough, note: kept?.note ?? '', traits: kept?.traits ?? [] },
    ...{ stretchPercent: text('stretchPercent'), gsm: text('gsm') },
    photo: kept?.photo ?? '',
    ...{ thicknessMm: text('thicknessMm'), pileMm: text('pileMm') },
  }
}

const MOST: Record<NumberField, number> = { stretchPercent: 200, gsm: 2000, thicknessMm: 50, pileMm: 50 }

/** As typed; what is left out is as the family usually has it. */
export function readSwatch({
  stretchPercent,
  gsm,
  thicknessMm,
  pileMm,
  heat,
  bruise,
  seeThrough,
  photo,
  ...rest
}: SwatchTexts) {
  const typed = { stretchPercent, gsm, thicknessMm, pileMm }
  const usual = usualOf(rest.family)
  const unread: Partial<Record<keyof SwatchTexts, string>> = {}
  const read = Object.fromEntries(
    numbers.map((field) => {
      const { value, problem } = readNumber(typed[field], MOST[field])
      if (problem) unread[field] = problem
      return [field, value ?? usual[field]]
    }),
  )
  const traits = {
    heat: heat || usual.heat,
    bruise: bruise || usual.bruise,
    seeThrough: seeThrough || usual.seeThrough,
  }
  return {
    doc: { ...rest, ...traits, photo: photo || null, colour: rest.colour.trim().toLowerCase(), ...read },
    unread,
  }
}

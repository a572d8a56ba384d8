import { type Message, message } from '../messages/message'
import type { Bruise, Cloth, ClothTrait, Heat, SeeThrough } from './clothFacts'
import { fullCloth } from './fullCloth'

/** A cloth by its own name: its nearest family with its numbers laid over it. */
export type NamedCloth = Required<Omit<Cloth, 'colour'>> & { id: string; name: Message }

type Over = {
  stretchPercent?: number
  gsm?: number
  thicknessMm?: number
  pileMm?: number
  heat?: Heat
  bruise?: Bruise
  seeThrough?: SeeThrough
}

function named(
  id: string,
  name: Message,
  family: Cloth['family'],
  over: Over,
  traits: readonly ClothTrait[] = [],
): NamedCloth {
  const { colour: _, ...full } = fullCloth({ family, colour: '#ffffff', ...over, traits })
  return { id, name, ...full, traits }
}

/**
 * Cloths that a shop meets beside the families (craft.md section 4, the last paragraph).
 *
 * @example namedCloths.find(({ id }) => id === 'corduroy') // twill with a pile of 0.8 mm that lies one way
 */
export const namedCloths: readonly NamedCloth[] = [
  named('nylon-shell', message('cloth-named.nylon-shell'), 'coated', { gsm: 90, thicknessMm: 0.15, heat: 'low' }, [
    'slips',
  ]),
  named('real-hide', message('cloth-named.real-hide'), 'coated', { gsm: 700, thicknessMm: 1.5 }, ['hide']),
  named('french-terry', message('cloth-named.french-terry'), 'sweatshirt', { gsm: 250, thicknessMm: 1.1 }),
  named('corduroy', message('cloth-named.corduroy'), 'twill', { gsm: 280, thicknessMm: 1, pileMm: 0.8 }, ['nap']),
  named(
    'double-gauze',
    message('cloth-named.double-gauze'),
    'lawn',
    { gsm: 110, thicknessMm: 0.4, stretchPercent: 4 },
    ['layers'],
  ),
  named('stretch-denim', message('cloth-named.stretch-denim'), 'denim', {
    gsm: 320,
    thicknessMm: 0.7,
    stretchPercent: 12,
  }),
  named('stretch-twill', message('cloth-named.stretch-twill'), 'twill', { stretchPercent: 11 }),
  named('faux-fur', message('cloth-named.faux-fur'), 'velvet-plush', { gsm: 400, thicknessMm: 6, pileMm: 15 }, ['nap']),
  named('acrylic-felt', message('cloth-named.acrylic-felt'), 'wool-felt', { gsm: 200, thicknessMm: 1.5, heat: 'low' }),
]

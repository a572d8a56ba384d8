import { things as t } from '@thimble/language/en/things'
import { labelOf, writeName } from '@thimble/language'
import {
  type Bruise,
  clothFamilies,
  type ClothFamily,
  type ClothTrait,
  familyFacts,
  type Heat,
  type NamedCloth,
  namedCloths,
  type SeeThrough,
} from '@thimble/core/recipe'

/** Cloth families as the worker picks them. */
export const clothChoices: readonly { id: ClothFamily; name: string }[] = clothFamilies.map((id) => ({
  id,
  name: labelOf(`cloth-family.${id}`),
}))

/** Cloths that go by their own name, told apart from the families and the shop's own. */
const NAMED = 'named.'
export const namedChoices: readonly { id: string; name: string }[] = namedCloths.map(({ id, name }) => ({
  id: NAMED + id,
  name: writeName(name),
}))
export const namedOf = (choice: string): NamedCloth | undefined => namedCloths.find(({ id }) => NAMED + id === choice)
export const traitChoices: readonly { id: ClothTrait; name: string }[] = [
  { id: 'slips', name: t('slippery') },
  { id: 'nap', name: t('pile-lies-one-way') },
  { id: 'layers', name: t('two-layers') },
  { id: 'hide', name: t('real-hide') },
]

export const heatChoices: readonly { id: Heat; name: string }[] = [
  { id: 'yes', name: t('yes') },
  { id: 'medium', name: t('medium-2') },
  { id: 'low', name: t('cool-only') },
  { id: 'no', name: t('none') },
]
export const bruiseChoices: readonly { id: Bruise; name: string }[] = [
  { id: 'low', name: t('barely-shows') },
  { id: 'medium', name: t('presses-out') },
  { id: 'high', name: t('stays') },
]
export const seeThroughChoices: readonly { id: SeeThrough; name: string }[] = [
  { id: 'none', name: t('nothing') },
  { id: 'low', name: t('light-only') },
  { id: 'medium', name: t('a-shadow') },
  { id: 'high', name: t('an-outline') },
]

export const clothName = (id: string): string => (id in familyFacts ? labelOf(`cloth-family.${id}`) : id)

/** A ground by the name it is picked by, or its code. */
export const colourName = (colour: string): string =>
  grounds.find((g) => g.id === colour)?.name.toLowerCase() ?? t('own-colour')

/** Ground colours to pick from by eye; any other can be typed. */
export const grounds: readonly { id: string; name: string; swatch: string }[] = [
  { id: '#fdfbf5', name: t('white'), swatch: '#fdfbf5' },
  { id: '#e8e2d4', name: t('natural'), swatch: '#e8e2d4' },
  { id: '#b9c7cf', name: t('pale'), swatch: '#b9c7cf' },
  { id: '#7d8a72', name: t('mid-tone'), swatch: '#7d8a72' },
  { id: '#27406b', name: t('navy'), swatch: '#27406b' },
  { id: '#22262b', name: t('black'), swatch: '#22262b' },
]

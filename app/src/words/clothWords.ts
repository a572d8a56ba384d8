import { labelOf } from '@thimble/language'
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
  name,
}))
export const namedOf = (choice: string): NamedCloth | undefined => namedCloths.find(({ id }) => NAMED + id === choice)
export const traitChoices: readonly { id: ClothTrait; name: string }[] = [
  { id: 'slips', name: 'Slippery' },
  { id: 'nap', name: 'Pile lies one way' },
  { id: 'layers', name: 'Two layers' },
  { id: 'hide', name: 'Real hide' },
]

export const heatChoices: readonly { id: Heat; name: string }[] = [
  { id: 'yes', name: 'Yes' },
  { id: 'medium', name: 'Medium' },
  { id: 'low', name: 'Cool only' },
  { id: 'no', name: 'None' },
]
export const bruiseChoices: readonly { id: Bruise; name: string }[] = [
  { id: 'low', name: 'Barely shows' },
  { id: 'medium', name: 'Presses out' },
  { id: 'high', name: 'Stays' },
]
export const seeThroughChoices: readonly { id: SeeThrough; name: string }[] = [
  { id: 'none', name: 'Nothing' },
  { id: 'low', name: 'Light only' },
  { id: 'medium', name: 'A shadow' },
  { id: 'high', name: 'An outline' },
]

export const clothName = (id: string): string => (id in familyFacts ? labelOf(`cloth-family.${id}`) : id)

/** A ground by the name it is picked by, or its code. */
export const colourName = (colour: string): string =>
  grounds.find((g) => g.id === colour)?.name.toLowerCase() ?? 'own colour'

/** Ground colours to pick from by eye; any other can be typed. */
export const grounds: readonly { id: string; name: string; swatch: string }[] = [
  { id: '#fdfbf5', name: 'White', swatch: '#fdfbf5' },
  { id: '#e8e2d4', name: 'Natural', swatch: '#e8e2d4' },
  { id: '#b9c7cf', name: 'Pale', swatch: '#b9c7cf' },
  { id: '#7d8a72', name: 'Mid-tone', swatch: '#7d8a72' },
  { id: '#27406b', name: 'Navy', swatch: '#27406b' },
  { id: '#22262b', name: 'Black', swatch: '#22262b' },
]

import { writeName } from '@thimble/language'
import type { Patch, Piece, Swatch } from '@thimble/contract'
import type { NamedCloth } from '@thimble/core/recipe'

type Its = Omit<NamedCloth, 'traits' | 'name'> & { name: string } & Pick<Swatch, 'traits'>
/** A cloth's numbers, as a piece that is made of it carries them from now on. */
const carried = ({ id, name, ...its }: Its) => {
  const { stretchPercent, gsm, thicknessMm, pileMm, heat, bruise, seeThrough, traits } = its
  return { id, name, stretchPercent, gsm, thicknessMm, pileMm, heat, bruise, seeThrough, traits: [...traits] }
}

/** A piece’s cloth when it is made of a swatch: its family, its colour and its numbers. */
export const madeOf = (swatch: Swatch): Patch<Piece['build']['cloth']> => ({
  family: swatch.family,
  colour: swatch.colour,
  told: true,
  swatch: carried(swatch),
})

/** A piece's cloth when it is one that goes by its own name; its colour stays. */
export const madeOfNamed = ({ traits, ...cloth }: NamedCloth): Patch<Piece['build']['cloth']> => ({
  family: cloth.family,
  told: true,
  swatch: carried({ ...cloth, name: writeName(cloth.name), traits: [...traits] }),
})

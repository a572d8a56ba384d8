import type { Patch, Piece, Swatch } from '@thimble/contract'

/** A piece’s cloth when it is made of a swatch: its family and colour, and its numbers, which the piece carries from now on. */
export function madeOf({ id, name, family, colour, ...its }: Swatch): Patch<Piece['build']['cloth']> {
  const { stretchPercent, gsm, thicknessMm, pileMm, heat, bruise, seeThrough } = its
  const swatch = { id, name, stretchPercent, gsm, thicknessMm, pileMm, heat, bruise, seeThrough }
  return { family, colour, told: true, swatch }
}

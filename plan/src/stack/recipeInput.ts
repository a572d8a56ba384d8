import type { Basis, Hoop, Piece, Shop } from '@thimble/contract'
import { type Facts, factsOf, fullCloth, type RecipeQuery, type Ring } from '@thimble/core/recipe'
import type { PieceDesign } from '../measure/pieceDesign'
import { intendedUse } from '../pieces/intendedUse'
import { readStretch } from './pullTest'

/** A piece by what it is, what it is made of and what becomes of it. */
export type MadeOf = Pick<Piece, 'item'> & {
  measure: Pick<Piece['measure'], 'placement'>
  build: Pick<Piece['build'], 'cloth' | 'use' | 'thread'>
}

/** What the rules see of a piece with this design in this shop. */
export function recipeInput(piece: MadeOf, design: PieceDesign, shop: Shop): Basis {
  const { cloth, thread } = piece.build
  const stretch = readStretch(cloth.stretch).value
  const own = cloth.swatch && numbersOf(cloth.swatch)
  const pulled = stretch === null ? {} : { stretchPercent: stretch }
  return {
    cloth: {
      ...fullCloth({ family: cloth.family, colour: cloth.colour, ...own, ...pulled }),
      traits: own?.traits ?? [],
    },
    work: {
      widthMm: design.width,
      heightMm: design.height,
      loadClass: design.loadClass,
      kind: design.kind,
      colourCount: new Set(design.colours).size,
      smallestLetterMm: design.smallestLetterMm,
      smallLetterColours: design.smallLetterColours,
      topThread: { ...thread, colours: design.colours },
    },
    use: intendedUse(piece),
    habits: shop.habits,
  }
}

const numbersOf = ({ id, name, ...numbers }: NonNullable<Piece['build']['cloth']['swatch']>) => numbers

/** A basis as the core asks. */
export function queryOf({ work: known, ...basis }: Basis, ring?: Ring): RecipeQuery {
  const { smallestLetterMm, smallLetterColours, ...work } = known
  const letters = smallestLetterMm
    ? { smallestLetterMm, ...(smallLetterColours.length > 0 ? { smallLetterColours } : {}) }
    : {}
  return { ...basis, work: { ...work, ...letters }, ...(ring ? { ring } : {}) }
}

const known = new WeakMap<Basis, Facts>()

export function factsFrom(basis: Basis): Facts {
  const facts = known.get(basis) ?? factsOf(queryOf(basis))
  known.set(basis, facts)
  return facts
}

export const ringOf = ({
  outside,
  clamp,
  maxThicknessMm,
}: Pick<Hoop, 'outside' | 'clamp' | 'maxThicknessMm'>): Ring => ({
  outsideWidthMm: outside.width,
  outsideHeightMm: outside.height,
  clamp,
  ...(maxThicknessMm ? { maxThicknessMm } : {}),
})

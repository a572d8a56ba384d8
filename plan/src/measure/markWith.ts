import type { Basis, Piece } from '@thimble/contract'
import { type MarkingMeans, markingMeans } from '@thimble/core/marking'
import { factsFrom } from '../stack/recipeInput'

/** Ways of marking this cloth, the best first. */
export const waysToMark = (basis: Basis): MarkingMeans[] =>
  markingMeans({ ...basis.cloth, dark: factsFrom(basis).dark, infant: basis.use.infant })

/** What the marks are made with: as chosen where that still suits, else the best. */
export function markedWith({ measure }: Pick<Piece, 'measure'>, basis: Basis): MarkingMeans {
  const suits = waysToMark(basis).filter((way) => way.suits)
  return suits.find((way) => way.id === measure.markWith) ?? suits[0]!
}

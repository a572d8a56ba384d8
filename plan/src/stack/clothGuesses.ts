import type { Piece } from '@thimble/contract'
import type { ClothFamily } from '@thimble/core/recipe'
import { guessCloth } from '@thimble/core/cloth'
import { readStretch } from './pullTest'

/** Those told, and below which share none is. */
const [MOST, LEAST_SHARE] = [3, 0.08]

/** What an unknown cloth is most like, in whole percent; null until all four tests are answered. */
export function clothGuesses({
  stretch,
  tested,
}: Piece['build']['cloth']): { family: ClothFamily; percent: number }[] | null {
  const { surface, light, iron } = tested
  const { value } = readStretch(stretch)
  if (value === null || !surface || !light || !iron) return null
  return guessCloth({ stretchPercent: value, surface, light, iron })
    .filter(({ share }, i) => i === 0 || share >= LEAST_SHARE)
    .slice(0, MOST)
    .map(({ family, share }) => ({ family, percent: Math.round(share * 100) }))
}

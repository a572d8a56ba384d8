import { message } from '../messages/message'
import { CoreError } from '../errors'
import {
  clothFamilies,
  type ClothFamily,
  familyFacts,
  type Heat,
  type SeeThrough,
  type Surface,
} from '../recipe/clothFacts'
import type { ClothTest } from '../recipe/clothTest'

/** A family it may be, with the share of all likelihood that falls to it. */
type ClothGuess = { family: ClothFamily; share: number }

/** How likely a family of each kind is to give the answer. */
const felt: Record<ClothTest['surface'], Record<Surface, number>> = {
  smooth: { smooth: 1, nap: 0.5, coated: 0.9, texture: 0.1, pile: 0.02, loops: 0.01 },
  loops: { loops: 1, texture: 0.2, pile: 0.1, smooth: 0.01, nap: 0.01, coated: 0 },
  pile: { pile: 1, nap: 0.5, loops: 0.15, texture: 0.05, smooth: 0.01, coated: 0 },
  texture: { texture: 1, loops: 0.2, nap: 0.1, smooth: 0.1, pile: 0.05, coated: 0.1 },
}
const seen: Record<ClothTest['light'], Record<SeeThrough, number>> = {
  none: { none: 1, low: 0.5, medium: 0.1, high: 0.02 },
  some: { none: 0.15, low: 0.8, medium: 1, high: 0.4 },
  much: { none: 0.01, low: 0.1, medium: 0.5, high: 1 },
}
const ironed: Record<ClothTest['iron'], Record<Heat, number>> = {
  takes: { yes: 1, medium: 0.8, low: 0.2, no: 0.02 },
  not: { yes: 0.05, medium: 0.15, low: 0.8, no: 1 },
}
/** How far outside its family's range a pull may well be, in percent. */
const LOOSE = 6

function pulled(stretch: number, [low, high]: readonly [number, number]): number {
  const outside = Math.max(low - stretch, stretch - high, 0)
  return Math.exp(-((outside / LOOSE) ** 2))
}

/**
 * What an unknown cloth is most like by four tests, the likeliest first; the shares of all families are 1 together.
 *
 * Source: the table of craft.md section 4, each answer weighed by how likely a cloth of the family gives it.
 *
 * @throws CoreError('bad-stretch') for a pull that is not a number from zero up
 * @example guessCloth({ stretchPercent: 8, surface: 'loops', light: 'none', iron: 'takes' })[0].family // 'terry'
 */
export function guessCloth({ stretchPercent, surface, light, iron }: ClothTest): ClothGuess[] {
  if (!(stretchPercent >= 0 && Number.isFinite(stretchPercent)))
    throw new CoreError('bad-stretch', message('problem.the-stretch-cant-be-less'), 'stretchPercent')
  const weighed = clothFamilies.map((family) => {
    const facts = familyFacts[family]
    const weight =
      pulled(stretchPercent, facts.stretch) *
      felt[surface][facts.surface] *
      seen[light][facts.seeThrough] *
      ironed[iron][facts.heat]
    return { family, weight }
  })
  const all = weighed.reduce((sum, one) => sum + one.weight, 0)
  return weighed
    .map(({ family, weight }) => ({ family, share: all > 0 ? weight / all : 0 }))
    .sort((a, b) => b.share - a.share)
}

import type { Take } from '@thimble/contract'
import { shareOut } from '@thimble/core/money'
import { take } from '../stash/allot'
import type { CutRoll, KindCut } from './cutsOfBatch'
import type { PieceWork } from './pieceWork'

/** What is left of a roll or sheet beside what was cut, as so many of one size. */
export type Offcut = {
  kind: KindCut['kind']
  from: string
  name: string
  widthMm: number
  heightMm: number
  count: number
}

/** Smaller is nothing anybody keeps, mm. */
const LEAST_MM = 80
/** What amounts of stock are told to. */
const THOUSANDTHS = 1000

const areaOf = ({ layers }: PieceWork, kind: KindCut['kind']): number =>
  layers
    .filter((layer) => layer.kind === kind)
    .reduce((sum, { size, pieces }) => sum + size.widthMm * size.heightMm * pieces, 0)

/** How much goes off a roll: its length, or whole sheets. */
const lengthTaken = ({ usedMm, lengthMm, sheet }: CutRoll): number => (sheet ? lengthMm : usedMm)

/**
 * What goes off each roll when a run is cut together, shared by its pieces as their layers are large: by the piece's id. The
 * shares sum to what goes off.
 */
export function sharesOfCuts(works: readonly PieceWork[], cuts: readonly KindCut[]): ReadonlyMap<string, Take[]> {
  const shares = new Map<string, Take[]>(works.map(({ id }) => [id, []]))
  for (const { kind, rolls } of cuts) {
    const areas = works.map((work) => areaOf(work, kind))
    const all = areas.reduce((sum, area) => sum + area, 0)
    for (const [id, of] of groupBy(rolls, ({ supply }) => supply)) {
      const length = of.reduce((sum, roll) => sum + lengthTaken(roll), 0)
      const parts = shareOut(
        areas.map((area) => (area / all) * length * THOUSANDTHS),
        Math.round(length * THOUSANDTHS),
      )
      works.forEach((work, i) => {
        if (parts[i]! > 0)
          shares.get(work.id)!.push(take('supplies.leftMm', { id, name: of[0]!.supplyName }, parts[i]! / THOUSANDTHS))
      })
    }
  }
  return shares
}

/** What is left beside the pieces of each strip, and of a sheet after its strips; alike ones together, the largest first. */
export function offcutsOf(cuts: readonly KindCut[]): Offcut[] {
  const found = cuts.flatMap(({ kind, rolls }) =>
    rolls.flatMap((roll) => {
      const beside = roll.strips.map(({ height, cuts }) => ({
        widthMm: roll.widthMm - cuts.reduce((sum, { width }) => sum + width, 0),
        heightMm: height,
      }))
      const after = roll.sheet ? [{ widthMm: roll.widthMm, heightMm: roll.lengthMm - roll.usedMm }] : []
      return [...beside, ...after].map(({ widthMm, heightMm }) => ({
        ...{ kind, from: roll.supply, name: roll.supplyName },
        ...{ widthMm: Math.floor(widthMm), heightMm: Math.floor(heightMm) },
      }))
    }),
  )
  const kept = found.filter(({ widthMm, heightMm }) => Math.min(widthMm, heightMm) >= LEAST_MM)
  const alike = groupBy(kept, ({ from, widthMm, heightMm }) => `${from} ${widthMm} ${heightMm}`)
  return [...alike.values()]
    .map((all) => ({ ...all[0]!, count: all.length }))
    .sort((a, b) => b.widthMm * b.heightMm - a.widthMm * a.heightMm)
}

function groupBy<T>(all: readonly T[], keyOf: (one: T) => string): Map<string, T[]> {
  const groups = new Map<string, T[]>()
  for (const one of all) groups.set(keyOf(one), [...(groups.get(keyOf(one)) ?? []), one])
  return groups
}

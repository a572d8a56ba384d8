import { CoreError } from '../errors'
import { bruises, familyFacts, heats, seeThroughs } from './clothFacts'
import { fullCloth } from './fullCloth'
import { loadClasses, type RecipeQuery, threadFibres, threadWeights, workKinds } from './recipeQuery'

type Demand = { path: string; code: string; says: string; met: boolean }

const above = (value: number): boolean => Number.isFinite(value) && value > 0
const from0 = (value: number): boolean => Number.isFinite(value) && value >= 0
const given = (value: number | undefined, test: (value: number) => boolean): boolean =>
  value === undefined || value === null || test(value)
const oneOf = (list: readonly unknown[], value: unknown): boolean => list.includes(value)

/** @throws CoreError 'bad-cloth', 'bad-work' or 'bad-ring', with the path of the first field that cannot be */
export function requireQuery(q: RecipeQuery): void {
  if (!familyFacts[q.cloth.family])
    throw new CoreError('bad-cloth', `“${q.cloth.family}” is not a known cloth.`, 'cloth.family')
  const broken = [...clothDemands(q), ...workDemands(q), ...ringDemands(q)].find((demand) => !demand.met)
  if (broken) throw new CoreError(broken.code, broken.says, broken.path)
}

function clothDemands({ cloth }: RecipeQuery): Demand[] {
  const full = fullCloth(cloth)
  const demand = (field: keyof typeof full, says: string, met: boolean): Demand => ({
    ...{ path: `cloth.${field}`, code: 'bad-cloth', says, met },
  })
  return [
    demand('stretchPercent', 'The cloth’s stretch can’t be less than zero.', from0(full.stretchPercent)),
    demand('gsm', 'The cloth’s weight must be above zero.', above(full.gsm)),
    demand('thicknessMm', 'The cloth’s thickness must be above zero.', above(full.thicknessMm)),
    demand('pileMm', 'The cloth’s pile can’t be less than zero.', from0(full.pileMm)),
    demand('heat', `“${full.heat}” does not say what heat it takes.`, oneOf(heats, full.heat)),
    demand('bruise', `“${full.bruise}” does not say how a hoop marks it.`, oneOf(bruises, full.bruise)),
    demand('seeThrough', `“${full.seeThrough}” does not say how it shows.`, oneOf(seeThroughs, full.seeThrough)),
  ]
}

function workDemands({ work }: RecipeQuery): Demand[] {
  const demand = (field: string, says: string, met: boolean): Demand => ({
    ...{ path: `work${field}`, code: 'bad-work', says, met },
  })
  const { weight, fibre } = work.topThread
  return [
    demand('', 'The design’s width and height must be above zero.', above(work.widthMm) && above(work.heightMm)),
    demand('.loadClass', `“${work.loadClass}” is not a load.`, oneOf(loadClasses, work.loadClass)),
    demand('.kind', `“${work.kind}” is not a kind of work.`, oneOf(workKinds, work.kind)),
    demand('.colourCount', 'The number of colours can’t be less than zero.', given(work.colourCount, from0)),
    demand('.smallestLetterMm', 'A letter’s height must be above zero.', given(work.smallestLetterMm, above)),
    demand('.topThread.weight', `There is no thread of ${weight} wt.`, oneOf(threadWeights, weight)),
    demand('.topThread.fibre', `“${fibre}” is not a thread.`, oneOf(threadFibres, fibre)),
  ]
}

function ringDemands({ ring, clothBeyondRing }: RecipeQuery): Demand[] {
  const demand = (path: string, says: string, met: boolean): Demand => ({ path, code: 'bad-ring', says, met })
  const sides = ring ? [ring.outsideWidthMm, ring.outsideHeightMm] : []
  return [
    demand('ring', 'The hoop’s outside width and height must be above zero.', sides.every(above)),
    demand(
      'ring.maxThicknessMm',
      'The hoop’s maximum thickness must be above zero.',
      given(ring?.maxThicknessMm, above),
    ),
    demand('clothBeyondRing', 'The cloth beyond the hoop must be a number.', given(clothBeyondRing, Number.isFinite)),
  ]
}

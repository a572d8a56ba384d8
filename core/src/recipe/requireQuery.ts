import { type Message, message } from '../messages/message'
import { CoreError } from '../errors'
import { bruises, familyFacts, heats, seeThroughs } from './clothFacts'
import { fullCloth } from './fullCloth'
import { loadClasses, type RecipeQuery, threadFibres, threadWeights, workKinds } from './recipeQuery'

type Demand = { path: string; code: string; says: Message; met: boolean }

const above = (value: number): boolean => Number.isFinite(value) && value > 0
const from0 = (value: number): boolean => Number.isFinite(value) && value >= 0
const given = (value: number | undefined, test: (value: number) => boolean): boolean =>
  value === undefined || value === null || test(value)
const oneOf = (list: readonly unknown[], value: unknown): boolean => list.includes(value)

/** @throws CoreError 'bad-cloth', 'bad-work' or 'bad-ring', with the path of the first field that cannot be */
export function requireQuery(q: RecipeQuery): void {
  if (!familyFacts[q.cloth.family])
    throw new CoreError(
      'bad-cloth',
      message('problem.is-not-a-known-cloth', { family: q.cloth.family }),
      'cloth.family',
    )
  const broken = [...clothDemands(q), ...workDemands(q), ...ringDemands(q)].find((demand) => !demand.met)
  if (broken) throw new CoreError(broken.code, broken.says, broken.path)
}

function clothDemands({ cloth }: RecipeQuery): Demand[] {
  const full = fullCloth(cloth)
  const demand = (field: keyof typeof full, says: Message, met: boolean): Demand => ({
    ...{ path: `cloth.${field}`, code: 'bad-cloth', says, met },
  })
  return [
    demand('stretchPercent', message('problem.the-cloths-stretch-cant-be'), from0(full.stretchPercent)),
    demand('gsm', message('problem.the-cloths-weight-must-be'), above(full.gsm)),
    demand('thicknessMm', message('problem.the-cloths-thickness-must-be'), above(full.thicknessMm)),
    demand('pileMm', message('problem.the-cloths-pile-cant-be'), from0(full.pileMm)),
    demand('heat', message('problem.does-not-say-what-heat', { heat: full.heat }), oneOf(heats, full.heat)),
    demand('bruise', message('problem.does-not-say-how-a', { bruise: full.bruise }), oneOf(bruises, full.bruise)),
    demand(
      'seeThrough',
      message('problem.does-not-say-how-it', { seeThrough: full.seeThrough }),
      oneOf(seeThroughs, full.seeThrough),
    ),
  ]
}

function workDemands({ work }: RecipeQuery): Demand[] {
  const demand = (field: string, says: Message, met: boolean): Demand => ({
    ...{ path: `work${field}`, code: 'bad-work', says, met },
  })
  const { weight, fibre } = work.topThread
  return [
    demand('', message('problem.the-designs-width-and-height'), above(work.widthMm) && above(work.heightMm)),
    demand(
      '.loadClass',
      message('problem.is-not-a-load', { loadClass: work.loadClass }),
      oneOf(loadClasses, work.loadClass),
    ),
    demand('.kind', message('problem.is-not-a-kind-of', { kind: work.kind }), oneOf(workKinds, work.kind)),
    demand('.colourCount', message('problem.the-number-of-colours-cant'), given(work.colourCount, from0)),
    demand('.smallestLetterMm', message('problem.a-letters-height-must-be'), given(work.smallestLetterMm, above)),
    demand('.topThread.weight', message('problem.there-is-no-thread-of', { weight }), oneOf(threadWeights, weight)),
    demand('.topThread.fibre', message('problem.is-not-a-thread', { fibre }), oneOf(threadFibres, fibre)),
  ]
}

function ringDemands({ ring, clothBeyondRing }: RecipeQuery): Demand[] {
  const demand = (path: string, says: Message, met: boolean): Demand => ({ path, code: 'bad-ring', says, met })
  const sides = ring ? [ring.outsideWidthMm, ring.outsideHeightMm] : []
  return [
    demand('ring', message('problem.the-hoops-outside-width-and'), sides.every(above)),
    demand(
      'ring.maxThicknessMm',
      message('problem.the-hoops-maximum-thickness-must'),
      given(ring?.maxThicknessMm, above),
    ),
    demand('clothBeyondRing', message('problem.the-cloth-beyond-the-hoop'), given(clothBeyondRing, Number.isFinite)),
  ]
}

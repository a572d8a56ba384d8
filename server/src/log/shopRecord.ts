import { logFacets, type LogWorks, type ShopRecord } from '@thimble/contract'
import { ENOUGH, shopFactor } from '@thimble/core/learning'
import type { ClothFamily, HoldingMethod } from '@thimble/core/recipe'
import type { Facets, LogEntry } from './logEntry'

/** A machine's pace is that of its latest runs. */
const LATEST = 50
/** What took so much longer, or so much less, than was reckoned is no pace: it waited, or was not sewn whole. */
const [LEAST, MOST] = [0.25, 4]

const [CLOTH, HOLDING, MACHINE] = (['cloth', 'holding', 'machine'] as const).map((one) => logFacets.indexOf(one)) as [
  number,
  number,
  number,
]

/** What the log says to plans: how stacks came out on each cloth, and how fast the machines really are. */
export const recordOf = (entries: readonly LogEntry[], facets: Facets): ShopRecord => ({
  stacks: stacksOf(entries, facets),
  paces: pacesOf(entries, facets).map(({ id, runs, factor, interval }) => ({ machine: id, runs, factor, interval })),
})

function stacksOf(entries: readonly LogEntry[], facets: Facets): ShopRecord['stacks'] {
  const groups = new Map<string, ShopRecord['stacks'][number]>()
  for (const { good, stack, codes } of entries) {
    const [cloth, holding] = [codes[CLOTH]![0], codes[HOLDING]![0]]
    if (good === null || stack === null || cloth === undefined || holding === undefined) continue
    const key = `${cloth} ${holding} ${stack}`
    const group = groups.get(key) ?? {
      cloth: facets.values[CLOTH]![cloth]!.id as ClothFamily,
      holding: facets.values[HOLDING]![holding]!.id as HoldingMethod,
      ...{ stack, tries: 0, successes: 0 },
    }
    groups.set(key, group)
    group.tries++
    if (good) group.successes++
  }
  return [...groups.values()].filter(({ tries }) => tries >= ENOUGH)
}

/** How much longer each machine takes than is reckoned, from five runs on. */
export function pacesOf(entries: readonly LogEntry[], facets: Facets): LogWorks['paces'] {
  const runs = new Map<number, { reckoned: number; gone: number }[]>()
  for (const { codes, sewn, forecast } of entries) {
    const [machine] = codes[MACHINE]!
    if (machine === undefined || sewn === null || !forecast) continue
    if (sewn / forecast < LEAST || sewn / forecast > MOST) continue
    const known = runs.get(machine) ?? []
    runs.set(machine, known)
    if (known.length < LATEST) known.push({ reckoned: forecast, gone: sewn })
  }
  return [...runs].flatMap(([machine, all]) => {
    const found = all.length >= ENOUGH ? shopFactor(all) : null
    return found
      ? [{ ...facets.values[MACHINE]![machine]!, runs: all.length, factor: found.factor, interval: found.interval }]
      : []
  })
}

import type { LogInsights, ShopRecord } from '@thimble/contract/log'
import { shopFactor } from '@thimble/core/learning'
import { ENOUGH } from '@thimble/core/outcomes'
import type { ClothFamily, HoldingMethod } from '@thimble/core/recipe'
import type { Value } from './facets'
import type { LogColumns } from './logColumns'

/** A machine's pace is that of its latest runs. */
const LATEST = 50
/** What took so much longer, or so much less, than estimated is no pace: it waited, or was not sewn whole. */
const [LEAST, MOST] = [0.25, 4]

/** What the log says to plans: how stacks came out on each cloth, and how fast the machines really are. */
export const recordOf = (slots: Int32Array, columns: LogColumns): ShopRecord => ({
  stacks: stacksOf(slots, columns),
  hands: handsOf(slots, columns),
  paces: pacesOf(slots, columns).map(({ id, runs, factor, interval }) => ({ machine: id, runs, factor, interval })),
})

/** What hands mostly take, by their latest pieces; from five of a kind on. */
function handsOf(slots: Int32Array, { facets, of }: LogColumns): ShopRecord['hands'] {
  const [holdingAt, hooping, finishing] = [facets.reader('holding'), of('hooping'), of('finishing')]
  const held = new Map<HoldingMethod, number[]>()
  const finished: number[] = []
  for (const slot of slots) {
    const holding = holdingAt(slot)?.id as HoldingMethod | undefined
    if (holding && !Number.isNaN(hooping[slot]!)) {
      const minutes = held.get(holding) ?? []
      held.set(holding, minutes)
      if (minutes.length < LATEST) minutes.push(hooping[slot]!)
    }
    if (!Number.isNaN(finishing[slot]!) && finished.length < LATEST) finished.push(finishing[slot]!)
  }
  return {
    hooping: [...held].flatMap(([holding, all]) =>
      all.length >= ENOUGH ? [{ holding, pieces: all.length, minutes: middle(all) }] : [],
    ),
    finishing: finished.length >= ENOUGH ? { pieces: finished.length, minutes: middle(finished) } : null,
  }
}

/** The median: one that took all afternoon says nothing of the others. */
function middle(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b)
  const half = Math.floor(sorted.length / 2)
  return sorted.length % 2 === 1 ? sorted[half]! : (sorted[half - 1]! + sorted[half]!) / 2
}

function stacksOf(slots: Int32Array, { facets, of, stackAt }: LogColumns): ShopRecord['stacks'] {
  const [clothAt, holdingAt, good] = [facets.reader('cloth'), facets.reader('holding'), of('good')]
  const groups = new Map<string, ShopRecord['stacks'][number]>()
  for (const slot of slots) {
    const [cloth, holding, stack] = [clothAt(slot), holdingAt(slot), stackAt(slot)]
    if (Number.isNaN(good[slot]!) || stack === null || !cloth || !holding) continue
    const key = `${cloth.id} ${holding.id} ${stack}`
    const group = groups.get(key) ?? {
      ...{ cloth: cloth.id as ClothFamily, holding: holding.id as HoldingMethod },
      ...{ stack, tries: 0, successes: 0 },
    }
    groups.set(key, group)
    group.tries++
    if (good[slot] === 1) group.successes++
  }
  return [...groups.values()].filter(({ tries }) => tries >= ENOUGH)
}

/** How much longer each machine takes than estimated, from five runs on. */
export function pacesOf(slots: Int32Array, { facets, of }: LogColumns): LogInsights['paces'] {
  const [machineAt, sewn, forecast] = [facets.reader('machine'), of('sewn'), of('forecast')]
  const runs = new Map<Value, { reckoned: number; gone: number }[]>()
  for (const slot of slots) {
    const machine = machineAt(slot)
    const pace = sewn[slot]! / forecast[slot]!
    if (!machine || !(pace >= LEAST && pace <= MOST)) continue
    const known = runs.get(machine) ?? []
    runs.set(machine, known)
    if (known.length < LATEST) known.push({ reckoned: forecast[slot]!, gone: sewn[slot]! })
  }
  return [...runs].flatMap(([machine, all]) => {
    const found = all.length >= ENOUGH ? shopFactor(all) : null
    return found ? [{ ...machine, runs: all.length, factor: found.factor, interval: found.interval }] : []
  })
}

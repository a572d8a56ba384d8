import { layerNames } from '@thimble/language'
import { shopComputer as t } from '@thimble/language/en/shopComputer'
import { type DriftOwner, driftOwners } from '@thimble/contract'
import { type LogInsights, type RateKind, rateKinds } from '@thimble/contract/log'
import { outcomeRates, placementBias, trendOf, wilsonInterval } from '@thimble/core/learning'
import { rotatePoint } from '@thimble/core/plane'
import { takingTurns } from '../shopFile/takingTurns'
import type { Value } from './facets'
import type { LogColumns, LogNumber } from './logColumns'
import { pacesOf } from './shopRecord'

/** No chart shows more of them. */
const [MOST_GROUPS, MOST_POINTS, MOST_MONTHS, MOST_WITH] = [30, 200, 24, 2]

/** What works here and where it drifts, of these pieces of the log, the newest first. */
export async function worksOf(slots: Int32Array, columns: LogColumns): Promise<LogInsights> {
  const giveTurn = takingTurns()
  const rates: Partial<LogInsights['rates']> = {}
  for (const kind of rateKinds) {
    rates[kind] = ratesBy(slots, columns, grouping(kind, columns))
    await giveTurn()
  }
  const landings: Partial<LogInsights['landings']> = {}
  for (const owner of driftOwners) {
    landings[owner] = landingsBy(owner, slots, columns)
    await giveTurn()
  }
  const months = byMonth(slots, columns)
  const trends = trendsOf(slots, columns)
  await giveTurn()
  const good = columns.of('good')
  return {
    pieces: slots.length,
    judged: slots.filter((slot) => !Number.isNaN(good[slot]!)).length,
    rates: rates as LogInsights['rates'],
    landings: landings as LogInsights['landings'],
    months: months.map((month) => monthOf(month, columns)),
    trends,
    faults: faultsOf(slots, months, columns),
    paces: pacesOf(slots, columns),
  }
}

type Grouping = (slot: number) => Value | null

function grouping(kind: RateKind, { facets, stackAt }: LogColumns): Grouping {
  if (kind !== 'stack') return facets.reader(kind)
  const stacks = new Map<string, Value>()
  return (slot) => {
    const sign = stackAt(slot)
    if (sign === null) return null
    const known = stacks.get(sign) ?? { id: sign, name: stackName(sign) }
    stacks.set(sign, known)
    return known
  }
}

const stackName = (sign: string): string =>
  sign
    .split('+')
    .map((kind) => layerNames[kind as keyof typeof layerNames] ?? kind)
    .join(' + ') || t('nothing-above-or-below')

function ratesBy(slots: Int32Array, { of }: LogColumns, groupOf: Grouping): LogInsights['rates'][RateKind] {
  const [good, washed] = [of('good'), of('goodWashed')]
  const seen = new Map<string, { tries: number; successes: number }>()
  const names = new Map<string, string>()
  const rows: { group: string; success: boolean }[] = []
  for (const slot of slots) {
    const group = Number.isNaN(good[slot]!) ? null : groupOf(slot)
    if (!group) continue
    names.set(group.id, group.name)
    rows.push({ group: group.id, success: good[slot] === 1 })
    if (Number.isNaN(washed[slot]!)) continue
    const { tries, successes } = seen.get(group.id) ?? { tries: 0, successes: 0 }
    seen.set(group.id, { tries: tries + 1, successes: successes + washed[slot]! })
  }
  return outcomeRates(rows, ['group'])
    .sort((a, b) => b.tries - a.tries)
    .slice(0, MOST_GROUPS)
    .map(({ key, tries, successes, interval }) => ({
      ...{ id: key.group!, name: names.get(key.group!)!, tries, successes, interval },
      ...(seen.has(key.group!) ? { washed: seen.get(key.group!)! } : {}),
    }))
}

type Landed = { dx: number; dy: number; rotation?: number }
type Owned = { onItem: Landed[]; inHoop: Landed[]; corrected: number }

/**
 * Landings of each hoop, machine, way of holding and item. What comes of the hoop goes with it whichever way up a piece was
 * loaded, what comes of the marks with the piece: they are told in the frame in which they scatter less.
 */
function landingsBy(
  owner: DriftOwner,
  slots: Int32Array,
  { facets, of }: LogColumns,
): LogInsights['landings'][DriftOwner] {
  const groupOf = facets.reader(owner)
  const [right, down, toHoop, turn, corrected] = (['right', 'down', 'toHoop', 'turn', 'corrected'] as const).map(of)
  const groups = new Map<Value, Owned>()
  for (const slot of slots) {
    const at = { x: right![slot]!, y: down![slot]! }
    // Not measured both ways.
    const group = Number.isNaN(at.x + at.y) ? null : groupOf(slot)
    if (!group) continue
    const one = groups.get(group) ?? { onItem: [], inHoop: [], corrected: 0 }
    groups.set(group, one)
    const rotation = Number.isNaN(turn![slot]!) ? {} : { rotation: turn![slot]! }
    one.onItem.push({ dx: at.x, dy: at.y, ...rotation })
    one.corrected += corrected![slot]!
    if (Number.isNaN(toHoop![slot]!)) continue
    const there = rotatePoint(at, toHoop![slot]!)
    one.inHoop.push({ dx: there.x, dy: there.y, ...rotation })
  }
  return [...groups]
    .sort(([, a], [, b]) => b.onItem.length - a.onItem.length)
    .slice(0, MOST_GROUPS)
    .map(([{ id, name }, { onItem, inHoop, corrected }]) => {
      const ofHoop = owner === 'hoop' || owner === 'machine'
      const frame = ofHoop && scatterOf(inHoop) < CLEARLY * scatterOf(onItem) ? 'hoop' : 'item'
      const landed = frame === 'hoop' ? inHoop : onItem
      return {
        ...{ id, name, frame, report: placementBias(landed), corrected },
        points: landed.slice(0, MOST_POINTS).map(({ dx, dy }): [number, number] => [tenth(dx), tenth(dy)]),
      }
    })
}
/** Where all were loaded alike both scatter the same, and a piece is what one has before one. */
const CLEARLY = 0.8

/** The mean square of how far they lie from their own middle. */
function scatterOf(landed: readonly Landed[]): number {
  if (landed.length === 0) return Infinity
  const mean = (axis: 'dx' | 'dy'): number => landed.reduce((sum, one) => sum + one[axis], 0) / landed.length
  const [x, y] = [mean('dx'), mean('dy')]
  return landed.reduce((sum, { dx, dy }) => sum + (dx - x) ** 2 + (dy - y) ** 2, 0) / landed.length
}

const tenth = (value: number): number => Math.round(value * 10) / 10

type Month = [month: string, slots: number[]]

/** The latest months that have pieces, the oldest of them first. */
function byMonth(slots: Int32Array, { facets }: LogColumns): Month[] {
  const monthAt = facets.reader('month')
  const months = new Map<string, number[]>()
  for (const slot of slots) {
    const month = monthAt(slot)!.id
    const known = months.get(month)
    if (known) known.push(slot)
    else months.set(month, [slot])
  }
  return [...months].sort(([a], [b]) => (a < b ? -1 : 1)).slice(-MOST_MONTHS)
}

const monthOf = ([month, slots]: Month, { of, facets }: LogColumns): LogInsights['months'][number] => ({
  ...{ month, pieces: slots.length, faulty: slots.filter((slot) => facets.faultBits(slot) !== 0).length },
  off: meanOf(slots, of('off')),
  tries: meanOf(slots, of('tries')),
  minutes: meanOf(slots, of('minutes')),
})

function meanOf(slots: readonly number[], column: Float64Array): number | null {
  const known = slots.map((slot) => column[slot]!).filter((value) => !Number.isNaN(value))
  return known.length > 0 ? known.reduce((sum, one) => sum + one, 0) / known.length : null
}

/** A month long, whether pieces land nearer, are hooped less often, take less time and go wrong less. */
function trendsOf(slots: Int32Array, { of, facets }: LogColumns): LogInsights['trends'] {
  const when = of('when')
  const over = (valueAt: (slot: number) => number) => {
    const points: { at: number; value: number }[] = []
    for (const slot of slots) {
      const value = valueAt(slot)
      if (!Number.isNaN(value)) points.push({ at: when[slot]!, value })
    }
    return trendOf(points)
  }
  const column = (name: LogNumber) => {
    const values = of(name)
    return over((slot) => values[slot]!)
  }
  const faulty = over((slot) => (facets.faultBits(slot) !== 0 ? 1 : 0))
  return { off: column('off'), tries: column('tries'), minutes: column('minutes'), faulty }
}

/** Each fault over the months, and with what it comes up most of ways of holding and stacks. */
function faultsOf(slots: Int32Array, months: readonly Month[], columns: LogColumns): LogInsights['faults'] {
  const { facets } = columns
  const ways = (['holding', 'stack'] as const).map((kind) => tallyFaults(slots, grouping(kind, columns), columns))
  return facets.faults
    .flatMap(({ id }, code) => {
      const has = (slot: number): boolean => (facets.faultBits(slot) & (1 << code)) !== 0
      const pieces = slots.filter(has).length
      if (pieces === 0) return []
      const seen = months.map(([, of]) => of.filter(has).length)
      return [{ id, pieces, months: seen, with: ways.flatMap((tally) => mostWith(tally, code)) }]
    })
    .sort((a, b) => b.pieces - a.pieces)
}

/** Pieces of a group, and how many of them had each fault. */
type Tally = Value & { tries: number; had: number[] }

function tallyFaults(slots: Int32Array, groupOf: Grouping, { facets }: LogColumns): Tally[] {
  const tallies = new Map<Value, Tally>()
  for (const slot of slots) {
    const group = groupOf(slot)
    if (!group) continue
    const tally = tallies.get(group) ?? { ...group, tries: 0, had: facets.faults.map(() => 0) }
    tallies.set(group, tally)
    tally.tries++
    const bits = facets.faultBits(slot)
    if (bits !== 0) for (const code of tally.had.keys()) if ((bits & (1 << code)) !== 0) tally.had[code]!++
  }
  return [...tallies.values()]
}

/** Where a fault is surest to come up. */
const mostWith = (tallies: readonly Tally[], code: number): LogInsights['faults'][number]['with'] =>
  tallies
    .filter(({ had }) => had[code]! > 0)
    .map(({ id, name, tries, had }) => {
      const successes = had[code]!
      return { ...{ id, name, tries, successes }, interval: wilsonInterval(successes, tries) }
    })
    .sort((a, b) => b.interval[0] - a.interval[0])
    .slice(0, MOST_WITH)

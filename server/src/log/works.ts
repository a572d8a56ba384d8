import { type DriftOwner, driftOwners, type LogFacet, logFacets, type LogWorks, type RateKind } from '@thimble/contract'
import { outcomeRates, placementBias, type RateRow, trendOf } from '@thimble/core/learning'
import { rotatePoint } from '@thimble/core/plane'
import { layerNames } from '@thimble/core/recipe'
import { takingTurns } from '../shopFile/takingTurns'
import type { Facets, LogEntry } from './logEntry'
import { pacesOf } from './shopRecord'

/** No chart shows more of them. */
const [MOST_GROUPS, MOST_POINTS, MOST_MONTHS, MOST_WITH] = [30, 200, 24, 4]

/** What works here and where it drifts, of these pieces of the log, the newest first. */
export async function worksOf(entries: readonly LogEntry[], facets: Facets): Promise<LogWorks> {
  const giveTurn = takingTurns()
  const rates: Partial<LogWorks['rates']> = {}
  for (const kind of Object.keys(groupsOf) as RateKind[]) {
    rates[kind] = ratesBy(entries, groupsOf[kind](facets))
    await giveTurn()
  }
  const landings: Partial<LogWorks['landings']> = {}
  for (const owner of driftOwners) {
    landings[owner] = landingsBy(owner, entries, facets)
    await giveTurn()
  }
  const months = byMonth(entries)
  await giveTurn()
  return {
    pieces: entries.length,
    judged: entries.filter(({ good }) => good !== null).length,
    rates: rates as LogWorks['rates'],
    landings: landings as LogWorks['landings'],
    months: months.map(monthOf),
    trends: trendsOf(entries),
    faults: faultsOf(entries, months, facets),
    paces: pacesOf(entries, facets),
  }
}

type Group = { id: string; name: string }
type Grouped = (entry: LogEntry) => Group | null

/** The first value of a kind. */
const firstOf =
  (facet: LogFacet) =>
  (facets: Facets): Grouped => {
    const at = logFacets.indexOf(facet)
    return ({ codes }) => facets.values[at]![codes[at]![0] ?? -1] ?? null
  }

const groupsOf: Readonly<Record<RateKind, (facets: Facets) => Grouped>> = {
  cloth: firstOf('cloth'),
  stack: () => {
    const names = new Map<string, Group>()
    return ({ stack }) => {
      if (stack === null) return null
      const known = names.get(stack) ?? { id: stack, name: stackName(stack) }
      names.set(stack, known)
      return known
    }
  },
  holding: firstOf('holding'),
  needle: firstOf('needle'),
}

const stackName = (sign: string): string =>
  sign
    .split('+')
    .map((kind) => layerNames[kind as keyof typeof layerNames] ?? kind)
    .join(' + ') || 'Nothing above or below'

function ratesBy(entries: readonly LogEntry[], groupOf: Grouped): LogWorks['rates'][RateKind] {
  const names = new Map<string, string>()
  const rows = entries.flatMap((entry) => {
    const group = entry.good === null ? null : groupOf(entry)
    if (!group) return []
    names.set(group.id, group.name)
    return [{ group: group.id, success: entry.good! }]
  })
  return outcomeRates(rows, ['group'])
    .sort((a, b) => b.tries - a.tries)
    .slice(0, MOST_GROUPS)
    .map((row) => rateOf(row, names))
}

const rateOf = ({ key, tries, successes, interval }: RateRow, names: ReadonlyMap<string, string>) => ({
  ...{ id: key.group!, name: names.get(key.group!) ?? key.group!, tries, successes, interval },
})

/** In the frame of what they are looked at by: a hoop and a machine drift their own way, whichever way up the item lies. */
function landingsBy(owner: DriftOwner, entries: readonly LogEntry[], facets: Facets): LogWorks['landings'][DriftOwner] {
  const groupOf = firstOf(owner)(facets)
  const inHoop = owner === 'hoop' || owner === 'machine'
  const groups = new Map<string, { name: string; landed: Landed[]; corrected: number }>()
  for (const entry of entries) {
    const group = entry.landed && groupOf(entry)
    if (!group || (inHoop && entry.landed!.toHoop === null)) continue
    const { right, down, turn, toHoop, corrected } = entry.landed!
    const at = inHoop ? rotatePoint({ x: right, y: down }, toHoop!) : { x: right, y: down }
    const one = groups.get(group.id) ?? { name: group.name, landed: [], corrected: 0 }
    groups.set(group.id, one)
    one.landed.push({ dx: at.x, dy: at.y, ...(turn === null ? {} : { rotation: turn }) })
    if (corrected) one.corrected++
  }
  return [...groups]
    .sort(([, a], [, b]) => b.landed.length - a.landed.length)
    .slice(0, MOST_GROUPS)
    .map(([id, { name, landed, corrected }]) => ({
      ...{ id, name, report: placementBias(landed), corrected },
      points: landed.slice(0, MOST_POINTS).map(({ dx, dy }): [number, number] => [tenth(dx), tenth(dy)]),
    }))
}
type Landed = { dx: number; dy: number; rotation?: number }

const tenth = (value: number): number => Math.round(value * 10) / 10

type Month = [month: string, entries: LogEntry[]]

/** The latest months that have pieces, the oldest of them first. */
function byMonth(entries: readonly LogEntry[]): Month[] {
  const months = new Map<string, LogEntry[]>()
  for (const entry of entries) {
    const month = entry.at.slice(0, 7)
    const known = months.get(month)
    if (known) known.push(entry)
    else months.set(month, [entry])
  }
  return [...months].sort(([a], [b]) => (a < b ? -1 : 1)).slice(-MOST_MONTHS)
}

const FAULTS = logFacets.indexOf('fault')
const isFaulty = ({ codes }: LogEntry): boolean => codes[FAULTS]!.length > 0

const monthOf = ([month, entries]: Month): LogWorks['months'][number] => ({
  ...{ month, pieces: entries.length, faulty: entries.filter(isFaulty).length },
  off: meanOf(entries.flatMap(({ off }) => off ?? [])),
  tries: meanOf(entries.flatMap(({ tries }) => tries ?? [])),
  minutes: meanOf(entries.flatMap(({ minutes }) => minutes ?? [])),
})

const meanOf = (values: readonly number[]): number | null =>
  values.length > 0 ? values.reduce((sum, one) => sum + one, 0) / values.length : null

const MONTH_MS = (365.25 / 12) * 86_400_000

/** A month long, whether pieces land nearer, are hooped less often, take less time and go wrong less. */
function trendsOf(entries: readonly LogEntry[]): LogWorks['trends'] {
  const over = (of: (entry: LogEntry) => number | null) =>
    trendOf(
      entries.flatMap((entry) => {
        const value = of(entry)
        return value === null ? [] : [{ at: Date.parse(entry.at) / MONTH_MS, value }]
      }),
    )
  return {
    off: over(({ off }) => off),
    tries: over(({ tries }) => tries),
    minutes: over(({ minutes }) => minutes),
    faulty: over((entry) => (isFaulty(entry) ? 1 : 0)),
  }
}

/** Each fault over the months, and with what it comes up most: ways of holding and stacks of five pieces and more. */
function faultsOf(entries: readonly LogEntry[], months: readonly Month[], facets: Facets): LogWorks['faults'] {
  const ways = [groupsOf.holding(facets), groupsOf.stack(facets)]
  return facets.values[FAULTS]!.flatMap(({ id }, code) => {
    const has = ({ codes }: LogEntry): boolean => codes[FAULTS]!.includes(code)
    const pieces = entries.filter(has).length
    if (pieces === 0) return []
    const seen = months.map(([, of]) => of.filter(has).length)
    return [{ id, pieces, months: seen, with: ways.flatMap((way) => mostWith(entries, way, has)).slice(0, MOST_WITH) }]
  }).sort((a, b) => b.pieces - a.pieces)
}

function mostWith(
  entries: readonly LogEntry[],
  groupOf: Grouped,
  has: (entry: LogEntry) => boolean,
): LogWorks['faults'][number]['with'] {
  const names = new Map<string, string>()
  const rows = entries.flatMap((entry) => {
    const group = groupOf(entry)
    if (!group) return []
    names.set(group.id, group.name)
    return [{ group: group.id, success: has(entry) }]
  })
  return outcomeRates(rows, ['group'])
    .filter(({ successes }) => successes > 0)
    .sort((a, b) => b.interval[0] - a.interval[0])
    .slice(0, 2)
    .map((row) => rateOf(row, names))
}

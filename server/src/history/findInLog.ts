import { type LogFacet, logFacets, type LogFound, type LogSort } from '@thimble/contract/log'
import { hasSeveral } from './facets'
import type { LogIndex } from './logIndex'

/** What is asked of the log: values of one kind widen, kinds narrow; `since`, `until`: instants, the second left out. */
export type LogQuery = Partial<Record<LogFacet, readonly string[] | undefined>> & {
  words?: string | undefined
  since?: string | undefined
  until?: string | undefined
  sort?: LogSort | undefined
}

/** `slots`: the places of those that fit, in order. */
type Found = { slots: Int32Array; counts: LogFound['counts'] }

/** Of each place in the columns, by what kind it fails: by none, by one of them, or by more than one, which is out. */
const [FITS, OUT] = [-1, -2]

/**
 * The pieces that fit in their order, and how many there would be for each value if it alone were picked of its kind: a
 * piece that fails by one kind alone counts among that kind's values, one that fails by two among none.
 *
 * @param named 1 at the numbers of those with the words that were asked for; null: no words were
 */
export function findInLog(index: LogIndex, ask: LogQuery, named: Uint8Array | null): Found {
  const all = index.inOrder(ask.sort ?? 'newest')
  const failed = new Int8Array(index.columns.slots).fill(OUT)
  const [n, at] = [index.columns.of('n'), index.columns.of('at')]
  const since = ask.since ? Date.parse(ask.since) : -Infinity
  const until = ask.until ? Date.parse(ask.until) : Infinity
  for (const slot of all)
    if ((!named || named[n[slot]!] === 1) && at[slot]! >= since && at[slot]! < until) failed[slot] = FITS
  logFacets.forEach((facet, i) => failBy(index, i, ask[facet] ?? [], failed))
  return { slots: all.filter((slot) => failed[slot] === FITS), counts: countsOf(index, failed) }
}

function failBy({ columns: { facets } }: LogIndex, kind: number, picked: readonly string[], failed: Int8Array): void {
  if (picked.length === 0) return
  const column = facets.column(kind)
  const several = hasSeveral(kind)
  const codes = picked.flatMap((id) => facets.codeOf(logFacets[kind]!, id) ?? [])
  const bits = codes.reduce((sum, code) => sum | (1 << code), 0)
  const wanted = new Uint8Array(facets.values[kind]!.length)
  for (const code of codes) wanted[code] = 1
  for (let slot = 0; slot < failed.length; slot++) {
    const value = column[slot]!
    if (several ? (value & bits) !== 0 : wanted[value] === 1) continue
    failed[slot] = failed[slot] === FITS ? kind : OUT
  }
}

function countsOf({ columns: { facets } }: LogIndex, failed: Int8Array): LogFound['counts'] {
  const named = logFacets.map((facet, i) => {
    const counts = countColumn(facets.column(i), failed, i, facets.values[i]!.length)
    const values = facets.values[i]!.map((value, code) => ({ ...value, count: counts[code]! }))
    return [facet, values.filter(({ count }) => count > 0).sort(byCount(facet))] as const
  })
  return Object.fromEntries(named) as LogFound['counts']
}

function countColumn(column: Int32Array, failed: Int8Array, kind: number, values: number): Int32Array {
  const counts = new Int32Array(values)
  const several = hasSeveral(kind)
  for (let slot = 0; slot < failed.length; slot++) {
    const by = failed[slot]
    if (by !== FITS && by !== kind) continue
    const value = column[slot]!
    if (several) {
      // The lowest bit that is left, until none is.
      for (let bits = value; bits !== 0; bits &= bits - 1) counts[31 - Math.clz32(bits & -bits)]!++
    } else if (value >= 0) counts[value]!++
  }
  return counts
}

type Counted = { name: string; count: number }

const byCount =
  (facet: LogFacet) =>
  (a: Counted, b: Counted): number =>
    facet === 'month'
      ? b.name.localeCompare(a.name)
      : b.count - a.count || (a.name < b.name ? -1 : a.name > b.name ? 1 : 0)

import { type LogFacet, logFacets, type LogFound, type LogSort } from '@thimble/contract'
import type { LogEntry } from './logEntry'
import type { LogIndex } from './logIndex'

/** What is asked of the log: values of one kind widen, kinds narrow; `since`, `until`: instants, the second left out. */
export type LogAsk = Partial<Record<LogFacet, readonly string[]>> & {
  words?: string | undefined
  since?: string | undefined
  until?: string | undefined
  sort?: LogSort | undefined
}

type Found = { entries: LogEntry[]; counts: LogFound['counts'] }

/**
 * The pieces that fit in their order, and how many there would be for each value if it alone were picked of its kind.
 * One pass: a piece that fails by one kind alone counts among that kind's values, one that fails by two among none.
 *
 * @param named numbers of those with the words that were asked for; null: no words were
 */
export function findInLog(index: LogIndex, ask: LogAsk, named: ReadonlySet<number> | null): Found {
  const wanted = wantedOf(index, ask)
  const counts = index.facets.values.map((values) => new Uint32Array(values.length))
  const entries: LogEntry[] = []
  for (const entry of index.inOrder(ask.sort ?? 'newest')) {
    if (named && !named.has(entry.n)) continue
    if ((ask.since && entry.at < ask.since) || (ask.until && entry.at >= ask.until)) continue
    const failed = failedBy(entry, wanted)
    if (failed === MANY) continue
    if (failed === NONE) entries.push(entry)
    for (let f = 0; f < counts.length; f++)
      if (failed === NONE || failed === f) for (const code of entry.codes[f]!) counts[f]![code]!++
  }
  return { entries, counts: countsOf(index, counts) }
}

/** Kinds that something was picked of, by their place, with the numbers picked. */
type Wanted = readonly (readonly [facet: number, codes: ReadonlySet<number>])[]

function wantedOf({ facets }: LogIndex, ask: LogAsk): Wanted {
  return logFacets.flatMap((facet, i) => {
    const picked = ask[facet] ?? []
    if (picked.length === 0) return []
    return [[i, new Set(picked.flatMap((id) => facets.codeOf(facet, id) ?? []))] as const]
  })
}

const [NONE, MANY] = [-1, -2]

/** The one kind by which an entry does not fit. */
function failedBy({ codes }: LogEntry, wanted: Wanted): number {
  let failed = NONE
  for (const [facet, picked] of wanted) {
    if (codes[facet]!.some((code) => picked.has(code))) continue
    if (failed !== NONE) return MANY
    failed = facet
  }
  return failed
}

function countsOf({ facets }: LogIndex, counts: readonly Uint32Array[]): LogFound['counts'] {
  const named = logFacets.map((facet, i) => {
    const values = facets.values[i]!.map((value, code) => ({ ...value, count: counts[i]![code]! }))
    return [facet, values.filter(({ count }) => count > 0).sort(byCount(facet))] as const
  })
  return Object.fromEntries(named) as LogFound['counts']
}

type Counted = { name: string; count: number }

const byCount =
  (facet: LogFacet) =>
  (a: Counted, b: Counted): number =>
    facet === 'month'
      ? b.name.localeCompare(a.name)
      : b.count - a.count || (a.name < b.name ? -1 : a.name > b.name ? 1 : 0)

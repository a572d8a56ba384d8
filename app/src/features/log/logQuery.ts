import { log as t } from '@thimble/language/en/log'
import { type LogFacet, logFacets, type LogSort } from '@thimble/contract/log'

/** What is asked of the log; as text it is remembered and sent. */
export type LogQuery = { words: string; sort: LogSort; picked: Partial<Record<LogFacet, string[]>> }

export const everything: LogQuery = { words: '', sort: 'newest', picked: {} }

export const sortNames: Readonly<Record<LogSort, string>> = {
  newest: t('newest-first'),
  oldest: t('oldest-first'),
  name: t('by-name'),
  off: t('farthest-off-the-mark'),
  minutes: t('longest'),
  tries: t('hooped-most-often'),
}

export const facetNames: Readonly<Record<LogFacet, string>> = {
  fault: t('what-went-wrong'),
  verdict: t('how-it-came-out'),
  washed: t('after-the-wash'),
  cloth: t('cloth'),
  swatch: t('own-cloth'),
  item: t('item'),
  placement: t('placement'),
  holding: t('hooped-floated-or-clamped'),
  hoop: t('hoop'),
  layer: t('backing-or-topping'),
  needle: t('needle'),
  machine: t('machine'),
  customer: t('customer'),
  month: t('when'),
}

/** In the order in which they are asked for most. */
export const facetOrder = Object.keys(facetNames) as LogFacet[]

/** As the server takes it, without what is as it is by itself. */
export function searchOf({ words, sort, picked }: LogQuery): string {
  const search = new URLSearchParams()
  if (words.trim()) search.set('words', words.trim())
  if (sort !== 'newest') search.set('sort', sort)
  for (const facet of logFacets) for (const id of picked[facet] ?? []) search.append(facet, id)
  return search.toString()
}

/** With a value picked, or let go where it was. */
export function pickValue(query: LogQuery, facet: LogFacet, id: string): LogQuery {
  const before = query.picked[facet] ?? []
  const after = before.includes(id) ? before.filter((one) => one !== id) : [...before, id]
  return { ...query, picked: { ...query.picked, [facet]: after } }
}

/** A query as it was remembered; everything where it cannot be read. */
export function readQuery(text: string): LogQuery {
  try {
    return { ...everything, ...(JSON.parse(text) as Partial<LogQuery>) }
  } catch {
    return everything
  }
}

type Params = Readonly<Record<string, string | string[] | undefined>>

/** What of an address narrows the log; null where nothing does. */
export function queryIn(params: Params): LogQuery | null {
  const picked = Object.fromEntries(
    logFacets.flatMap((facet) => {
      const ids = [params[facet] ?? []].flat()
      return ids.length > 0 ? [[facet, ids]] : []
    }),
  )
  const words = [params.words ?? ''].flat()[0]!
  return words || Object.keys(picked).length > 0 ? { ...everything, words, picked } : null
}

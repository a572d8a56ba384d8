import { type LogFacet, logFacets, type LogRow } from '@thimble/contract'
import { holdingNames, layerNames, stackSign } from '@thimble/core/recipe'
import { faultNames, verdictNames } from '@thimble/core/records'

/** As much of a log row as is counted, compared and reckoned with; what it is filtered by as numbers of `Facets`. */
export type LogEntry = {
  n: number
  id: string
  name: string
  at: string
  codes: readonly (readonly number[])[]
  /** Null: nobody has judged it. */
  good: boolean | null
  stack: string | null
  landed: { right: number; down: number; turn: number | null; toHoop: number | null; corrected: boolean } | null
  off: number | null
  tries: number | null
  minutes: number | null
  sewn: number | null
  forecast: number | null
}

type Value = { id: string; name: string }

/** The values that rows have, by what they are filtered by: each once, under a number. */
export class Facets {
  readonly values: readonly Value[][] = logFacets.map(() => [])
  readonly #codes = logFacets.map(() => new Map<string, number>())
  readonly #alone = logFacets.map((): (readonly number[])[] => [])
  readonly #none: readonly number[] = []

  /** The number of a value that some row has; undefined for one that none has. */
  codeOf(facet: LogFacet, id: string): number | undefined {
    return this.#codes[logFacets.indexOf(facet)]!.get(id)
  }

  codesOf(row: LogRow): readonly (readonly number[])[] {
    return logFacets.map((facet, i) => {
      const values = valuesOf[facet](row)
      if (values.length === 0) return this.#none
      if (values.length > 1) return [...new Set(values.map((value) => this.#code(i, value)))]
      const code = this.#code(i, values[0]!)
      return (this.#alone[i]![code] ??= [code])
    })
  }

  #code(facet: number, value: Value): number {
    const known = this.#codes[facet]!.get(value.id)
    if (known !== undefined) {
      // Called as it was called last.
      this.values[facet]![known]!.name = value.name
      return known
    }
    const code = this.values[facet]!.push({ ...value }) - 1
    this.#codes[facet]!.set(value.id, code)
    return code
  }
}

const called = (one: { id: string | null; name: string } | null): Value[] =>
  one ? [{ id: one.id ?? one.name, name: one.name }] : []
const word = (text: string | null): Value[] => (text ? [{ id: text, name: text }] : [])

const valuesOf: Readonly<Record<LogFacet, (row: LogRow) => Value[]>> = {
  cloth: ({ cloth }) => word(cloth),
  swatch: ({ swatch }) => word(swatch),
  item: ({ item }) => called(item),
  placement: ({ placement }) => called(placement),
  holding: ({ holding }) => (holding ? [{ id: holding, name: holdingNames[holding] }] : []),
  hoop: ({ hoop }) => called(hoop),
  layer: ({ layers }) => (layers ?? []).map((kind) => ({ id: kind, name: layerNames[kind] })),
  needle: ({ needle }) => word(needle),
  machine: ({ machine }) => called(machine),
  fault: ({ faults }) => faults.map((id) => ({ id, name: faultNames[id] })),
  verdict: ({ verdict }) => (verdict ? [{ id: verdict, name: verdictNames[verdict] }] : []),
  customer: ({ customer }) => word(customer),
  month: ({ finishedAt }) => word(finishedAt.slice(0, 7)),
}

export function entryOf(n: number, row: LogRow, facets: Facets): LogEntry {
  const { pieceId, name, finishedAt, verdict, layers, tries, minutes, sewn, forecast } = row
  return {
    ...{ n, id: pieceId, name: name.toLocaleLowerCase(), at: finishedAt, codes: facets.codesOf(row) },
    good: verdict && (verdict === 'good' || verdict === 'passable'),
    stack: layers && stackSign(layers),
    landed: landedOf(row),
    off: row.dx === null && row.dy === null ? null : Math.hypot(row.dx ?? 0, row.dy ?? 0),
    ...{ tries, minutes, sewn, forecast },
  }
}

/** Where it would have come out without what had been added to its move; null where it was not measured both ways. */
function landedOf({ dx, dy, rotation, toHoop, added }: LogRow): LogEntry['landed'] {
  if (dx === null || dy === null) return null
  const { right, down } = added ?? { right: 0, down: 0 }
  return { right: dx - right, down: dy - down, turn: rotation, toHoop, corrected: added !== null }
}

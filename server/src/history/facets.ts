import { holdingNames, layerNames, faultNames, verdictNames, washNames } from '@thimble/language'
import { type LogFacet, logFacets, type LogRow } from '@thimble/contract/log'
import { Column } from './column'

export type Value = { id: string; name: string }

/** A kind of which a row has several values at once, as bits of one number. */
const severalOf = new Set<LogFacet>(['layer', 'fault'])
export const hasSeveral = (facet: number): boolean => severalOf.has(logFacets[facet]!)
/** A whole number has as many bits that can be told apart by `1 <<`. */
const MOST_SEVERAL = 31
for (const [what, names] of Object.entries({ layers: layerNames, faults: faultNames }))
  if (Object.keys(names).length > MOST_SEVERAL)
    throw new Error(
      `The log tells ${MOST_SEVERAL} ${what} apart and there are more: give Facets a second column of bits.`,
    )
const FAULTS = logFacets.indexOf('fault')
/** Of a kind with one value: this row has none. */
const NO_VALUE = -1

/**
 * What rows are filtered by, a column a kind: of each the number of its value, or bits where it may have several. Each
 * value is kept once, called as it was called last.
 */
export class Facets {
  readonly values: readonly Value[][] = logFacets.map(() => [])
  readonly #columns = logFacets.map(() => new Column(Int32Array))
  readonly #codes = logFacets.map(() => new Map<string, number>())

  column = (facet: number): Int32Array => this.#columns[facet]!.values

  /** The number of a value that some row has; undefined for one that none has. */
  codeOf(facet: LogFacet, id: string): number | undefined {
    return this.#codes[logFacets.indexOf(facet)]!.get(id)
  }

  /** Looks values of one kind up; null for a row that has none. */
  reader(facet: LogFacet): (slot: number) => Value | null {
    const at = logFacets.indexOf(facet)
    const [column, values] = [this.column(at), this.values[at]!]
    return (slot) => values[column[slot]!] ?? null
  }

  get faults(): readonly Value[] {
    return this.values[FAULTS]!
  }

  /** The faults of a row, as bits by their number. */
  faultBits = (slot: number): number => this.#columns[FAULTS]!.values[slot]!

  put(slot: number, row: LogRow): void {
    logFacets.forEach((facet, i) => {
      const codes = valuesOf[facet](row).map((value) => this.#code(i, value))
      const several = codes.reduce((bits, code) => bits | (1 << code), 0)
      this.#columns[i]!.put(slot, hasSeveral(i) ? several : (codes[0] ?? NO_VALUE))
    })
  }

  #code(facet: number, value: Value): number {
    const known = this.#codes[facet]!.get(value.id)
    if (known !== undefined) {
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
  washed: ({ washed }) => (washed ? [{ id: washed, name: washNames[washed] }] : []),
  customer: ({ customer }) => word(customer),
  month: ({ finishedAt }) => word(finishedAt.slice(0, 7)),
}

import type { LogRow, LogSort } from '@thimble/contract/log'
import { stackSign } from '@thimble/core/recipe'
import { Column } from './column'
import { Facets } from './facets'

const MONTH_MS = (365.25 / 12) * 86_400_000

const wellOf = (verdict: LogRow['verdict']): number =>
  verdict === null ? NaN : verdict === 'good' || verdict === 'passable' ? 1 : 0

/** What of a row is a number; what is not known is NaN. */
const numbersOf = {
  n: () => 0,
  /** Milliseconds, and the same in months. */
  at: (row) => Date.parse(row.finishedAt),
  when: (row) => Date.parse(row.finishedAt) / MONTH_MS,
  /** 1: good or will pass, after the wash where that was seen; 0: neither. */
  good: ({ verdict, washed }) => wellOf(washed && washed !== 'open' ? washed : verdict),
  /** The same of those alone that were seen washed. */
  goodWashed: ({ washed }) => wellOf(washed === 'open' ? null : (washed ?? null)),
  /** Where it would have come out, on the item, without what had been added to its move. */
  right: ({ dx, dy, added }) => (dx === null || dy === null ? NaN : dx - (added?.right ?? 0)),
  down: ({ dx, dy, added }) => (dx === null || dy === null ? NaN : dy - (added?.down ?? 0)),
  corrected: ({ added }) => (added ? 1 : 0),
  turn: ({ rotation }) => rotation ?? NaN,
  toHoop: ({ toHoop }) => toHoop ?? NaN,
  off: ({ dx, dy }) => (dx === null && dy === null ? NaN : Math.hypot(dx ?? 0, dy ?? 0)),
  tries: ({ tries }) => tries ?? NaN,
  minutes: ({ minutes }) => minutes ?? NaN,
  sewn: ({ sewn }) => sewn ?? NaN,
  forecast: ({ forecast }) => forecast ?? NaN,
  hooping: ({ hooping }) => hooping ?? NaN,
  finishing: ({ finishing }) => finishing ?? NaN,
} as const satisfies Record<string, (row: LogRow) => number>
export type LogNumber = keyof typeof numbersOf
const names = Object.keys(numbersOf) as LogNumber[]

/**
 * The log as columns of numbers: to go through fifty thousand objects takes a slow machine longer than a hand waits. A row
 * has one place in all of them.
 */
export class LogColumns {
  readonly facets = new Facets()
  readonly #numbers = Object.fromEntries(names.map((name) => [name, new Column(Float64Array)])) as Record<
    LogNumber,
    Column
  >
  readonly #names: string[] = []
  readonly #stacks = new Column(Int32Array)
  readonly #signs: (string | null)[] = [null]
  #slots = 0
  readonly #free: number[] = []

  /** Past the last place that is taken. */
  get slots(): number {
    return this.#slots
  }

  of = (name: LogNumber): Float64Array => this.#numbers[name].values

  /** The sign of its stack; null: none was noted. */
  stackAt = (slot: number): string | null => this.#signs[this.#stacks.values[slot]!] ?? null

  /** Puts a row in a place of its own; answers which. */
  add(n: number, row: LogRow): number {
    const slot = this.#free.pop() ?? this.#slots++
    for (const name of names) this.#numbers[name].put(slot, name === 'n' ? n : numbersOf[name](row))
    this.#names[slot] = row.name.toLowerCase()
    this.#stacks.put(slot, this.#signCode(row.layers && stackSign(row.layers)))
    this.facets.put(slot, row)
    return slot
  }

  remove(slot: number): void {
    this.#free.push(slot)
  }

  /** How two places come after each other. */
  order(sort: LogSort): (a: number, b: number) => number {
    const [n, at] = [this.of('n'), this.of('at')]
    const newest = (a: number, b: number): number => at[b]! - at[a]! || n[b]! - n[a]!
    if (sort === 'newest') return newest
    if (sort === 'oldest') return (a, b) => newest(b, a)
    const called = this.#names
    if (sort === 'name') return (a, b) => (called[a]! < called[b]! ? -1 : called[a]! > called[b]! ? 1 : newest(a, b))
    const most = this.of(sort)
    // The most first; what is not known comes last.
    const known = (slot: number): number => (Number.isNaN(most[slot]!) ? -1 : most[slot]!)
    return (a, b) => known(b) - known(a) || newest(a, b)
  }

  #signCode(sign: string | null): number {
    const known = this.#signs.indexOf(sign)
    return known >= 0 ? known : this.#signs.push(sign) - 1
  }
}

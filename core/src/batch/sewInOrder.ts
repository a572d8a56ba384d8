import type { Counted } from './runQuery'

/** What the changes of an order take, and how much later than due all its pieces are together; in seconds. */
export type Sewn = { seconds: number; late: number }

const NEVER = 0x7fffffff

/**
 * What an order costs. Threads are put on when a piece needs them; to make room the one goes that is needed latest, which
 * loads least over the whole order and up to each piece of it alike.
 *
 * Made once for a run, as tens of thousands of orders are tried: it works in the same memory each time.
 */
export class Sewer {
  /** Where in the order each thread is needed next; never: it is not on, or no more. */
  readonly #next: Int32Array
  readonly #isOn: Uint8Array
  readonly #on: Int32Array
  #count = 0
  /** For each thread of each place in the order, where it is needed after that; `#from`: where a place begins in it. */
  #after: Int32Array
  #from: Int32Array

  constructor(private readonly run: Counted) {
    this.#next = new Int32Array(run.threadCount)
    this.#isOn = new Uint8Array(run.threadCount)
    this.#on = new Int32Array(Math.max(run.capacity, run.start.threads.length))
    this.#after = new Int32Array(run.threads.reduce((sum, list) => sum + list.length, 0))
    this.#from = new Int32Array(run.threads.length + 1)
  }

  /** @param ends takes when each place of the order is done */
  sew(order: ArrayLike<number>, ends?: Float64Array): Sewn {
    const { cost, start, hoop, needle, lasts, due } = this.run
    this.#begin(order)
    let [hoopOn, needleOn, seconds, passed, late] = [start.hoop, start.needle, 0, 0, 0]
    for (let i = 0; i < order.length; i++) {
      const piece = order[i]!
      let change = this.#loadsAt(i, piece) * cost.thread
      if (hoop[piece] !== hoopOn) change += cost.hoop
      if (needle[piece] !== needleOn) change += cost.needle
      hoopOn = hoop[piece]!
      needleOn = needle[piece]!
      seconds += change
      passed += change + lasts[piece]!
      if (passed > due[piece]!) late += passed - due[piece]!
      if (ends) ends[i] = passed
    }
    return { seconds, late }
  }

  /** Looks along the order from its end: where each thread is needed after each place. */
  #begin(order: ArrayLike<number>): void {
    const { threads, start } = this.run
    const [next, after, from] = [this.#next.fill(NEVER), this.#after, this.#from]
    let at = after.length
    for (let i = order.length - 1; i >= 0; i--) {
      const list = threads[order[i]!]!
      at -= list.length
      from[i] = at
      for (let k = 0; k < list.length; k++) {
        after[at + k] = next[list[k]!]!
        next[list[k]!] = i
      }
    }
    this.#isOn.fill(0)
    this.#count = 0
    for (const thread of start.threads) this.#putOn(thread)
  }

  #loadsAt(i: number, piece: number): number {
    const { capacity } = this.run
    const list = this.run.threads[piece]!
    const tooMany = list.length > capacity
    if (tooMany) this.#clear()
    let loads = tooMany ? list.length : 0
    for (let k = tooMany ? list.length - capacity : 0; k < list.length; k++) {
      const thread = list[k]!
      if (this.#isOn[thread]) continue
      if (this.#count >= capacity) this.#takeOff()
      this.#putOn(thread)
      if (!tooMany) loads++
    }
    for (let k = 0, at = this.#from[i]!; k < list.length; k++) this.#next[list[k]!] = this.#after[at + k]!
    return loads
  }

  #putOn(thread: number): void {
    this.#isOn[thread] = 1
    this.#on[this.#count++] = thread
  }

  #clear(): void {
    while (this.#count > 0) this.#isOn[this.#on[--this.#count]!] = 0
  }

  /** What this very piece needs has its own place as the next, so that it never goes. */
  #takeOff(): void {
    let latest = 0
    for (let k = 1; k < this.#count; k++) if (this.#next[this.#on[k]!]! > this.#next[this.#on[latest]!]!) latest = k
    this.#isOn[this.#on[latest]!] = 0
    this.#on[latest] = this.#on[--this.#count]!
  }
}

import type { Counted } from './runQuery'

/** An order found; `moved`: how far it is from the one given, by the pairs of pieces that have changed places. */
export type Found = { order: number[]; late: number; seconds: number; moved: number }

/** How the machine stands after some of the pieces, and the best ways to there. */
type Label = { late: number; seconds: number; moved: number; piece: number; before: Label | null }
type State = { piece: number; on: number; labels: Label[] }

/** As many threads as have a bit each. */
const MOST_THREADS = 31

/**
 * The best order of a dozen pieces at the most, proven: dynamic programming over which are done, what is mounted and which
 * threads that are still needed are on. Where pieces are due, a way that is earlier and one that is less late are both kept.
 * Null where more threads return than there are bits.
 *
 * @param best an order that is known: no way that must become worse is followed
 */
export function leastOrder(run: Counted, best: Found): Found | null {
  const search = Search.of(run, best)
  return search && search.go()
}

class Search {
  readonly #count: number
  readonly #bits: Int32Array
  readonly #others: Int32Array
  readonly #startOn: number
  /** Of each set of pieces the threads it needs, its hoops and its needles, as bits. */
  readonly #needs: Int32Array
  readonly #hoops: Int32Array
  readonly #sizes: Int32Array
  readonly #lasts: Float64Array

  private constructor(
    private readonly run: Counted,
    private readonly best: Found,
    /** Of each thread that returns its bit; none for those that are put on once and needed no more. */
    private readonly bitOf: Int32Array,
  ) {
    const bitsOf = (list: ArrayLike<number>): number => Array.from(list).reduce((set, t) => set | bitOf[t]!, 0)
    this.#count = run.threads.length
    this.#bits = Int32Array.from(run.threads, bitsOf)
    this.#others = Int32Array.from(run.threads, (list) => list.filter((t) => bitOf[t] === 0).length)
    this.#startOn = bitsOf(run.start.threads)
    const sets = 1 << this.#count
    this.#needs = new Int32Array(sets)
    this.#hoops = new Int32Array(sets)
    this.#sizes = new Int32Array(sets)
    this.#lasts = new Float64Array(sets)
    for (let set = 1; set < sets; set++) {
      const [rest, piece] = [set & (set - 1), 31 - Math.clz32(set & -set)]
      this.#needs[set] = this.#needs[rest]! | this.#bits[piece]!
      this.#hoops[set] = this.#hoops[rest]! | (1 << run.hoop[piece]!)
      this.#sizes[set] = this.#sizes[rest]! | (1 << run.needle[piece]!)
      this.#lasts[set] = this.#lasts[rest]! + run.lasts[piece]!
    }
  }

  static of(run: Counted, best: Found): Search | null {
    const uses = new Map<number, number>()
    for (const list of run.threads) for (const thread of list) uses.set(thread, (uses.get(thread) ?? 0) + 1)
    const returning = [...uses].filter(([thread, n]) => n > 1 || run.start.threads.includes(thread)).map(([t]) => t)
    if (returning.length > MOST_THREADS) return null
    const bitOf = new Int32Array(run.threadCount)
    returning.forEach((thread, i) => (bitOf[thread] = 1 << i))
    return new Search(run, best, bitOf)
  }

  go(): Found | null {
    const all = (1 << this.#count) - 1
    const first: Label = { late: 0, seconds: 0, moved: 0, piece: -1, before: null }
    let layer = new Map<number, Map<string, State>>([
      [0, new Map([['', { piece: -1, on: this.#startOn, labels: [first] }]])],
    ])
    for (let n = 0; n < this.#count; n++) {
      const next = new Map<number, Map<string, State>>()
      for (const [done, states] of layer)
        for (const state of states.values())
          for (let piece = 0; piece < this.#count; piece++)
            if (!(done & (1 << piece))) this.#follow(next, done, state, piece)
      layer = next
    }
    const ends = [...(layer.get(all)?.values() ?? [])].flatMap(({ labels }) => labels)
    const found = ends.reduce<Label | null>((a, b) => (a && !isBetter(b, a) ? a : b), null)
    return found && isBetter(found, this.best) ? { ...found, order: orderOf(found) } : this.best
  }

  /** Sews a piece next, with every choice of what stays on beside it. */
  #follow(next: Map<number, Map<string, State>>, done: number, state: State, piece: number): void {
    const { run } = this
    const now = done | (1 << piece)
    const rest = ((1 << this.#count) - 1) & ~now
    const threads = run.threads[piece]!
    const tooMany = threads.length > run.capacity
    const loads = tooMany ? threads.length : popCount(this.#bits[piece]! & ~state.on) + this.#others[piece]!
    const before = state.piece
    const hoopOn = before < 0 ? run.start.hoop : run.hoop[before]!
    const sizeOn = before < 0 ? run.start.needle : run.needle[before]!
    const change =
      loads * run.cost.thread +
      (run.hoop[piece] === hoopOn ? 0 : run.cost.hoop) +
      (run.needle[piece] === sizeOn ? 0 : run.cost.needle)
    const moved = outOfPlace(popCount(rest & ((1 << piece) - 1)), popCount(rest) + 1)
    const kept = tooMany ? [this.#lastOf(piece)] : this.#stays(state.on & ~this.#bits[piece]!, rest, threads.length)
    const states = next.get(now) ?? new Map<string, State>()
    next.set(now, states)
    for (const stays of kept) {
      const on = (tooMany ? stays : stays | this.#bits[piece]!) & this.#needs[rest]!
      const least = this.#leastAfter(rest, piece, on)
      for (const label of state.labels) {
        const seconds = label.seconds + change
        const ended = seconds + this.#lasts[now]!
        const late = label.late + Math.max(0, ended - run.due[piece]!)
        const came = { late, seconds, moved: label.moved + moved, piece, before: label }
        const bound = { late: late + this.#latest(rest, ended), seconds: seconds + least, moved: came.moved }
        if (isBetter(bound, this.best)) this.#keep(states, on, came)
      }
    }
  }

  #keep(states: Map<string, State>, on: number, came: Label): void {
    const { run } = this
    const key = `${run.hoop[came.piece]}.${run.needle[came.piece]}.${on}`
    const state = states.get(key)
    if (!state) return void states.set(key, { piece: came.piece, on, labels: [came] })
    if (state.labels.some((label) => label.late <= came.late && !isLess(came, label))) return
    state.labels = [...state.labels.filter((label) => !(came.late <= label.late && !isLess(label, came))), came]
  }

  /** Of the threads that were on and are needed again as many as there is room for beside a piece's own: every such set. */
  #stays(on: number, rest: number, own: number): number[] {
    const wanted = on & this.#needs[rest]!
    const room = this.run.capacity - own
    return popCount(wanted) <= room ? [wanted] : subsetsOf(wanted, room)
  }

  /** One with more threads than needles leaves its last ones on. */
  #lastOf(piece: number): number {
    const { threads, capacity } = this.run
    const list = threads[piece]!
    return list.slice(list.length - capacity).reduce((set, thread) => set | this.bitOf[thread]!, 0)
  }

  /** What the rest costs at least: every hoop, needle and thread that is not on comes on once. */
  #leastAfter(rest: number, piece: number, on: number): number {
    const { cost, hoop, needle } = this.run
    return (
      popCount(this.#hoops[rest]! & ~(1 << hoop[piece]!)) * cost.hoop +
      popCount(this.#sizes[rest]! & ~(1 << needle[piece]!)) * cost.needle +
      popCount(this.#needs[rest]! & ~on) * cost.thread +
      this.#othersIn(rest) * cost.thread
    )
  }

  #othersIn(set: number): number {
    let sum = 0
    for (let left = set; left; left &= left - 1) sum += this.#others[31 - Math.clz32(left & -left)]!
    return sum
  }

  /** How late the rest becomes at least: each at best comes next. */
  #latest(rest: number, ended: number): number {
    if (!this.run.anyDue) return 0
    let late = 0
    for (let left = rest; left; left &= left - 1) {
      const piece = 31 - Math.clz32(left & -left)
      late += Math.max(0, ended + this.run.lasts[piece]! - this.run.due[piece]!)
    }
    return late
  }
}

/**
 * How much an order is moved by a piece that comes before some which were given before it: more where it stands at the head, so
 * that what was given first stays first. `left`: pieces from there on.
 */
export const outOfPlace = (before: number, left: number): number => before * (1 + left / 1000)

type Measure = Pick<Label, 'late' | 'seconds' | 'moved'>
const SLACK = 1e-6

/** Less late, else quicker, else nearer to the order given. */
export function isBetter(a: Measure, b: Measure): boolean {
  if (Math.abs(a.late - b.late) > SLACK) return a.late < b.late
  return isLess(a, b)
}

function isLess(a: Measure, b: Measure): boolean {
  if (Math.abs(a.seconds - b.seconds) > SLACK) return a.seconds < b.seconds
  return a.moved < b.moved
}

function orderOf(label: Label | null): number[] {
  const order: number[] = []
  for (let at = label; at && at.piece >= 0; at = at.before) order.unshift(at.piece)
  return order
}

function popCount(set: number): number {
  let n = 0
  for (let left = set; left; left &= left - 1) n++
  return n
}

/** All subsets of a size. */
function subsetsOf(set: number, size: number): number[] {
  if (size <= 0) return [0]
  const found: number[] = []
  for (let left = set; left; left &= left - 1) {
    const bit = left & -left
    const higher = left & (left - 1)
    if (size === 1) found.push(bit)
    else if (popCount(higher) >= size - 1) found.push(...subsetsOf(higher, size - 1).map((one) => one | bit))
  }
  return found
}

import type { Counted } from './runQuery'

/**
 * All pieces with one hoop and one needle, which are sewn in one stretch or in several: the threads they need, and how many of
 * them need more than there are needles, with what those put on.
 */
export type Pair = {
  hoop: number
  needle: number
  threads: Set<number>
  /** The threads of each of its pieces that has no more of them than there are needles. */
  pieces: Int32Array[]
  overfull: number
  loads: number
}

/** So many pairs are put together in every way there is. */
const MOST_PAIRS = 14

/**
 * What the pairs cost in threads, or in further stretches to save them. Whatever is on when one begins, a stretch puts on what
 * its threads are more than there are needles; so do two or three that follow each other, together. Which follow which nobody
 * knows, so the cheapest way to put them together counts; one that is parted into several stretches counts as a change alone.
 */
export function leastLoads(run: Counted, pairs: readonly Pair[], change: number): number {
  const each = pairs.reduce((sum, pair) => sum + alone(run, pair, change), 0)
  const grouped = pairs.length <= MOST_PAIRS ? [2, 3].map((size) => inGroups(run, pairs, change, size)) : []
  return Math.max(each, ...grouped) + toFill(run, pairs)
}

/**
 * Every stretch is taken to begin with a thread on each needle, whichever serve it best; so many are not on at the start, and come on
 * before any has to go.
 */
function toFill({ capacity, start, cost }: Counted, pairs: readonly Pair[]): number {
  // One with too many threads fills the needles by itself.
  if (pairs.some(({ overfull }) => overfull > 0)) return 0
  const fresh = new Set(pairs.flatMap(({ threads }) => [...threads]))
  for (const thread of start.threads) fresh.delete(thread)
  return Math.max(0, Math.min(capacity - start.threads.length, fresh.size)) * cost.thread
}

/** One with too many threads leaves as many on as there are needles, without a load of others. */
const over = (threads: ReadonlySet<number>, pairs: readonly Pair[], capacity: number, atEntry: number): number =>
  Math.max(0, threads.size - atEntry - pairs.reduce((sum, { overfull }) => sum + overfull, 0) * capacity)

/** So many pieces of a pair are parted in every way there is. */
const MOST_PARTED = 11

/**
 * One pair for itself: in one stretch, or parted into several, each of which begins with whatever serves it best. The cheapest
 * way to part its pieces, by dynamic programming over sets of them.
 */
function alone({ capacity, cost, threadCount }: Counted, pair: Pair, change: number): number {
  const { pieces, overfull } = pair
  if (pieces.length > MOST_PARTED || overfull > 0) return byCount(pair, capacity, cost.thread, change)
  const sets = 1 << pieces.length
  const price = new Float64Array(sets)
  const seen = new Int32Array(threadCount)
  for (let set = 1; set < sets; set++) {
    let threads = 0
    for (let left = set; left; left &= left - 1)
      for (const thread of pieces[31 - Math.clz32(left & -left)]!) {
        if (seen[thread] !== set) threads++
        seen[thread] = set
      }
    price[set] = Math.max(0, threads - capacity) * cost.thread
  }
  const least = new Float64Array(sets)
  for (let set = 1; set < sets; set++) {
    const [first, rest] = [set & -set, set & (set - 1)]
    least[set] = price[set]!
    // Another stretch saves nothing that costs less than itself.
    if (least[set]! <= change) continue
    for (let part = rest; part; part = (part - 1) & rest) {
      const stretch = first | (rest & ~part)
      least[set] = Math.min(least[set]!, price[stretch]! + change + least[part]!)
    }
  }
  return least[sets - 1]!
}

/** The same by how many threads there are, which is quicker and says less. */
function byCount(pair: Pair, capacity: number, load: number, change: number): number {
  const left = over(pair.threads, [pair], capacity, capacity)
  const parts = Array.from({ length: Math.ceil(left / capacity) + 1 }, (_, n) => n)
  return Math.min(...parts.map((n) => n * change + Math.max(0, left - n * capacity) * load))
}

/** The cheapest way to put pairs together by so many; what does not come out even is one group that is smaller. */
function inGroups({ capacity, cost }: Counted, pairs: readonly Pair[], change: number, size: number): number {
  const price = (group: readonly number[]): number => {
    const of = group.map((i) => pairs[i]!)
    const threads = new Set(of.flatMap((pair) => [...pair.threads]))
    return over(threads, of, capacity, capacity) * cost.thread
  }
  const known = new Map<number, number>()
  const least = (done: number, even: boolean): number => {
    const left = pairs.flatMap((_, i) => (done & (1 << i) ? [] : [i]))
    if (left.length === 0) return 0
    const key = done * 2 + Number(even)
    const before = known.get(key)
    if (before !== undefined) return before
    const [first, ...rest] = left as [number, ...number[]]
    let found = change + least(done | (1 << first), even)
    for (let smaller = 1; smaller <= size; smaller++) {
      if (smaller < size && !even) continue
      for (const others of choose(rest, smaller - 1)) {
        const group = [first, ...others]
        const now = group.reduce((set, i) => set | (1 << i), done)
        found = Math.min(found, price(group) + least(now, even && smaller === size))
      }
    }
    known.set(key, found)
    return found
  }
  return least(0, true)
}

function choose(list: readonly number[], n: number): number[][] {
  if (n === 0) return [[]]
  return list.flatMap((one, i) => choose(list.slice(i + 1), n - 1).map((rest) => [one, ...rest]))
}

import { leastLoads, type Pair } from './leastLoads'
import type { Counted } from './runQuery'

/**
 * Seconds that no order can do without: the greater of two bounds. One counts what has to come on at all; the other joins the
 * pieces by the cheapest changes there could be between two of them (a spanning tree).
 */
export function leastSeconds(run: Counted): number {
  return Math.max(byKinds(run), byTree(run))
}

/**
 * Every hoop and every needle comes on; where they meet in more pairs than both together are many, each further stretch
 * changes one of them. Every thread comes on; and a stretch that needs more than there are needles puts on what is
 * over, unless it is parted, which is a change more.
 */
function byKinds(run: Counted): number {
  const { cost, start } = run
  const pairs = pairsOf(run)
  const [hoops, sizes] = [new Set(run.hoop), new Set(run.needle)]
  const comeOn = [hoops.size - has(hoops, start.hoop), sizes.size - has(sizes, start.needle)] as const
  const first = Math.min(...pairs.map((p) => Number(p.hoop !== start.hoop) + Number(p.needle !== start.needle)))
  const further = pairs.length - 1 + first - comeOn[0] - comeOn[1]
  const cheaper = Math.min(cost.hoop, cost.needle)
  const changes = comeOn[0] * cost.hoop + comeOn[1] * cost.needle + Math.max(0, further) * cheaper
  const overfull = pairs.reduce((sum, pair) => sum + pair.loads, 0)
  // Where stretches are fewer than changes that are counted already, so many more of them cost nothing.
  const parted = leastLoads(run, pairs, cheaper) - Math.max(0, -further) * cheaper
  return changes + overfull * cost.thread + Math.max(freshIn(run) * cost.thread, parted)
}

const has = (set: ReadonlySet<number>, one: number): number => (set.has(one) ? 1 : 0)

function pairsOf({ hoop, needle, threads, capacity }: Counted): Pair[] {
  const pairs = new Map<string, Pair>()
  threads.forEach((list, i) => {
    const key = `${hoop[i]} ${needle[i]}`
    const pair = pairs.get(key) ?? {
      hoop: hoop[i]!,
      needle: needle[i]!,
      threads: new Set(),
      pieces: [],
      overfull: 0,
      loads: 0,
    }
    pairs.set(key, pair)
    // One with more threads than needles puts each of them on, whatever is there.
    if (list.length > capacity) {
      pair.overfull++
      pair.loads += list.length
    } else {
      pair.pieces.push(list)
      for (const thread of list) pair.threads.add(thread)
    }
  })
  return [...pairs.values()]
}

/** Threads that come on at least once, by themselves and not with a piece that has too many. */
function freshIn({ threads, start, capacity }: Counted): number {
  const there = new Set([...start.threads, ...threads.flatMap((list) => (list.length > capacity ? [...list] : []))])
  return new Set(threads.flatMap((list) => [...list].filter((thread) => !there.has(thread)))).size
}

/** Prim's tree over the pieces, from the machine as it stands at the start. */
function byTree(run: Counted): number {
  const count = run.hoop.length
  if (count === 0) return 0
  const near = Float64Array.from({ length: count }, (_, i) => fromStart(run, i))
  // No piece is the first but one: the cheapest beginning counts once, and the tree joins the pieces among themselves.
  let sum = Math.min(...near)
  near.fill(Infinity)
  const joined = new Uint8Array(count)
  for (let last = 0, n = 1; n < count; n++) {
    joined[last] = 1
    let next = -1
    for (let i = 0; i < count; i++) {
      if (joined[i]) continue
      near[i] = Math.min(near[i]!, between(run, last, i))
      if (next < 0 || near[i]! < near[next]!) next = i
    }
    sum += near[next]!
    last = next
  }
  return sum
}

/** The least a piece costs first of all. */
function fromStart({ hoop, needle, threads, cost, start, capacity }: Counted, i: number): number {
  const list = threads[i]!
  const fresh = list.length > capacity ? list.length : list.filter((thread) => !start.threads.includes(thread)).length
  return (hoop[i] === start.hoop ? 0 : cost.hoop) + (needle[i] === start.needle ? 0 : cost.needle) + fresh * cost.thread
}

/** The least the second of two costs next to the first, whichever comes first: what else is on may be just what it needs. */
function between(run: Counted, a: number, b: number): number {
  const { hoop, needle, threads, cost, capacity } = run
  const loads = Math.min(loadsAfter(threads[a]!, threads[b]!, capacity), loadsAfter(threads[b]!, threads[a]!, capacity))
  return (hoop[a] === hoop[b] ? 0 : cost.hoop) + (needle[a] === needle[b] ? 0 : cost.needle) + loads * cost.thread
}

function loadsAfter(before: Int32Array, after: Int32Array, capacity: number): number {
  if (after.length > capacity) return after.length
  const kept = before.length > capacity ? before.slice(before.length - capacity) : before
  const missing = after.filter((thread) => !kept.includes(thread)).length
  return Math.max(0, missing - (capacity - kept.length))
}

import { type Found, leastOrder } from './leastOrder'
import { leastSeconds } from './leastSeconds'
import { type Counted, countBatch, type RunQuery } from './runQuery'
import { searchOrder } from './searchOrder'
import { Sewer } from './sewInOrder'

/**
 * `order`: ids, the first first. `seconds`: all changes; `lowerBound`: what no order can do without. `optimal`: proven that
 * none is less late, and of those none quicker.
 */
export type RunOrder = {
  order: string[]
  seconds: number
  lowerBound: number
  optimal: boolean
  lateMinutes: number
  late: { id: string; minutes: number }[]
}

/** So many kinds of pieces are looked through to the end. */
const MOST_PROVEN = 10
const SLACK = 1e-6

/**
 * In which order a machine sews pieces so that hoop, needle and threads are changed as little as can be, and what is due is
 * ready: least lateness in all, then least seconds, then nearest to the order given. Proven for ten pieces, and for as many as one
 * likes of ten kinds where nothing is late; else searched, with the bound beside it.
 *
 * Source: core.md section 11.
 *
 * @param q durations of changes in seconds, of pieces in minutes; `dueInMinutes` from the start
 * @throws CoreError('bad-run') with its path
 * @example planRunOrder({ pieces: [{ id: 'a', hoop: '100', … }, { id: 'b', hoop: '180', … }, { id: 'c', hoop: '100', … }], … }).order // a, c, b
 */
export function planRunOrder(q: RunQuery): RunOrder {
  const run = countBatch(q)
  if (q.pieces.length === 0) return { order: [], seconds: 0, lowerBound: 0, optimal: true, lateMinutes: 0, late: [] }
  const { found, bound, optimal } = solve(run)
  const ends = new Float64Array(found.order.length)
  const { seconds, late } = new Sewer(run).sew(found.order, ends)
  return {
    order: found.order.map((piece) => q.pieces[piece]!.id),
    ...{ seconds, lowerBound: bound, optimal, lateMinutes: late / 60 },
    late: found.order.flatMap((piece, i) => {
      const minutes = (ends[i]! - run.due[piece]!) / 60
      return minutes > SLACK ? [{ id: q.pieces[piece]!.id, minutes }] : []
    }),
  }
}

type Solved = { found: Found; bound: number; optimal: boolean }

/** Without a due date first, which is easier: where nothing is late by that order, it is the answer. */
function solve(run: Counted): Solved {
  const free = quickest(run.anyDue ? { ...run, due: run.due.map(() => Infinity), anyDue: false } : run)
  if (!run.anyDue) return free
  const { seconds, late } = new Sewer(run).sew(free.found.order)
  if (late <= SLACK) return { ...free, found: { ...free.found, seconds, late } }
  const searched = searchOrder(run, partsOf(run, true), free.bound)
  const proven = run.hoop.length <= MOST_PROVEN ? leastOrder(run, searched) : null
  const found = proven ?? searched
  const optimal = proven !== null || (found.late <= SLACK && found.seconds <= free.bound + SLACK)
  return { found, bound: free.bound, optimal }
}

/** Nothing is due: pieces alike are sewn one after the other, as to part them saves nothing. */
function quickest(run: Counted): Solved {
  const parts = partsOf(run, false)
  const kinds = onlyOf(run, parts)
  const one = parts.map((_, i) => [i])
  const least = leastSeconds(kinds)
  const searched = searchOrder(kinds, one, least)
  const proven = parts.length <= MOST_PROVEN ? leastOrder(kinds, searched) : null
  const found = proven ?? searched
  const again = loadedAgain(run, parts)
  const bound = again + (proven ? found.seconds : least)
  const order = found.order.flatMap((part) => parts[part]!)
  const seconds = again + found.seconds
  return { found: { ...found, order, seconds }, bound, optimal: seconds <= bound + SLACK }
}

/** One with more threads than needles puts each of them on, though the piece before was its like. */
const loadedAgain = ({ threads, capacity, cost }: Counted, parts: readonly (readonly number[])[]): number =>
  parts.reduce((sum, part) => {
    const { length } = threads[part[0]!]!
    return length > capacity ? sum + (part.length - 1) * length * cost.thread : sum
  }, 0)

/** Pieces that are alike at the machine, each kind where its first one stands. */
function partsOf({ hoop, needle, threads, due }: Counted, byDue: boolean): number[][] {
  const parts = new Map<string, number[]>()
  threads.forEach((list, i) => {
    // One with more threads than needles depends on the order of them.
    const key = [hoop[i], needle[i], byDue ? due[i] : '', ...list].join()
    parts.set(key, [...(parts.get(key) ?? []), i])
  })
  return [...parts.values()]
}

/** The run with one piece for each part. */
function onlyOf(run: Counted, parts: readonly (readonly number[])[]): Counted {
  const first = parts.map((part) => part[0]!)
  return {
    ...run,
    hoop: Int32Array.from(first, (i) => run.hoop[i]!),
    needle: Int32Array.from(first, (i) => run.needle[i]!),
    threads: first.map((i) => run.threads[i]!),
    lasts: Float64Array.from(parts, (part) => part.reduce((sum, i) => sum + run.lasts[i]!, 0)),
    due: Float64Array.from(first, (i) => run.due[i]!),
  }
}

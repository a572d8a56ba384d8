import { type Found, isBetter, outOfPlace } from './leastOrder'
import type { Counted } from './runQuery'
import { Sewer, type Sewn } from './sewInOrder'

/** How many orders are tried: what a second is enough for. Of them so many with the stretches of one hoop and needle whole. */
const MOST_TRIED = 60_000
const WHOLE_TRIED = 12_000
const LONGEST_MOVED = 4
const FEW = 10

type Parts = readonly (readonly number[])[]

/**
 * A good order of parts, each a list of pieces that stay together: the best of some to begin with, then stretches of it put
 * elsewhere, straight or turned round, as long as that is better; then shaken and tried again, while there is time.
 *
 * @param goal seconds that no order can do without: one that takes as many and is not late is good enough
 */
export function searchOrder(run: Counted, parts: Parts, goal: number): Found {
  const search = new Search(run, parts, goal, MOST_TRIED)
  const given = parts.map((_, i) => i)
  for (const begin of [given, byDue(run, parts), nearest(run, parts), inStretches(run, parts, goal)])
    search.improve(begin)
  // A few are looked through to the end all the same.
  if (parts.length > FEW) search.shake()
  return search.best!.found
}

/** All with one hoop and one needle together, and these stretches in a good order. */
function inStretches(run: Counted, parts: Parts, goal: number): number[] {
  const stretches = new Map<string, number[]>()
  for (const part of nearest(run, parts)) {
    const piece = parts[part]![0]!
    const key = `${run.hoop[piece]} ${run.needle[piece]}`
    stretches.set(key, [...(stretches.get(key) ?? []), part])
  }
  const list = [...stretches.values()]
  const whole = list.map((stretch) => stretch.flatMap((part) => parts[part]!))
  const search = new Search(run, whole, goal, WHOLE_TRIED)
  search.improve(list.map((_, i) => i))
  search.shake()
  return search.best!.parts.flatMap((i) => list[i]!)
}

type Tried = { parts: number[]; found: Found }

class Search {
  readonly #sewer: Sewer
  readonly #order: Int32Array
  #tried = 0
  #best: Tried | null = null
  /** Fixed, so that the same run has the same order. */
  #noise = 12345

  constructor(
    run: Counted,
    private readonly parts: Parts,
    private readonly goal: number,
    private readonly most: number,
  ) {
    this.#sewer = new Sewer(run)
    this.#order = new Int32Array(run.hoop.length)
  }

  get best(): Tried | null {
    return this.#best
  }

  improve(begin: number[]): void {
    let at = this.#take(begin)
    for (let better = this.#betterThan(at); better; better = this.#betterThan(at)) at = better
    if (!this.#best || isBetter(at.found, this.#best.found)) this.#best = at
  }

  shake(): void {
    const count = this.parts.length
    while (count > 2 && this.#tried < this.most && !this.#isReached()) {
      const [a, b, c] = [0, 1, 2].map(() => 1 + this.#below(count - 1)).sort((x, y) => x - y) as [
        number,
        number,
        number,
      ]
      const at = this.#best!.parts
      // Two stretches change places.
      this.improve([...at.slice(0, a), ...at.slice(b, c), ...at.slice(a, b), ...at.slice(c)])
    }
  }

  #isReached(): boolean {
    const { late, seconds } = this.#best!.found
    return late <= 0 && seconds <= this.goal
  }

  #below(n: number): number {
    this.#noise = (Math.imul(this.#noise, 1_103_515_245) + 12_345) & 0x7fffffff
    return (this.#noise >> 8) % n
  }

  #sew(parts: readonly number[]): Sewn {
    this.#tried++
    let at = 0
    for (const part of parts) for (const piece of this.parts[part]!) this.#order[at++] = piece
    return this.#sewer.sew(this.#order)
  }

  #take(parts: number[]): Tried {
    const sewn = this.#sew(parts)
    return { parts, found: { ...sewn, order: [...this.#order], moved: movedIn(this.#order) } }
  }

  /** The first neighbour that is better; null where none is, or time is over. */
  #betterThan({ parts, found }: Tried): Tried | null {
    const next = [...parts]
    for (let length = 1; length <= Math.min(LONGEST_MOVED, parts.length - 1); length++)
      for (let from = 0; from + length <= parts.length; from++)
        for (let to = 0; to + length <= parts.length; to++)
          for (const turned of [false, true]) {
            if (turned ? length === 1 : to === from) continue
            if (this.#tried >= this.most) return null
            movePart(parts, next, { from, to, length, turned })
            const sewn = this.#sew(next)
            // How far it is moved is counted only where it decides.
            if (isBetter({ ...sewn, moved: 0 }, { ...found, moved: 1 })) {
              const taken = this.#take([...next])
              if (isBetter(taken.found, found)) return taken
            }
          }
    return null
  }
}

type Move = { from: number; to: number; length: number; turned: boolean }

/** Writes the parts with a stretch of them put elsewhere; `to`: where it begins then. */
function movePart(parts: readonly number[], next: number[], { from, to, length, turned }: Move): void {
  for (let i = 0, rest = 0; i < parts.length; i++) {
    const within = i - to
    if (within >= 0 && within < length) next[i] = parts[from + (turned ? length - 1 - within : within)]!
    else {
      if (rest === from) rest += length
      next[i] = parts[rest++]!
    }
  }
}

/** As the proof has it. */
function movedIn(order: Int32Array): number {
  let moved = 0
  for (let i = 0; i < order.length; i++) {
    let before = 0
    for (let k = i + 1; k < order.length; k++) if (order[k]! < order[i]!) before++
    moved += outOfPlace(before, order.length - i)
  }
  return moved
}

const byDue = ({ due }: Counted, parts: Parts): number[] => {
  const first = parts.map((part) => Math.min(...part.map((piece) => due[piece]!)))
  return indexes(parts).sort((a, b) => (first[a] === first[b] ? a - b : first[a]! - first[b]!))
}

/** Always on to the one that changes least. */
function nearest(run: Counted, parts: Parts): number[] {
  const { hoop, needle, threads, cost, start } = run
  const left = new Set(indexes(parts))
  const order: number[] = []
  let [onHoop, onNeedle, on] = [start.hoop, start.needle, [...start.threads]]
  while (left.size > 0) {
    let [best, least] = [-1, Infinity]
    for (const part of left) {
      const piece = parts[part]![0]!
      const change =
        (hoop[piece] === onHoop ? 0 : cost.hoop) +
        (needle[piece] === onNeedle ? 0 : cost.needle) +
        threads[piece]!.filter((thread) => !on.includes(thread)).length * cost.thread
      if (change < least) [best, least] = [part, change]
    }
    left.delete(best)
    order.push(best)
    const piece = parts[best]![0]!
    onHoop = hoop[piece]!
    onNeedle = needle[piece]!
    on = [...threads[piece]!, ...on.filter((thread) => !threads[piece]!.includes(thread))].slice(0, run.capacity)
  }
  return order
}

const indexes = (parts: Parts): number[] => parts.map((_, i) => i)

import type { Machine, Shop } from '@thimble/contract'
import { planRunOrder, type RunQuery } from '@thimble/core/batch'
import type { PieceWork } from './pieceWork'
import { type ThreadOfBatch, threadOfBatch } from './threadOfBatch'
import { minutesTo, type WallTime, type Workday, workedUntil } from './workTime'

/** What is changed before a piece, `hoopless` where none of the shelf takes it as it is planned; all null and none where it goes on as it is. */
export type Change = {
  hoop: string | null
  hoopless: boolean
  needle: PieceWork['needle'] | null
  threads: string[]
  seconds: number
}
/** `ends`: when it is done; `late`: after the day it is due. */
export type WorkStep = { work: PieceWork; before: Change; ends: WallTime; late: boolean }

export type WorkSequence = {
  machine: string
  steps: WorkStep[]
  /** All changes in this order, in the order as given, and what no order can do without; in seconds. */
  seconds: number
  typedSeconds: number
  leastSeconds: number
  optimal: boolean
  /** Where a hand put them in order: the changes of the order that would be worked out. */
  bestSeconds: number | null
  minutes: number
  /** What of them is sewn, hooped and finished; the rest is changed. */
  by: PieceWork['by']
  thread: ThreadOfBatch
}

/** When work begins, when the shop works, and how long its hands change things. */
export type Hours = { begins: WallTime; workday: Workday; hands: Shop['hands'] }

/**
 * The pieces of one machine in the order that changes least, what is due in its time where that can be; or in the order a hand
 * put them in (`sequence`, ids), what came later where it changes least. `machine`: as the stash has it; one of no name has one needle.
 */
export function workSequence(
  works: readonly PieceWork[],
  machine: Machine | undefined,
  hours: Hours,
  sequence: readonly string[] | null = null,
): WorkSequence {
  const query = runOf(works, machine, hours)
  const best = planRunOrder(query)
  const byHand = sequence !== null && works.some(({ id }) => sequence.includes(id))
  const cost = (order: readonly PieceWork[]): number =>
    changesIn(order, query).reduce((sum, one) => sum + one.seconds, 0)
  const inOrder = byHand
    ? inSequence(works, sequence, cost)
    : best.order.map((id) => works.find((work) => work.id === id)!)
  const changes = changesIn(inOrder, query)
  const seconds = byHand ? cost(inOrder) : best.seconds
  const spent = (part: keyof PieceWork['by']): number => works.reduce((sum, { by }) => sum + by[part], 0)
  return {
    ...{ machine: machine?.name ?? works[0]?.machine.name ?? '', seconds, leastSeconds: best.lowerBound },
    ...{ optimal: best.optimal && !byHand, bestSeconds: byHand ? best.seconds : null },
    steps: stepsOf(inOrder, changes, hours),
    typedSeconds: cost(works),
    thread: threadOfBatch(works, machine),
    minutes: works.reduce((sum, { minutes }) => sum + minutes, 0) + seconds / 60,
    by: { stitching: spent('stitching'), hooping: spent('hooping'), finishing: spent('finishing') },
  }
}

/** As a hand put them; each that it did not yet where it costs least, after its like. */
function inSequence(
  works: readonly PieceWork[],
  sequence: readonly string[],
  cost: (order: readonly PieceWork[]) => number,
): PieceWork[] {
  const placed = sequence.flatMap((id) => works.find((work) => work.id === id) ?? [])
  for (const work of works.filter(({ id }) => !sequence.includes(id))) {
    const costs = Array.from({ length: placed.length + 1 }, (_, i) => cost(placed.toSpliced(i, 0, work)))
    placed.splice(costs.lastIndexOf(Math.min(...costs)), 0, work)
  }
  return placed
}

const needleOf = ({ needle: { size, point } }: PieceWork): string => `${size} ${point}`

function runOf(works: readonly PieceWork[], machine: Machine | undefined, { begins, workday, hands }: Hours): RunQuery {
  const needles = machine?.needles ?? 1
  return {
    pieces: works.map((work) => ({
      ...{ id: work.id, hoop: work.hoop?.id ?? '', needle: needleOf(work), minutes: work.minutes },
      threads: work.threads.map(({ id }) => id),
      ...(work.due === null ? {} : { dueInMinutes: minutesTo(work.due, begins, workday) }),
    })),
    needles,
    seconds: {
      hoop: hands.hoopSeconds,
      needle: hands.needleSeconds,
      // At one needle that is what the machine says of a change of colour.
      thread: needles === 1 ? (machine?.changeSeconds ?? hands.threadSeconds) : hands.threadSeconds,
    },
  }
}

/** What is changed before each piece of an order: what costs nothing after the one before it is not named. */
function changesIn(works: readonly PieceWork[], query: RunQuery): Change[] {
  const on = new ThreadsOn(works, query.needles)
  return works.map((work, i) => {
    const last = works[i - 1]
    const hoop = last && last.hoop?.id === work.hoop?.id ? null : (work.hoop?.name ?? null)
    const otherHoop = !last || last.hoop?.id !== work.hoop?.id
    const needle = last && needleOf(last) === needleOf(work) ? null : work.needle
    const threads = on.loadedFor(i)
    const { seconds } = query
    return {
      ...{ hoop, hoopless: otherHoop && work.hoop === null, needle, threads },
      seconds: (otherHoop ? seconds.hoop : 0) + (needle ? seconds.needle : 0) + threads.length * seconds.thread,
    }
  })
}

function stepsOf(works: readonly PieceWork[], changes: readonly Change[], { begins, workday }: Hours): WorkStep[] {
  let minutes = 0
  return works.map((work, i) => {
    const before = changes[i]!
    minutes += before.seconds / 60 + work.minutes
    const ends = workedUntil(begins, minutes, workday)
    return { work, before, ends, late: work.due !== null && ends.date > work.due }
  })
}

/** Which threads are put on along an order, by the rule of the core: to make room the one goes that is needed latest. */
class ThreadsOn {
  #on: string[] = []

  constructor(
    private readonly works: readonly PieceWork[],
    private readonly needles: number,
  ) {}

  /** Names of those put on for a place in the order; to be asked place by place. */
  loadedFor(i: number): string[] {
    const { threads } = this.works[i]!
    const tooMany = threads.length > this.needles
    const missing = tooMany ? threads : threads.filter(({ id }) => !this.#on.includes(id))
    const own = threads.slice(-this.needles).map(({ id }) => id)
    const others = tooMany ? [] : this.#on.filter((id) => !own.includes(id))
    const soonest = [...others].sort((a, b) => this.#next(a, i) - this.#next(b, i))
    this.#on = [...own, ...soonest.slice(0, this.needles - own.length)]
    return missing.map(({ name }) => name)
  }

  #next(id: string, after: number): number {
    const at = this.works.findIndex((work, k) => k > after && work.threads.some((thread) => thread.id === id))
    return at < 0 ? Infinity : at
  }
}

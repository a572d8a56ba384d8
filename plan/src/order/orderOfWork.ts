import type { Machine } from '@thimble/contract'
import { planRunOrder, type RunQuery } from '@thimble/core/runs'
import type { PieceWork } from './pieceWork'
import { type ThreadOfRun, threadOfRun } from './threadOfRun'

/** Changes by hand, in seconds (craft.md section 8): another hoop on the carriage, another needle, a needle threaded. */
const HOOP_SECONDS = 120
const NEEDLE_SECONDS = 90
const THREAD_SECONDS = 75

/** What is changed before a piece; all null and none where it goes on as it is. */
export type Change = { hoop: string | null; needle: PieceWork['needle'] | null; threads: string[]; seconds: number }
export type WorkStep = { work: PieceWork; before: Change }

export type OrderOfWork = {
  machine: string
  steps: WorkStep[]
  /** All changes in this order, in the order as given, and what no order can do without; in seconds. */
  seconds: number
  typedSeconds: number
  leastSeconds: number
  optimal: boolean
  minutes: number
  thread: ThreadOfRun
}

/** The pieces of one machine in the order that changes least. `machine`: as the stash has it; one of no name has one needle. */
export function orderOfWork(works: readonly PieceWork[], machine: Machine | undefined): OrderOfWork {
  const query = runOf(works, machine)
  const { order, seconds, lowerBound, optimal } = planRunOrder(query)
  const steps = stepsIn(
    order.map((id) => works.find((work) => work.id === id)!),
    query,
  )
  const spent = (list: readonly WorkStep[]): number => list.reduce((sum, { before }) => sum + before.seconds, 0)
  return {
    ...{ machine: machine?.name ?? works[0]?.machine.name ?? '', steps, seconds, optimal, leastSeconds: lowerBound },
    typedSeconds: spent(stepsIn(works, query)),
    thread: threadOfRun(works, machine),
    minutes: works.reduce((sum, { minutes }) => sum + minutes, 0) + seconds / 60,
  }
}

const needleOf = ({ needle: { size, point } }: PieceWork): string => `${size} ${point}`

function runOf(works: readonly PieceWork[], machine: Machine | undefined): RunQuery {
  const needles = machine?.needles ?? 1
  return {
    pieces: works.map((work) => ({
      ...{ id: work.id, hoop: work.hoop?.id ?? '', needle: needleOf(work), minutes: work.minutes },
      threads: work.threads.map(({ id }) => id),
    })),
    needles,
    seconds: {
      hoop: HOOP_SECONDS,
      needle: NEEDLE_SECONDS,
      // At one needle that is what the machine says of a change of colour.
      thread: needles === 1 ? (machine?.changeSeconds ?? THREAD_SECONDS) : THREAD_SECONDS,
    },
  }
}

/** What is changed before each piece of an order: what costs nothing after the one before it is not named. */
function stepsIn(works: readonly PieceWork[], query: RunQuery): WorkStep[] {
  const on = new ThreadsOn(works, query.needles)
  return works.map((work, i) => {
    const last = works[i - 1]
    const hoop = last && last.hoop?.id === work.hoop?.id ? null : (work.hoop?.name ?? null)
    const otherHoop = !last || last.hoop?.id !== work.hoop?.id
    const needle = last && needleOf(last) === needleOf(work) ? null : work.needle
    const threads = on.loadedFor(i)
    const { seconds } = query
    return {
      work,
      before: {
        ...{ hoop, needle, threads },
        seconds: (otherHoop ? seconds.hoop : 0) + (needle ? seconds.needle : 0) + threads.length * seconds.thread,
      },
    }
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

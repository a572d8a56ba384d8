import { type Message, message } from '../messages/message'
import { CoreError } from '../errors'

/** A piece as it goes to the machine. `minutes`: at the machine without its changes; due counted from the start of the run. */
export type RunPiece = {
  id: string
  hoop: string
  needle: string
  threads: readonly string[]
  minutes: number
  dueInMinutes?: number
}

/** `needles`: how many threads are on the machine at once; `start`: what is there before the first piece. */
export type RunQuery = {
  pieces: readonly RunPiece[]
  needles: number
  seconds: { hoop: number; needle: number; thread: number }
  start?: { hoop?: string; needle?: string; threads?: readonly string[] }
}

/** The same by numbers: hoops, needles and threads each counted from 0; -1: none on. Threads of a piece once each. */
export type Counted = {
  hoop: Int32Array
  needle: Int32Array
  threads: readonly Int32Array[]
  /** In seconds, as all here is. */
  lasts: Float64Array
  due: Float64Array
  anyDue: boolean
  capacity: number
  cost: RunQuery['seconds']
  start: { hoop: number; needle: number; threads: readonly number[] }
  threadCount: number
}

const bad = (says: Message, path: string): CoreError => new CoreError('bad-run', says, path)

/** @throws CoreError('bad-run') with its path */
export function countBatch({ pieces, needles, seconds, start = {} }: RunQuery): Counted {
  check(pieces, needles, seconds, start)
  const [hoops, sizes, threads] = [new Numbers(), new Numbers(), new Numbers()]
  return {
    hoop: Int32Array.from(pieces, (piece) => hoops.of(piece.hoop)),
    needle: Int32Array.from(pieces, (piece) => sizes.of(piece.needle)),
    threads: pieces.map((piece) => Int32Array.from(new Set(piece.threads), (thread) => threads.of(thread))),
    lasts: Float64Array.from(pieces, ({ minutes }) => minutes * 60),
    due: Float64Array.from(pieces, ({ dueInMinutes }) => (dueInMinutes ?? Infinity) * 60),
    anyDue: pieces.some(({ dueInMinutes }) => dueInMinutes !== undefined),
    ...{ capacity: needles, cost: seconds },
    start: {
      hoop: start.hoop === undefined ? -1 : hoops.of(start.hoop),
      needle: start.needle === undefined ? -1 : sizes.of(start.needle),
      threads: [...new Set(start.threads ?? [])].map((thread) => threads.of(thread)),
    },
    threadCount: threads.size,
  }
}

class Numbers {
  readonly #known = new Map<string, number>()

  of(name: string): number {
    const known = this.#known.get(name) ?? this.#known.size
    this.#known.set(name, known)
    return known
  }

  get size(): number {
    return this.#known.size
  }
}

function check(
  pieces: readonly RunPiece[],
  needles: number,
  seconds: RunQuery['seconds'],
  start: NonNullable<RunQuery['start']>,
): void {
  if (!Number.isInteger(needles) || needles < 1) throw bad(message('problem.a-machine-needs-at-least'), 'needles')
  for (const [what, value] of Object.entries(seconds))
    if (!Number.isFinite(value) || value < 0) throw bad(message('problem.a-change-cant-take-less'), `seconds.${what}`)
  const ids = new Set<string>()
  pieces.forEach(({ id, minutes, dueInMinutes }, i) => {
    if (ids.has(id)) throw bad(message('problem.two-pieces-have-the-same'), `pieces.${i}.id`)
    ids.add(id)
    if (!Number.isFinite(minutes) || minutes < 0)
      throw bad(message('problem.a-piece-cant-take-less'), `pieces.${i}.minutes`)
    if (dueInMinutes !== undefined && !Number.isFinite(dueInMinutes))
      throw bad(message('problem.say-when-it-is-due'), `pieces.${i}.dueInMinutes`)
  })
  if (new Set(start.threads).size > needles) throw bad(message('problem.there-are-more-threads-on'), 'start.threads')
}

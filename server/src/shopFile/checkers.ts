import type { Registry } from '@thimble/contract'
import { Worker } from 'node:worker_threads'
import { type Batch, checkBatch, type CheckedBatch } from './checkBatch'

/** Who looks through a shop file's things: several batches at a time, each answered by itself. */
export type Checkers = {
  /** As many batches as are worth having under way. */
  readonly atOnce: number
  check(batch: Batch): Promise<CheckedBatch>
  end(): void
}
export type BeginChecking = (registry: Registry) => Checkers

/** Checks on this very thread, as in tests and where there is no other. */
export const checkHere: BeginChecking = (registry) => ({
  atOnce: 1,
  check: async (batch) => checkBatch(registry, batch),
  end: () => undefined,
})

const [THREADS, WAITING] = [2, 1]
/** A thread keeps a few megabytes of what it looks through; more than this it never needs. */
const LIMITS = { maxOldGenerationSizeMb: 256, maxYoungGenerationSizeMb: 16 }

/**
 * Checks on threads of their own, begun with an import and gone with its end; the thread that answers requests has its
 * hands free meanwhile.
 *
 * @param file the program of a thread (`checkThread`)
 */
export const checkInThreads =
  (file: string): BeginChecking =>
  () => {
    const threads = Array.from({ length: THREADS }, () => new Thread(file))
    return {
      atOnce: THREADS * (1 + WAITING),
      check: (batch) => threads.reduce((a, b) => (b.busy < a.busy ? b : a)).check(batch),
      end: () => threads.forEach((thread) => thread.end()),
    }
  }

type Answer = { resolve: (checked: CheckedBatch) => void; reject: (error: Error) => void }

/** A thread that answers one batch after the other. */
class Thread {
  readonly #worker: Worker
  readonly #asked: Answer[] = []

  constructor(file: string) {
    this.#worker = new Worker(file, { resourceLimits: LIMITS })
    this.#worker.on('message', (checked: CheckedBatch) => this.#asked.shift()?.resolve(checked))
    this.#worker.on('error', (error) => {
      for (const { reject } of this.#asked.splice(0)) reject(error)
    })
  }

  get busy(): number {
    return this.#asked.length
  }

  check(batch: Batch): Promise<CheckedBatch> {
    return new Promise((resolve, reject) => {
      this.#asked.push({ resolve, reject })
      this.#worker.postMessage(batch, [batch.bytes.buffer as ArrayBuffer])
    })
  }

  end(): void {
    void this.#worker.terminate()
  }
}

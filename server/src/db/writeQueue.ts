import type { Db, Tx, Writes } from './database'

/**
 * The one way to write. Parallel transactions of the driver fail as busy and block the event loop while they wait,
 * so every write takes its turn here; reads go past it.
 */
export class WriteQueue implements Writes {
  readonly #db: Db
  #tail: Promise<unknown> = Promise.resolve()

  constructor(db: Db) {
    this.#db = db
  }

  run<T>(work: (tx: Tx) => Promise<T>): Promise<T> {
    const turn = this.#tail.then(() => this.#db.transaction(work))
    this.#tail = turn.catch(() => undefined)
    return turn
  }

  /** Resolves when everything asked for so far is written. */
  async idle(): Promise<void> {
    await this.#tail
  }
}

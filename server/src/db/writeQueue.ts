import type { Db, Prepare, Tx, Writes } from './database'
import { fileFaultOf } from './fileFault'

/** How long writes wait for another program to let go of the file, all of them together, and how often they ask. */
const PATIENCE_MS = 4000
const ASK_AGAIN_MS = 60

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms))

/**
 * `standing` is asked before a write and before it is acknowledged, and throws when the file is not the one opened;
 * `reopen` reopens all connections; `written` is told of each write; `writeLarge` does one that may write all.
 */
type ShopFile = {
  assertFilePresent: () => void
  reopen: () => Promise<void>
  written: () => void
  writeLarge: <T>(work: (tx: Tx, prepare: Prepare) => Promise<T>) => Promise<T>
}

/**
 * The one way to write. Parallel transactions of the driver fail as busy and block the event loop while they wait,
 * so every write takes its turn here, and waits for another program's lock without holding anything up; reads go past.
 */
export class WriteQueue implements Writes {
  #tail: Promise<unknown> = Promise.resolve()
  /** Since when another program has been found holding the file; null while none was. */
  #heldSince: number | null = null

  constructor(
    private readonly db: Db,
    private readonly file: ShopFile,
  ) {}

  run<T>(work: (tx: Tx) => Promise<T>): Promise<T> {
    return this.#inTurn(() => this.db.transaction(work))
  }

  runLarge<T>(work: (tx: Tx, prepare: Prepare) => Promise<T>): Promise<T> {
    return this.#inTurn(() => this.file.writeLarge(work))
  }

  #inTurn<T>(write: () => Promise<T>): Promise<T> {
    const turn = this.#tail.then(() => this.#write(write))
    this.#tail = turn.catch(() => undefined)
    return turn
  }

  async #write<T>(write: () => Promise<T>): Promise<T> {
    for (;;) {
      this.file.assertFilePresent()
      try {
        const written = await write()
        this.file.assertFilePresent()
        this.#heldSince = null
        this.file.written()
        return written
      } catch (error) {
        if (fileFaultOf(error) !== 'busy') throw error
        this.#heldSince ??= performance.now()
        // The driver never lets go of a “begin” that was refused, and its connection commits nothing any more.
        await this.file.reopen()
        if (performance.now() - this.#heldSince > PATIENCE_MS) throw error
      }
      await pause(ASK_AGAIN_MS)
    }
  }

  /** Resolves when everything asked for so far is written. */
  async idle(): Promise<void> {
    await this.#tail
  }
}

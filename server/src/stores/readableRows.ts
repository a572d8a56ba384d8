import { setImmediate } from 'node:timers/promises'
import type { ZodType } from 'zod'
import { reasonOf } from './setAside'

/** A document's row as reading takes it: the text as it lies there, and the revision it was written at. */
export type TextRow = { id: string; text: string; revision: number }

/** As many are looked through before others get their turn. */
const AT_ONCE = 20

/**
 * Tells documents that can be read from those that cannot, which somebody else must have written. What was checked
 * since the start, on its way in or out, is not looked at again.
 */
export class ReadableRows {
  /** What was looked through, by its revision; of what was written in a row the first and the last. */
  readonly #looked = new Set<number>()
  readonly #written: [first: number, last: number][] = []

  /** @param upTo everything up to this revision is sound */
  constructor(
    upTo: number,
    private readonly schema: ZodType,
    private readonly setAside: (row: TextRow, reason: string) => Promise<void>,
  ) {
    if (upTo > 0) this.#written.push([1, upTo])
  }

  /** What was written at this revision is sound. */
  know(revision: number): void {
    const row = this.#written.at(-1)
    if (row && revision === row[1] + 1) row[1] = revision
    else if (!row || revision > row[1]) this.#written.push([revision, revision])
    else this.#looked.add(revision)
  }

  /** Whether what was written at this revision was looked through. */
  knows(revision: number): boolean {
    if (this.#looked.has(revision)) return true
    let [low, high] = [0, this.#written.length]
    while (low < high) {
      const middle = (low + high) >> 1
      if (this.#written[middle]![1] < revision) low = middle + 1
      else high = middle
    }
    return (this.#written[low]?.[0] ?? Infinity) <= revision
  }

  /** Whether one can be read; nothing is done about it. */
  has({ text, revision }: Omit<TextRow, 'id'>): boolean {
    return this.knows(revision) || this.#fault(text) === null
  }

  /** Those that can be read. The others are set aside, as soon as that can be written. */
  async of<Row extends TextRow>(rows: readonly Row[]): Promise<Row[]> {
    const sound: Row[] = []
    let looked = 0
    for (const row of rows) {
      if (!this.knows(row.revision)) {
        if (++looked % AT_ONCE === 0) await setImmediate()
        const reason = this.#fault(row.text)
        if (reason !== null) {
          this.setAside(row, reason).catch((error: unknown) =>
            console.error(`${row.id} could not be set aside:`, error),
          )
          continue
        }
        this.#looked.add(row.revision)
      }
      sound.push(row)
    }
    return sound
  }

  #fault(text: string): string | null {
    let doc: unknown
    try {
      doc = JSON.parse(text)
    } catch (error) {
      return reasonOf(error as SyntaxError)
    }
    const found = this.schema.safeParse(doc)
    return found.success ? null : reasonOf(found.error)
  }
}

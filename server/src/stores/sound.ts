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
export class Sound {
  readonly #known = new Set<number>()

  constructor(
    private readonly schema: ZodType,
    private readonly setAside: (row: TextRow, reason: string) => Promise<void>,
  ) {}

  /** What was written at this revision is sound. */
  know(revision: number): void {
    this.#known.add(revision)
  }

  /** Whether one can be read; nothing is done about it. */
  has({ text, revision }: Omit<TextRow, 'id'>): boolean {
    return this.#known.has(revision) || this.#fault(text) === null
  }

  /** Those that can be read. The others are set aside, as soon as that can be written. */
  async of<Row extends TextRow>(rows: readonly Row[]): Promise<Row[]> {
    const sound: Row[] = []
    let looked = 0
    for (const row of rows) {
      if (!this.#known.has(row.revision)) {
        if (++looked % AT_ONCE === 0) await setImmediate()
        const reason = this.#fault(row.text)
        if (reason !== null) {
          this.setAside(row, reason).catch((error: unknown) =>
            console.error(`${row.id} could not be set aside:`, error),
          )
          continue
        }
        this.know(row.revision)
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

import { randomUUID } from 'node:crypto'
import { createReadStream } from 'node:fs'
import { type FileHandle, open, readdir, rm } from 'node:fs/promises'
import path from 'node:path'
import { linesOf } from './lines'
import { takingTurns } from './takingTurns'

const NAME = /^import-[\w-]+\.part$/
const READ_AT_ONCE = 262_144

/**
 * A thing as it waits: all but its text as JSON, a tab, and its text as it is, which as JSON has no tabs and line ends of
 * its own. To write a text of some thousand signs as a part of another one costs as much as to write it.
 */
export const stagedLine = ({ text = '', ...thing }: { id: string; text?: string }): string =>
  `${JSON.stringify(thing)}\t${text}\n`
const TAB = 9

function thingOf<Thing>(line: Uint8Array): Thing {
  const [bytes, tab] = [Buffer.from(line.buffer, line.byteOffset, line.byteLength), line.indexOf(TAB)]
  const thing = JSON.parse(bytes.toString('utf8', 0, tab)) as Thing
  return tab === bytes.length - 1 ? thing : { ...thing, text: bytes.toString('utf8', tab + 1) }
}

/** Things of a shop file waiting in a file of their own beside the database, a line each; none is in the shop yet. */
export class Staged<Thing> {
  private constructor(
    private readonly name: string,
    private readonly handle: FileHandle,
  ) {}

  static async open<Thing>(folder: string): Promise<Staged<Thing>> {
    const name = path.join(folder, `import-${randomUUID()}.part`)
    return new Staged<Thing>(name, await open(name, 'wx', 0o600))
  }

  /** Adds things as they were checked, a line each. */
  async add(lines: Uint8Array): Promise<void> {
    await this.handle.appendFile(lines)
  }

  /** All that was added, in its order. */
  async *all(): AsyncGenerator<Thing> {
    const giveTurn = takingTurns()
    const file = createReadStream(this.name, { highWaterMark: READ_AT_ONCE })
    for await (const line of linesOf(file)) {
      yield thingOf<Thing>(line)
      await giveTurn()
    }
  }

  async remove(): Promise<void> {
    await this.handle.close()
    await rm(this.name, { force: true })
  }
}

/** Takes away what an import left that was cut off by the end of the program. */
export async function clearStaged(folder: string): Promise<void> {
  for (const name of await readdir(folder)) if (NAME.test(name)) await rm(path.join(folder, name), { force: true })
}

import { randomUUID } from 'node:crypto'
import { createReadStream } from 'node:fs'
import { type FileHandle, open, readdir, rm } from 'node:fs/promises'
import path from 'node:path'
import { linesOf } from './lines'
import { takingTurns } from './takingTurns'

const NAME = /^import-[\w-]+\.part$/
const READ_AT_ONCE = 262_144

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

  /** Adds things as they were checked, a line of JSON each. */
  async add(lines: Uint8Array): Promise<void> {
    await this.handle.appendFile(lines)
  }

  /** All that was added, in its order. */
  async *all(): AsyncGenerator<Thing> {
    const giveTurn = takingTurns()
    const file = createReadStream(this.name, { highWaterMark: READ_AT_ONCE })
    for await (const line of linesOf(file)) {
      yield JSON.parse(Buffer.from(line.buffer, line.byteOffset, line.byteLength).toString('utf8')) as Thing
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

import { randomUUID } from 'node:crypto'
import { createReadStream } from 'node:fs'
import { type FileHandle, open, readdir, rm } from 'node:fs/promises'
import path from 'node:path'
import { linesOf } from './lines'
import { takingTurns } from './takingTurns'

const NAME = /^import-[\w-]+\.part$/
/** As much is gathered before it is written. */
const GATHERED = 200_000

/** A thing of a shop file that was read and checked. */
type Checked = { list: string; value: object }

/** Things of a shop file waiting in a file of their own beside the database, a line each; none is in the shop yet. */
export class Staged {
  #gathered = ''

  private constructor(
    private readonly name: string,
    private readonly handle: FileHandle,
  ) {}

  static async open(folder: string): Promise<Staged> {
    const name = path.join(folder, `import-${randomUUID()}.part`)
    return new Staged(name, await open(name, 'wx', 0o600))
  }

  async add(thing: Checked): Promise<void> {
    this.#gathered += `${JSON.stringify(thing)}\n`
    if (this.#gathered.length > GATHERED) await this.#write()
  }

  /** All that was added, in its order. */
  async *all(): AsyncGenerator<Checked> {
    await this.#write()
    const giveTurn = takingTurns()
    for await (const line of linesOf(createReadStream(this.name), Infinity)) {
      yield JSON.parse(line) as Checked
      await giveTurn()
    }
  }

  async remove(): Promise<void> {
    await this.handle.close()
    await rm(this.name, { force: true })
  }

  async #write(): Promise<void> {
    const text = this.#gathered
    this.#gathered = ''
    await this.handle.appendFile(text)
  }
}

/** Takes away what an import left that was cut off by the end of the program. */
export async function clearStaged(folder: string): Promise<void> {
  for (const name of await readdir(folder)) if (NAME.test(name)) await rm(path.join(folder, name), { force: true })
}

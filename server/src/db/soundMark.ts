import { closeSync, openSync, readFileSync, readSync, rmSync, statSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { z } from 'zod'

/** Where SQLite counts the changes of a file in its first page, and which of them its size is of. */
const COUNTERS: readonly (readonly [at: number, length: number])[] = [
  [24, 4],
  [92, 4],
]
const NAME = 'shop.sound.json'

const Mark = z.strictObject({ build: z.string(), revision: z.int(), file: z.string() })

/**
 * Up to which revision every document was known to be sound as this same build closed the file; 0 where that is not known,
 * as after a crash, or where anything has touched the file since. Asked once, as the file is opened: the mark is taken
 * away by it.
 *
 * @param build which program this is; an empty one trusts no mark
 */
export function takeSoundMark(folder: string, build: string): number {
  const name = path.join(folder, NAME)
  try {
    const read = Mark.parse(JSON.parse(readFileSync(name, 'utf8')))
    const same = build !== '' && read.build === build && read.file === signOf(path.join(folder, 'shop.db'))
    return same ? read.revision : 0
  } catch {
    return 0
  } finally {
    rmSync(name, { force: true })
  }
}

/** Notes it of a file that is closed. */
export function leaveSoundMark(folder: string, build: string, revision: number): void {
  if (build === '') return
  try {
    const mark = { build, revision, file: signOf(path.join(folder, 'shop.db')) }
    writeFileSync(path.join(folder, NAME), JSON.stringify(mark), { mode: 0o600 })
  } catch {
    // Without it documents are looked through again.
  }
}

/** By what a file that was written to is told from what it was. */
function signOf(file: string): string {
  const { size, mtimeMs, ino } = statSync(file)
  const handle = openSync(file, 'r')
  try {
    const counters = COUNTERS.map(([at, length]) => {
      const bytes = Buffer.alloc(length)
      readSync(handle, bytes, 0, length, at)
      return bytes.toString('hex')
    })
    // What was written and not put into the file yet lies beside it.
    const beside = statSync(`${file}-wal`, { throwIfNoEntry: false })?.size ?? 0
    return [size, mtimeMs, ino, beside, ...counters].join(' ')
  } finally {
    closeSync(handle)
  }
}

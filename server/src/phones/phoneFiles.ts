import {
  closeSync,
  existsSync,
  fsyncSync,
  mkdirSync,
  openSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  utimesSync,
  writeFileSync,
} from 'node:fs'
import path from 'node:path'
import { z } from 'zod'

const InFile = z.strictObject({ id: z.uuid(), name: z.string(), keyHash: z.string(), pairedAt: z.string() })
/** A phone that was let in. */
export type PairedPhone = z.infer<typeof InFile> & { lastSeenAt: string }

/** How far the shop's file had come when it was last looked at from here. */
const Seen = z.strictObject({ start: z.string(), revision: z.int() })
export type Seen = z.infer<typeof Seen>
const SEEN = 'seen.json'

/**
 * The phones that were let in, a file each in a folder beside the shop's file, not in it: to take a file away needs no
 * room on the disk, and no copy of the shop's file brings one back. When a phone was last here is its file's own time.
 */
export class PhoneFiles {
  private constructor(private readonly folder: string) {}

  /** Null where there is no such folder yet. */
  static open(folder: string): PhoneFiles | null {
    return existsSync(folder) ? new PhoneFiles(folder) : null
  }

  /** Begins the folder with what was kept elsewhere before, all of it or nothing. */
  static begin(folder: string, phones: readonly PairedPhone[], seen: Seen): PhoneFiles {
    const half = new PhoneFiles(`${folder}.part`)
    rmSync(half.folder, { recursive: true, force: true })
    mkdirSync(half.folder, { mode: 0o700 })
    for (const phone of phones) half.add(phone)
    half.see(seen)
    renameSync(half.folder, folder)
    return new PhoneFiles(folder)
  }

  /** All of them; what cannot be read lets nobody in. */
  all(): PairedPhone[] {
    const names = readdirSync(this.folder).filter((name) => name.endsWith('.json') && name !== SEEN)
    return names.flatMap((name) => {
      const file = path.join(this.folder, name)
      const read = InFile.safeParse(readJson(file))
      return read.success ? [{ ...read.data, lastSeenAt: statSync(file).mtime.toISOString() }] : []
    })
  }

  add({ lastSeenAt, ...phone }: PairedPhone): void {
    writeWhole(this.#fileOf(phone.id), JSON.stringify(phone))
    this.touch(phone.id, lastSeenAt)
  }

  remove(id: string): void {
    rmSync(this.#fileOf(id), { force: true })
    syncFolder(this.folder)
  }

  touch(id: string, at: string): void {
    utimesSync(this.#fileOf(id), new Date(at), new Date(at))
  }

  /** How far the shop's file had come; null where that is not known. */
  get seen(): Seen | null {
    return Seen.safeParse(readJson(path.join(this.folder, SEEN))).data ?? null
  }

  see(seen: Seen): void {
    writeWhole(path.join(this.folder, SEEN), JSON.stringify(seen))
  }

  #fileOf = (id: string): string => path.join(this.folder, `${id}.json`)
}

function readJson(file: string): unknown {
  try {
    return JSON.parse(readFileSync(file, 'utf8'))
  } catch {
    return null
  }
}

/** Whole under its name, and on the disk, or not at all. */
function writeWhole(file: string, text: string): void {
  const half = `${file}.part`
  try {
    writeFileSync(half, text, { mode: 0o600, flush: true })
    renameSync(half, file)
  } catch (error) {
    rmSync(half, { force: true })
    throw error
  }
  syncFolder(path.dirname(file))
}

/** What was named or taken away in a folder is so after a power cut too, where the system can do that. */
function syncFolder(folder: string): void {
  try {
    const handle = openSync(folder, 'r')
    fsyncSync(handle)
    closeSync(handle)
  } catch {
    // Not every system opens a folder.
  }
}

import { shopComputer as t } from '@thimble/language/en/shopComputer'
import type { Backups } from '@thimble/contract/log'
import { createWriteStream, mkdirSync } from 'node:fs'
import { readdir, rename, rm, stat } from 'node:fs/promises'
import { pipeline } from 'node:stream/promises'
import path from 'node:path'
import { fileFaultOf } from '../db/fileFault'
import type { ShopStore } from '../stores/shopStore'
import { backupBytes } from './writeBackup'

const NAME = /^shop-(\d{4}-\d\d-\d\d)\.zip$/
const KEPT = 7
/** After a change, so that a hand that types is not held up; and how much later one of the same day is written again. */
const [SOON_MS, AGAIN_MS] = [60_000, 6 * 3_600_000]

/**
 * A backup on every day the shop is used, taken by itself; seven are kept beside the shop. One of a day is overwritten
 * by a later one of that day.
 */
export class DailyBackups {
  readonly folder: string
  #problem: string | null = null
  #timer: NodeJS.Timeout | undefined
  #writing: Promise<void> | null = null
  readonly #deaf: () => void

  constructor(
    private readonly store: ShopStore,
    private readonly now: () => string,
    soonMs = SOON_MS,
  ) {
    this.folder = path.join(store.database.folder, 'backups')
    this.#deaf = store.database.revisions.listen(() => {
      if (store.database.revisions.ended) return this.stop()
      this.#timer ??= setTimeout(() => {
        this.#timer = undefined
        this.takeWhereDue().catch(() => undefined)
      }, soonMs).unref()
    })
  }

  stop(): void {
    clearTimeout(this.#timer)
    this.#deaf()
  }

  async list(): Promise<Backups> {
    const kept = await Promise.all(
      (await this.#names()).map(async (name) => {
        const { mtime, size } = await stat(path.join(this.folder, name))
        return { name, at: mtime.toISOString(), bytes: size }
      }),
    )
    return { folder: this.folder, kept, problem: this.#problem }
  }

  /** Where one of them lies; null for a name that is none of theirs. */
  async find(name: string): Promise<string | null> {
    return (await this.#names()).includes(name) ? path.join(this.folder, name) : null
  }

  /** Takes one where today has none yet, or an old one. */
  async takeWhereDue(): Promise<void> {
    const { kept } = await this.list()
    const [last] = kept
    const due = !last || last.name !== this.#nameNow() || Date.parse(this.now()) - Date.parse(last.at) > AGAIN_MS
    if (due) await this.take()
  }

  /** Takes one now; why it could not be is said with the list of them. */
  async take(): Promise<void> {
    this.#writing ??= this.#write().finally(() => (this.#writing = null))
    await this.#writing
  }

  #nameNow = (): string => `shop-${this.now().slice(0, 10)}.zip`

  async #write(): Promise<void> {
    const file = path.join(this.folder, this.#nameNow())
    const half = `${file}.part`
    try {
      mkdirSync(this.folder, { recursive: true, mode: 0o700 })
      await pipeline(backupBytes(this.store, this.now()), createWriteStream(half, { mode: 0o600 }))
      await rename(half, file)
      for (const old of (await this.#names()).slice(KEPT)) await rm(path.join(this.folder, old), { force: true })
      this.#problem = null
    } catch (error) {
      await rm(half, { force: true }).catch(() => undefined)
      const full = fileFaultOf(error) === 'full' ? t('the-disk-is-full-free') : ''
      this.#problem = t('the-backup-of-couldnt-be', { now: this.now().slice(0, 10), full })
    }
  }

  /** The latest first. */
  async #names(): Promise<string[]> {
    const names = await readdir(this.folder).catch(() => [] as string[])
    return names.filter((name) => NAME.test(name)).sort((a, b) => b.localeCompare(a))
  }
}

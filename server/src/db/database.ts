import type { Db, Tx } from './connection'
import type { Revisions } from './revisions'

export type { Db, Tx }

/** Prepares a statement once, to be run at once as often as there is something to write by it. */
export type Prepare = (sql: string) => Promise<(values: readonly unknown[]) => void>

/** Takes its turn with every other write, in a transaction of its own; a large one may write the whole shop. */
export type Writes = {
  run<T>(work: (tx: Tx) => Promise<T>): Promise<T>
  runLarge<T>(work: (tx: Tx, prepare: Prepare) => Promise<T>): Promise<T>
  idle(): Promise<void>
}

/**
 * Up to which revision all documents were sound as the file was opened; `all`: every one of them is known to be now;
 * `faults`: how many were found that are not.
 */
export type Soundness = { readonly upTo: number; all: boolean; faults: number }

/**
 * A shop's database: read from `db`, written through `writes`, each change numbered by `revisions`. `standing` throws
 * FileGone when its file was taken away or replaced: what would be read and written then is nowhere.
 */
export type Database = {
  folder: string
  file: string
  db: Db
  writes: Writes
  revisions: Revisions
  soundness: Soundness
  assertFilePresent: () => void
  close: () => Promise<void>
}

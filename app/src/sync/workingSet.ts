import type { Piece } from '@thimble/contract'
import type { ChangedThing } from '@thimble/contract/answers'
import type { LogRow, ShopRecord } from '@thimble/contract/log'
import { type Urgency, urgencyOf } from '@thimble/plan'
import { isAtHand } from '../state/documentShape'
import { type DBSchema, type IDBPDatabase, openDB } from 'idb'
import { keyFor } from '../state/changeKeys'
import type { LocalWrites } from './conflicts'

/** Raised when records change their shape; what is there then is fetched again. */
const VERSION = 2

/** A document as the server last said it. `localWrites`: what this device wrote in it, to tell when another writes over it. */
export type HeldRecord = {
  collection: string
  id: string
  revision: number
  doc: object
  localWrites?: LocalWrites
  /** Written by this very program, so that it is as the schemas have it and they need not be asked. */
  ownWriting: boolean
}
/** As it lies there: as text, which a browser takes out twice as fast as an object; `by`: the program that wrote it. */
type Stored = Omit<HeldRecord, 'doc' | 'ownWriting' | 'localWrites'> & {
  text: string
  by: string
  urgency?: Urgency
  mine?: LocalWrites
}
/** How far this device has come, and in which history. */
export type Seen = { start: string; since: number }
type Head = { seen: Seen; records: HeldRecord[] }

interface Kept extends DBSchema {
  docs: { key: string; value: Stored; indexes: { urgency: Urgency } }
  /** The revision at which what is not held any more left, so that a late answer does not bring it back. */
  left: { key: string; value: number }
  seen: { key: string; value: Seen }
  log: { key: string; value: LogRow[] | ShopRecord }
}

/** Which build of the app this is, as the build wrote it into the page; none while it is served for development. */
const thisBuild = document.querySelector('meta[name="build"]')?.getAttribute('content') ?? ''

const ONLY = 'only'
const RECORD = 'record'
const CHUNK = 100

/** What this device holds of the shop: a record a document, in the browser's database. */
export class WorkingSet {
  private constructor(private readonly db: IDBPDatabase<Kept>) {}

  /** Null where the browser keeps no database for the page. */
  static async open(): Promise<WorkingSet | null> {
    try {
      const upgrade = (db: IDBPDatabase<Kept>): void => {
        for (const name of db.objectStoreNames) db.deleteObjectStore(name)
        for (const name of ['left', 'seen', 'log'] as const) db.createObjectStore(name)
        db.createObjectStore('docs').createIndex('urgency', 'urgency')
      }
      return new WorkingSet(await openDB<Kept>('zt.shelf', VERSION, { upgrade }))
    } catch {
      return null
    }
  }

  /**
   * What is shown first, in one reading: some collections whole, the most urgent pieces and those that are open, with
   * their designs. Null where nothing was ever told here to the end.
   */
  async head(whole: readonly string[], urgent: number, open: readonly string[]): Promise<Head | null> {
    const tx = this.db.transaction(['docs', 'seen'])
    const docs = tx.objectStore('docs')
    const [seen, pieces, opened, small] = await Promise.all([
      tx.objectStore('seen').get(ONLY),
      docs.index('urgency').getAll(null, urgent),
      Promise.all(open.map((id) => docs.get(keyFor('pieces', id)))),
      Promise.all(whole.map((name) => docs.getAll(within(name)))),
    ])
    const atHead = [...pieces, ...present(opened)].map(takenOut)
    const designIds = atHead.flatMap(({ doc }) => (doc as Piece).measure.designId ?? [])
    const designs = await Promise.all(designIds.map((id) => docs.get(keyFor('designs', id))))
    return seen
      ? { seen, records: [...small.flat().map(takenOut), ...atHead, ...present(designs).map(takenOut)] }
      : null
  }

  /** A large collection bit by bit, so that hands are not held up meanwhile. */
  async *inChunks(collection: string): AsyncGenerator<HeldRecord[]> {
    for (let range: IDBKeyRange | null = within(collection); range; ) {
      const records: HeldRecord[] = (await this.db.getAll('docs', range, CHUNK)).map(takenOut)
      yield records
      const last = records.at(-1)
      range =
        last && records.length === CHUNK
          ? IDBKeyRange.bound(keyFor(collection, last.id), keyFor(collection, '\uffff'), true)
          : null
    }
  }

  /** Writes what is newer than what is there, all in one; `seen`: as far as this device has come with it. */
  async write(things: readonly (ChangedThing & { localWrites?: LocalWrites })[], seen?: Seen): Promise<void> {
    const tx = this.db.transaction(['docs', 'left', 'seen'], 'readwrite')
    const [docs, left] = [tx.objectStore('docs'), tx.objectStore('left')]
    for (const { collection, id, revision, doc, localWrites } of things) {
      const key = keyFor(collection, id)
      const [known, gone] = await Promise.all([docs.get(key), left.get(key)])
      if (revision < Math.max(known?.revision ?? 0, gone ?? 0)) continue
      if (!doc || !isAtHand(collection, doc)) await Promise.all([docs.delete(key), left.put(revision, key)])
      else if (known?.revision !== revision || known.by !== thisBuild || localWrites)
        await docs.put(toStore({ collection, id, revision, doc, localWrites }), key)
    }
    if (seen) await tx.objectStore('seen').put(seen, ONLY)
    await tx.done
  }

  /** Forgets all: what is held belongs to another history. */
  async clear(): Promise<void> {
    const tx = this.db.transaction(['docs', 'left', 'seen', 'log'], 'readwrite')
    for (const name of tx.objectStoreNames) await tx.objectStore(name).clear()
    await tx.done
  }

  async log(): Promise<LogRow[]> {
    return ((await this.db.get('log', ONLY)) as LogRow[] | undefined) ?? []
  }

  async record(): Promise<ShopRecord | undefined> {
    return (await this.db.get('log', RECORD)) as ShopRecord | undefined
  }

  async keepRecord(record: ShopRecord): Promise<void> {
    await this.db.put('log', record, RECORD)
  }

  async keepLog(rows: LogRow[]): Promise<void> {
    await this.db.put('log', rows, ONLY)
  }
}

const toStore = ({ doc, localWrites, ...record }: Omit<HeldRecord, 'ownWriting'>): Stored => ({
  ...record,
  by: thisBuild,
  text: JSON.stringify(doc),
  ...(localWrites ? { mine: localWrites } : {}),
  ...(record.collection === 'pieces' ? { urgency: urgencyOf(doc as Piece) } : {}),
})

const takenOut = ({ text, by, urgency, mine, ...record }: Stored): HeldRecord => ({
  ...record,
  ...(mine ? { localWrites: mine } : {}),
  doc: JSON.parse(text) as object,
  ownWriting: thisBuild !== '' && by === thisBuild,
})

const present = <T>(list: readonly (T | undefined)[]): T[] => list.filter((one) => one !== undefined)

const within = (collection: string): IDBKeyRange =>
  IDBKeyRange.bound(keyFor(collection, ''), keyFor(collection, '\uffff'))

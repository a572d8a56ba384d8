import { type Account, accounts, type Document, type Machine, Movement, type Piece } from '@thimble/contract'
import type { Tx } from '../db/database'
import type { DocumentStore, Step } from '../stores/documentStore'
import { derivedId, fittedIn, takenBy, type Written } from './derivedMovements'
import { aheadOf, firstMoved, lastMoved, leftNow } from './leftNow'
import { isAtOnce, whenMade } from './whenMade'

type Stores = Readonly<Record<string, DocumentStore<Document>>>
type Stock = Document & Readonly<Record<string, unknown>>
type Of = { of: Account; ofId: string }
type Given = { before: Document | null; sentAt: string | undefined }

/** Before everything else that moved, or after it. */
const [BEFORE_MS, AFTER_MS] = [1, 1]
/** Further ahead than this lies only what was written under a clock that has been set back since. */
const AHEAD_MS = 60_000

/**
 * Keeps stock by its movements: whatever writes one, in the transaction of that, rewrites what is left of the thing
 * it moved. What a recorded piece took and what was fitted in a machine are movements that follow from those documents,
 * so that taking the record back takes them back.
 */
export class Ledger {
  /** What has still to be worked out again, while much is taken in at once. */
  #later: Map<string, Of> | null = null

  constructor(
    private readonly stores: Stores,
    private readonly now: () => string,
  ) {}

  /** While a file is taken in, what is left of each thing is worked out once, when all of it is there. */
  async atOnce(tx: Tx, takeIn: () => Promise<void>): Promise<void> {
    const later = new Map<string, Of>()
    this.#later = later
    try {
      await takeIn()
    } finally {
      this.#later = null
    }
    for (const one of later.values()) {
      await this.#open(tx, one)
      await this.#settle(tx, one)
    }
  }

  /** Whether it is worked out later, with all that is taken in. */
  putOff({ of, ofId }: Of): boolean {
    this.#later?.set(`${of}/${ofId}`, { of, ofId })
    return this.#later !== null
  }

  /** After a movement was written, taken away or brought back. */
  async followMovement(tx: Tx, { before, after }: Step<Movement>): Promise<void> {
    const movement = after ?? before
    if (!movement) return
    if (this.putOff(movement)) return
    if (movement.kind !== 'opened') await this.#open(tx, movement)
    await this.#settle(tx, movement)
  }

  /** After a piece was written: what its record took is what the ledger says it took. One that is removed was sewn all the same. */
  async followPiece(tx: Tx, { before, after, sentAt }: Step<Piece>): Promise<void> {
    if (after) await this.#become(tx, takenBy(before), takenBy(after), sentAt)
  }

  /** After a machine was written: what is fitted in it started over; going back to what was in it before takes that back. */
  async followMachine(tx: Tx, step: Step<Machine>): Promise<void> {
    const [before, after] = [fittedIn(step.before), fittedIn(step.after)]
    const older = (one: Written): boolean => after.some(({ of, at }) => of === one.of && at > one.at)
    if (step.after)
      await this.#become(
        tx,
        before.filter((one) => !older(one)),
        after,
        step.sentAt,
      )
    await this.followStock('machines', tx, step)
  }

  /** After a thing of the stash was written: a number that somebody typed over what the ledger says is a count. */
  async followStock(collection: string, tx: Tx, { id, before, after }: Step<Document>): Promise<void> {
    if (!after) return
    for (const { of, field } of accountsOf(collection)) {
      // What moved of it may have come before it, as with a file.
      if (!before && !this.putOff({ of, ofId: id }) && (await firstMoved(tx, of, id)))
        await this.#open(tx, { of, ofId: id })
      // What a file says is no count: its ledger comes with it.
      if (this.#later) continue
      const [was, given] = [(before as Stock | null)?.[field], (after as Stock)[field]]
      // What an older program wrote does not have the field yet.
      if (!before || was === undefined || given === was || typeof given !== 'number') continue
      if ((await leftNow(tx, of, id)) === given) continue
      const at = this.now()
      await this.#open(tx, { of, ofId: id }, was as number | null)
      const by = derivedId('typed', id, of, String(after.revision))
      await this.#write(tx, { ...counted(of, after, given), id: by, at, kind: 'corrected' })
    }
  }

  /** A movement as a device sends it, at its time by this computer's clock, among what moved of the same thing. */
  async movementInTime(tx: Tx, movement: Movement, { before, sentAt }: Given): Promise<Movement> {
    if (before) return movement
    return { ...movement, createdAt: await this.#timeOf(tx, { ...movement, at: movement.createdAt }, sentAt) }
  }

  /**
   * A machine as a device sends it: what was fitted this moment is fitted now. An older time may be that of a needle one
   * goes back to, and stays.
   */
  machineInTime(machine: Machine, before: Machine | null, sentAt: string | undefined): Machine {
    const set = <Part extends { since: string }>(part: Part | null, was: Part | null | undefined): Part | null =>
      part && part.since !== was?.since && isAtOnce(part.since, sentAt) ? { ...part, since: this.now() } : part
    return { ...machine, needle: set(machine.needle, before?.needle), bobbin: set(machine.bobbin, before?.bobbin) }
  }

  /**
   * A document as it comes from a file: what is left of a thing of the stash is what the ledger here says, where there is
   * one, and no movement lies ahead.
   */
  async asKept(tx: Tx, collection: string, doc: Document): Promise<Document> {
    if (collection === 'movements') return { ...doc, createdAt: whenMade(doc.createdAt, undefined, this.now()) }
    const so: Record<string, unknown> = {}
    for (const { of, field } of accountsOf(collection)) {
      const left = await leftNow(tx, of, doc.id)
      if (left !== undefined && (await this.#isOpen(tx, { of, ofId: doc.id }))) so[field] = left
    }
    return { ...doc, ...so }
  }

  async #become(tx: Tx, before: readonly Written[], after: readonly Written[], sentAt?: string): Promise<void> {
    for (const { id } of before) if (!after.some((one) => one.id === id)) await this.#takeBack(tx, id)
    for (const one of after) await this.#write(tx, one, sentAt)
  }

  /**
   * Its time among what moved of the same thing: what arrives now lies after all that arrived before, whatever the clock
   * said then.
   */
  async #timeOf(tx: Tx, { of, ofId, at }: Of & { at: string }, sentAt?: string): Promise<string> {
    const now = this.now()
    const made = whenMade(at, sentAt, now)
    if (this.#later) return made
    await this.#pullBack(tx, { of, ofId }, now)
    const last = made === now ? await lastMoved(tx, of, ofId) : null
    return last !== null && last >= now ? later(last, AFTER_MS) : made
  }

  /** What lies ahead came before what comes now: it is put there, in the order it had. */
  async #pullBack(tx: Tx, { of, ofId }: Of, now: string): Promise<void> {
    const ahead = await aheadOf(tx, of, ofId, later(now, AHEAD_MS))
    if (ahead.length === 0) return
    const last = (await lastMoved(tx, of, ofId, later(now, AHEAD_MS))) ?? ''
    let at = last > now ? last : now
    const movements = this.stores.movements!
    for (const id of ahead) {
      const row = await movements.findIn(tx, id)
      at = later(at, AFTER_MS)
      await movements.put(tx, { ...row!.doc, createdAt: at }, { row })
    }
  }

  /** A ledger whose opening was removed, as by a backup put back from before it, is not open. */
  #isOpen = async (tx: Tx, { of, ofId }: Of): Promise<boolean> =>
    (await this.stores.movements!.findIn(tx, openedId(of, ofId)))?.deletedAt === null

  /** Begins the ledger of a thing, before all that moved of it, with what was said to be there. */
  async #open(tx: Tx, { of, ofId }: Of, said?: number | null): Promise<void> {
    const { collection, field } = accounts[of]
    if (await this.#isOpen(tx, { of, ofId })) return
    if (!(await firstMoved(tx, of, ofId)) && said === undefined) return
    const stock = (await this.stores[collection]!.findIn(tx, ofId))?.doc as Stock | undefined
    if (!stock) return
    const left = said === undefined ? ((stock[field] ?? nothing(of)) as number | null) : said
    const moved = (await firstMoved(tx, of, ofId)) ?? stock.createdAt
    const first = stock.createdAt < moved ? stock.createdAt : moved
    const at = later(whenMade(first, undefined, this.now()), -BEFORE_MS)
    await this.#write(tx, { ...counted(of, stock, left), id: openedId(of, ofId), at, kind: 'opened' })
  }

  async #settle(tx: Tx, { of, ofId }: Of): Promise<void> {
    const { collection, field } = accounts[of]
    const [store, left] = [this.stores[collection]!, await leftNow(tx, of, ofId)]
    const row = await store.findIn(tx, ofId)
    if (!row || left === undefined || (row.doc as Stock)[field] === left) return
    await store.put(tx, { ...row.doc, [field]: left, updatedAt: this.now() }, { row, deletedAt: row.deletedAt })
  }

  /** Writes a movement, or writes it over where it says something else; the time it first had stays its own. */
  async #write(tx: Tx, { at, ...said }: Written, sentAt?: string): Promise<void> {
    const movements = this.stores.movements!
    const row = await movements.findIn(tx, said.id)
    const opens = said.kind === 'opened'
    const known = row && !(opens && row.deletedAt !== null) ? row.doc.createdAt : null
    const createdAt = known ?? (opens ? at : await this.#timeOf(tx, { ...said, at }, sentAt))
    const times = { createdAt, updatedAt: this.now() }
    const doc = Movement.parse({ ...said, ...times, revision: 0 })
    if (row && row.deletedAt === null && isAlike(row.doc as Movement, doc)) return
    await movements.put(tx, doc, { row })
  }

  async #takeBack(tx: Tx, id: string): Promise<void> {
    const row = await this.stores.movements!.findIn(tx, id)
    if (row?.deletedAt === null) await this.stores.movements!.put(tx, row.doc, { row, deletedAt: this.now() })
  }
}

/** What is there of a thing that says nothing of it. */
const nothing = (of: Account): 0 | null => (accounts[of].unknown ? null : 0)

/** An instant so many milliseconds later. */
const later = (at: string, ms: number): string => new Date(Date.parse(at) + ms).toISOString()

const openedId = (of: Account, ofId: string): string => derivedId('opened', ofId, of)

const accountsOf = (collection: string) =>
  (Object.keys(accounts) as Account[])
    .filter((of) => accounts[of].collection === collection)
    .map((of) => ({ of, field: accounts[of].field }))

const counted = (of: Account, { id: ofId, name }: Document, found: number | null) => ({
  ...{ of, ofId, name, found },
  ...{ amount: 0, piece: null, factor: 1, note: '' },
})

const isAlike = (a: Movement, b: Movement): boolean =>
  a.amount === b.amount && a.found === b.found && a.factor === b.factor && a.name === b.name

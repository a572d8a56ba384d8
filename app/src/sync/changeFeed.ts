import type { Piece } from '@thimble/contract'
import type { ChangedThing, Changes } from '@thimble/contract/answers'
import type { LogRow, ShopRecord } from '@thimble/contract/log'
import { ask, Away, Refused } from '@/http/client'
import { tellAway } from './away'
import { tellQueue, waitingChanges } from './deviceOutbox'
import { replaceDocuments, receiveDocuments } from './deviceCopy'
import { complete, logArrived, recordArrived, documentsReceived } from '../state/documents'
import { store } from '../state/store'
import type { Seen, WorkingSet } from './workingSet'

const RETRY_MS = 1500
const PAGE = 200
const LOG_PAGE = 100

/** How far this tab has come; null while it has never been told all. */
let seen: Seen | null = null
let asking: Promise<void> | null = null
let askAgain = false
let retry: ReturnType<typeof setTimeout> | undefined
/** Until this device has shown what it holds, it does not know from where to ask. */
let started = false

export const startFrom = (known: Seen): void => void (seen = known)

/** From now on changes are asked for. */
export function startAsking(): void {
  started = true
  void askForChanges()
}

/** What was sent from here came to this revision: nobody need ask for it, if it is the next. */
export function answered(revision: number): void {
  if (seen?.since === revision - 1) seen = { ...seen, since: revision }
}

/** Whether what the server wrote at a revision has been told here. */
export const hasSeen = (revision: number, start: string): boolean => seen?.start === start && seen.since >= revision

/** Asks for all that has changed, one asking at a time; while the server is away it tries again by itself. */
export async function askForChanges(): Promise<void> {
  if (!started) return
  if (asking) {
    askAgain = true
    return
  }
  clearTimeout(retry)
  asking = untilTold()
  await asking
  asking = null
  if (!askAgain) return
  askAgain = false
  void askForChanges()
}

async function untilTold(): Promise<void> {
  try {
    if (seen) await pageOn(seen)
    else await tellAll(store.getState().shelf.loaded)
    store.dispatch(complete())
    tellQueue({ connection: 'here' })
  } catch (error) {
    tellAway(error)
    if (error instanceof Away && error.out) await forgetShop()
    clearTimeout(retry)
    retry = setTimeout(() => void askForChanges(), RETRY_MS)
  }
}

/** A phone that was turned out keeps nothing of the shop, but for what was typed here and is not sent. */
async function forgetShop(): Promise<void> {
  if (!seen) return
  seen = null
  logAsked = false
  store.dispatch(logArrived([]))
  await replaceDocuments([], { start: '', since: 0 })
}

async function pageOn(from: Seen): Promise<void> {
  for (let at: Seen = from; ; ) {
    const page = await ask<Changes>(`/changes?since=${at.since}&start=${at.start}&limit=${PAGE}`)
    if (page.anew) return tellAll(true)
    at = { start: page.start, since: page.next }
    if (page.changes.length > 0) await receiveDocuments(page.changes, at)
    seen = at
    if (page.next >= page.last) return
  }
}

/**
 * All that a device has to hold. What changes meanwhile is asked for afterwards, from where this began, as a piece
 * may be finished that an earlier page had in work. `anew`: in place of what is shown; else page by page.
 */
async function tellAll(anew: boolean): Promise<void> {
  const all: ChangedThing[] = []
  let until: Seen | null = null
  for (let since = 0; ; ) {
    const page: Changes = await ask<Changes>(`/changes?since=${since}&held=true&limit=${PAGE}`)
    until ??= { start: page.start, since: page.last }
    if (anew) all.push(...page.changes)
    else await receiveDocuments(page.changes)
    since = page.next
    if (since >= page.last) break
  }
  await (anew ? replaceDocuments(all, until) : receiveDocuments([], until))
  if (anew && logAsked) {
    logAsked = false
    void fetchLog(null)
  }
  seen = until
  return pageOn(until)
}

/** Fetches one piece, for links straight to a finished one. */
export async function openPiece(id: string): Promise<'found' | 'missing'> {
  try {
    const doc = await ask<Piece>(`/pieces/${id}`)
    const thing: ChangedThing = { collection: 'pieces', id, revision: doc.revision, doc, concurrentWrites: null }
    store.dispatch(documentsReceived({ things: [thing], waiting: waitingChanges(), opened: true }))
    return 'found'
  } catch (error) {
    return error instanceof Refused && error.status === 404 && !store.getState().shelf.docs.pieces[id]
      ? 'missing'
      : 'found'
  }
}

let logAsked = false

/** Fetches the newest of the log, once; changes to it are told. */
export async function fetchLog(held: WorkingSet | null): Promise<void> {
  if (logAsked) return
  logAsked = true
  const known = (await held?.log().catch(() => [])) ?? []
  if (known.length > 0) store.dispatch(logArrived(known))
  try {
    const rows = await ask<LogRow[]>(`/log?limit=${LOG_PAGE}`)
    store.dispatch(logArrived(rows))
    await held?.keepLog(rows).catch(() => undefined)
  } catch {
    logAsked = false
  }
}

/** What the log said to plans when it was last asked. Where nothing is known they go by the rules alone. */
export async function recallRecord(held: WorkingSet): Promise<void> {
  const known = await held.record().catch(() => undefined)
  if (known) store.dispatch(recordArrived(known))
}

/** The same as it is now; what was known stands while the server is away. */
export async function fetchRecord(held: WorkingSet | null): Promise<void> {
  const record = await ask<ShopRecord>('/log/record').catch(() => null)
  if (!record) return
  store.dispatch(recordArrived(record))
  await held?.keepRecord(record).catch(() => undefined)
}

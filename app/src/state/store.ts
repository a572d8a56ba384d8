import { configureStore } from '@reduxjs/toolkit'
import {
  type CollectionName,
  collectionNames,
  type DesignCard,
  type Docs,
  type LogRow,
  type Patch,
  type Piece,
  type Shop,
} from '@thimble/contract'
import { useDispatch, useSelector } from 'react-redux'
import { ask, Away, Refused } from '@/http/client'
import { deviceStorage, keepsNothing } from './deviceStorage'
import { forgetRemembered, recall, remember } from './memory'
import { upgradeOutbox } from './upgradeOutbox'
import { type Change, type NotKept, Outbox } from './outbox'
import { sendChange } from './sendChange'
import { arrived, changed, connected, noticed, olderArrived, opened, remembered, removed, shelf } from './shelf'

export const store = configureStore({
  reducer: { shelf: shelf.reducer },
  middleware: (base) => base({ immutableCheck: false, serializableCheck: false }),
})
export type RootState = ReturnType<typeof store.getState>
export const useShelf = <T>(pick: (state: RootState['shelf']) => T): T =>
  useSelector((state: RootState) => pick(state.shelf))
export const useSend = () => useDispatch<typeof store.dispatch>()

const storage = deviceStorage
const tab = crypto.randomUUID().slice(0, 8)
const outbox = new Outbox(
  storage,
  () => Date.now(),
  tab,
  () => forgetRemembered(storage),
)
const waitingChanges = (): Change[] => outbox.waiting().map((w) => w.change)
export const LOG_PAGE = 100
const RETRY_MS = 1500
let timer: ReturnType<typeof setTimeout> | null = null
let flushing = false

/** Other tabs of this device: what is changed here shows there at once, as they share what is sent. */
const tabs = globalThis.BroadcastChannel ? new BroadcastChannel('zt.changes') : null

/** Answers that are awaited, each with what has been changed since it was asked for: it may know nothing of that. */
const awaited = new Set<Change[]>()

function show(made: Change): void {
  for (const since of awaited) since.push(made)
  store.dispatch(changed(made))
}

/** Asks, and hands over what to lay over the answer: all that was on its way then, has been changed since, or is now. */
async function askBehind<T>(asking: () => Promise<T>): Promise<{ answer: T; over: Change[] }> {
  const since = waitingChanges()
  awaited.add(since)
  try {
    const answer = await asking()
    return { answer, over: [...since, ...waitingChanges()] }
  } finally {
    awaited.delete(since)
  }
}

/** Applies a change on the screen, keeps it on the device, and sends it on its way. */
function change(made: Change): void {
  const stored = outbox.add(made)
  if (!stored) store.dispatch(noticed('This device has no room left: keep this page open until it says “saved”.'))
  show(made)
  tabs?.postMessage(made)
  tellQueue()
  schedule(stored ? 250 : 0)
}

export const patch = <Name extends CollectionName>(resource: Name, id: string, body: Patch<Docs[Name]>): void =>
  change({ kind: 'patch', resource, id, body } as Change)
export const create = <Name extends CollectionName>(resource: Name, doc: Docs[Name]): void =>
  change({ kind: 'put', resource, id: doc.id, body: doc } as Change)
export const patchShop = (body: Patch<Shop>): void => change({ kind: 'shop', body })

/** A card with the design it stands for, which has to be kept on the device already. */
export function createWithDesign(card: DesignCard): void {
  create('designs', card)
  change({ kind: 'packed', resource: 'designs', id: card.id })
}

/** Removes with a way back: the undo bar brings it back. */
export function remove(resource: CollectionName, id: string, name: string): void {
  change({ kind: 'delete', resource, id })
  store.dispatch(removed({ resource, id, name }))
}

export function bringBack(): void {
  const { undo } = store.getState().shelf
  if (!undo) return
  change({ kind: 'restore', resource: undo.resource, id: undo.id })
  store.dispatch(removed(null))
}

function tellQueue(state: { connection?: 'here' | 'away'; trouble?: string | null } = {}): void {
  store.dispatch(connected({ ...state, waiting: outbox.size, notKept: outbox.refused() }))
}

function schedule(delay: number): void {
  if (timer) clearTimeout(timer)
  timer = setTimeout(() => void flush(), delay)
}

/** Sends what waits, oldest first, one tab at a time; stops and tries again later when the server is away. */
async function flush(): Promise<void> {
  if (flushing) return
  flushing = true
  try {
    if (navigator.locks) await navigator.locks.request('zt.outbox', sendAll)
    else await sendAll()
  } finally {
    flushing = false
  }
}

async function sendAll(): Promise<void> {
  let sent = 0
  for (let next = outbox.startNext(); next; next = outbox.startNext()) {
    try {
      await sendChange(next.change)
      outbox.forget(next)
      sent++
    } catch (error) {
      if (error instanceof Refused) {
        outbox.refuse(next, error.says)
        tellQueue()
        continue
      }
      tellAway(error)
      schedule(RETRY_MS)
      return
    }
  }
  tellQueue(sent > 0 ? { connection: 'here' } : {})
  remember(storage, store.getState().shelf)
}

function tellAway(error: unknown): void {
  const trouble = error instanceof Away ? error.trouble : null
  tellQueue({ connection: 'away', trouble })
}

/** What is fetched of a collection at a start: pieces in work, and all of the others. */
const listOf = (name: CollectionName): string => (name === 'pieces' ? '/pieces?state=bench' : `/${name}?`)
const PAGE = 500

/** All of a list, page by page: what is not on the device would be taken for not there. */
async function askAll(list: string): Promise<object[]> {
  const all: object[] = []
  for (;;) {
    const page = await ask<object[]>(`${list}&limit=${PAGE}&offset=${all.length}`)
    all.push(...page)
    if (page.length < PAGE) return all
  }
}

/** Fetches everything the five places show; on failure the remembered shelf stays and it tries again. */
async function refresh(): Promise<void> {
  try {
    const { answer, over } = await askBehind(() =>
      Promise.all([
        ask<Shop>('/shop'),
        ask<LogRow[]>(`/log?limit=${LOG_PAGE}`),
        ...collectionNames.map(async (name) => [name, await askAll(listOf(name))] as const),
      ]),
    )
    const [shop, log, ...lists] = answer
    store.dispatch(arrived({ docs: Object.fromEntries(lists), shop, log, over }))
    tellQueue({ connection: 'here' })
    remember(storage, store.getState().shelf)
  } catch (error) {
    tellAway(error)
    setTimeout(() => void refresh(), RETRY_MS)
  }
  if (outbox.size > 0) schedule(0)
}

/** Fetches one piece, for links straight to a finished one. */
export async function openPiece(id: string): Promise<'found' | 'missing'> {
  try {
    const { answer, over } = await askBehind(() => ask<Piece>(`/pieces/${id}`))
    store.dispatch(opened({ doc: answer, over }))
    return 'found'
  } catch (error) {
    return error instanceof Refused && error.status === 404 && !store.getState().shelf.docs.pieces[id]
      ? 'missing'
      : 'found'
  }
}

/** Fetches the log rows before the oldest known; resolves to whether there may be more. */
export async function fetchOlder(before: string): Promise<boolean> {
  try {
    const rows = await ask<LogRow[]>(`/log?limit=${LOG_PAGE}&before=${encodeURIComponent(before)}`)
    store.dispatch(olderArrived(rows))
    return rows.length === LOG_PAGE
  } catch {
    store.dispatch(noticed('Older pieces cannot be fetched now; the server is away.'))
    return true
  }
}

/** Sends a change again that was refused before. */
export function sendAgain(refused: NotKept): void {
  outbox.sendAgain(refused)
  tellQueue()
  schedule(0)
}

/** Throws a refused change away: what the server has then stands. */
export function letGo({ key }: NotKept): void {
  outbox.letGo(key)
  tellQueue()
  void refresh()
}

export function startShelf(): void {
  upgradeOutbox(storage)
  const known = recall(storage)
  if (known) store.dispatch(remembered(known))
  for (const waiting of waitingChanges()) store.dispatch(changed(waiting))
  if (keepsNothing)
    store.dispatch(noticed('This browser keeps nothing for this page: what is not “saved” is lost when it is closed.'))
  tabs?.addEventListener('message', ({ data }: MessageEvent<Change>) => show(data))
  // Another tab of this device has added or sent something.
  window.addEventListener('storage', () => tellQueue())
  window.addEventListener('online', () => void refresh())
  document.addEventListener('visibilitychange', () => document.visibilityState === 'visible' && schedule(0))
  void refresh()
}

import { configureStore } from '@reduxjs/toolkit'
import type { Design, Hoop, LogRow, Piece, SavedItem, Shop, Supply, Thread } from '@thimble/contract'
import { useDispatch, useSelector } from 'react-redux'
import { Away, read, Refused, send } from './api'
import { recall, remember } from './memory'
import { type Change, Outbox } from './outbox'
import { type Docs, type Resource } from './resources'
import { arrived, changed, connected, noticed, older, opened, remembered, removed, shelf } from './shelf'

export const store = configureStore({
  reducer: { shelf: shelf.reducer },
  middleware: (base) => base({ immutableCheck: false, serializableCheck: false }),
})
export type RootState = ReturnType<typeof store.getState>
export const useShelf = <T>(pick: (state: RootState['shelf']) => T): T =>
  useSelector((state: RootState) => pick(state.shelf))
export const useSend = () => useDispatch<typeof store.dispatch>()

const storage = globalThis.localStorage
const outbox = new Outbox(storage, () => Date.now())
const over = (): Change[] => outbox.waiting().map((w) => w.change)
export const LOG_PAGE = 100
const RETRY_MS = 1500
let timer: ReturnType<typeof setTimeout> | null = null
let flushing = false

/** Applies a change on the screen, keeps it on the device, and sends it on its way. */
export function make(change: Change): void {
  try {
    outbox.add(change)
  } catch {
    store.dispatch(noticed('This device has no room left to keep what you type: free some space before you go on.'))
  }
  store.dispatch(changed(change))
  store.dispatch(connected({ waiting: outbox.size }))
  schedule(250)
}

export const patch = (resource: Resource, id: string, body: object): void => make({ kind: 'patch', resource, id, body })
export const create = <R extends Resource>(resource: R, doc: Docs[R]): void =>
  make({ kind: 'put', resource, id: doc.id, body: doc })

/** A design with its drawing, which has to be kept on the device already. */
export function createDrawn(design: Design): void {
  create('designs', design)
  make({ kind: 'drawing', resource: 'designs', id: design.id })
}

/** Removes with a way back: the undo bar brings it back. */
export function remove(resource: Resource, id: string, name: string): void {
  make({ kind: 'delete', resource, id })
  store.dispatch(removed({ resource, id, name }))
}

export function bringBack(): void {
  const { undo } = store.getState().shelf
  if (!undo) return
  make({ kind: 'restore', resource: undo.resource, id: undo.id })
  store.dispatch(removed(null))
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
    await navigator.locks.request('zt.outbox', sendAll)
  } finally {
    flushing = false
  }
}

async function sendAll(): Promise<void> {
  let sent = 0
  for (let next = outbox.next(); next; next = outbox.next()) {
    try {
      await send(next.change)
      outbox.done(next.key)
      sent++
    } catch (error) {
      if (error instanceof Refused) {
        outbox.refuse(next, error.message)
        store.dispatch(noticed(`Not kept: ${error.message}`))
        continue
      }
      const text = error instanceof Away ? error.message : String(error)
      if (/disk is full/.test(text)) store.dispatch(noticed(text))
      store.dispatch(connected({ connection: 'away', waiting: outbox.size }))
      schedule(RETRY_MS)
      return
    }
  }
  store.dispatch(connected({ ...(sent > 0 ? { connection: 'here' } : {}), waiting: outbox.size }))
  remember(storage, store.getState().shelf)
}

/** Fetches everything the five places show; on failure the remembered shelf stays and it tries again. */
export async function refresh(): Promise<void> {
  try {
    const [shop, pieces, hoops, supplies, threads, designs, items, log] = await Promise.all([
      read<Shop>('/shop'),
      read<Piece[]>('/pieces?state=bench&limit=200'),
      read<Hoop[]>('/hoops'),
      read<Supply[]>('/supplies'),
      read<Thread[]>('/threads'),
      read<Design[]>('/designs'),
      read<SavedItem[]>('/items'),
      read<LogRow[]>(`/log?limit=${LOG_PAGE}`),
    ])
    store.dispatch(arrived({ docs: { pieces, hoops, supplies, threads, designs, items }, shop, log, over: over() }))
    store.dispatch(connected({ connection: 'here', waiting: outbox.size }))
    remember(storage, store.getState().shelf)
  } catch {
    store.dispatch(connected({ connection: 'away', waiting: outbox.size }))
    setTimeout(() => void refresh(), RETRY_MS)
  }
  if (outbox.size > 0) schedule(0)
}

/** Fetches one piece, for links straight to a finished one. */
export async function openPiece(id: string): Promise<'found' | 'missing'> {
  try {
    store.dispatch(opened({ doc: await read<Piece>(`/pieces/${id}`), over: over() }))
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
    const rows = await read<LogRow[]>(`/log?limit=${LOG_PAGE}&before=${encodeURIComponent(before)}`)
    store.dispatch(older(rows))
    return rows.length === LOG_PAGE
  } catch {
    store.dispatch(noticed('Older pieces cannot be fetched now; the server is away.'))
    return true
  }
}

export function begin(): void {
  const known = recall(storage)
  if (known) store.dispatch(remembered(known))
  for (const change of over()) store.dispatch(changed(change))
  window.addEventListener('online', () => void refresh())
  document.addEventListener('visibilitychange', () => document.visibilityState === 'visible' && schedule(0))
  void refresh()
}

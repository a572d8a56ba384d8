import { program as t } from '@thimble/language/en/program'
import type { CollectionName, DesignCard, Docs, Order, Patch, Piece, Shop } from '@thimble/contract'
import { Refused } from '@/http/client'
import { tellAway } from './away'
import { keyFor, keyOf } from '../state/changeKeys'
import { outbox, tellQueue, waitingChanges } from './deviceOutbox'
import { takeAnswer } from './deviceCopy'
import type { Change, RefusedChange } from '../state/change'
import { sendChange } from './sendChange'
import { changed, droppedChange, noticed, undoable } from '../state/documents'
import { store } from '../state/store'
import { answered } from './changeFeed'
import { tellTabs } from './tabs'
import { wayBack } from '../state/wayBack'

const RETRY_MS = 1500
const PAUSE_MS = 250
const REMOVED_MEANWHILE = 410
let timer: ReturnType<typeof setTimeout> | null = null
let flushing = false

/** Applies a change on the screen, keeps it on the device, and sends it on its way. */
function change(made: Change): void {
  const stored = outbox.add(made)
  if (!stored) store.dispatch(noticed(t('this-device-is-full-keep')))
  store.dispatch(changed(made))
  tellTabs({ kind: 'made', change: made })
  tellQueue()
  sendSoon(stored ? PAUSE_MS : 0)
}

export function patch<Name extends CollectionName>(resource: Name, id: string, body: Patch<Docs[Name]>): void {
  const seen = (store.getState().shelf.docs[resource] as Record<string, { revision: number }>)[id]?.revision
  change({ kind: 'patch', resource, id, body, ...(seen ? { seen } : {}) } as Change)
}
export const create = <Name extends CollectionName>(resource: Name, doc: Docs[Name]): void =>
  change({ kind: 'put', resource, id: doc.id, body: doc } as Change)
export const patchShop = (body: Patch<Shop>): void => change({ kind: 'shop', body })

/** A card with the design it stands for, which has to be kept on the device already. */
export function createWithDesign(card: DesignCard): void {
  create('designs', card)
  change({ kind: 'packed', resource: 'designs', id: card.id })
}

/** A photo that is kept on the device already, on its way to the server. */
export const sendPhoto = (resource: 'pieces' | 'swatches', id: string): void => change({ kind: 'photo', resource, id })

/** Removes with a way back: the undo bar brings it back. */
export function remove(resource: CollectionName, id: string, name: string): void {
  change({ kind: 'delete', resource, id })
  store.dispatch(undoable({ says: t('removed', { name }), back: [{ kind: 'restore', resource, id }] }))
}

export const restore = (resource: CollectionName, id: string): void => change({ kind: 'restore', resource, id })

export function bringBack(): void {
  const { undo } = store.getState().shelf
  if (!undo) return
  undo.back.forEach(change)
  store.dispatch(undoable(null))
}

/** Changes an order with a way back for a while, as where something is taken out of it. */
export function patchOrderUndoably(id: string, body: Patch<Order>, says: string): void {
  const order = store.getState().shelf.docs.orders[id]
  if (!order) return
  const undo = wayBack(order as unknown as Record<string, unknown>, body as Record<string, unknown>)
  patch('orders', id, body)
  store.dispatch(undoable({ says, back: [{ kind: 'patch', resource: 'orders', id, body: undo as Patch<Order> }] }))
}

/** Changes pieces alike, as those on one item, with a way back for a while; `also`: what has to be taken back with it. */
export function patchUndoably(
  ids: readonly string[],
  body: (id: string) => Patch<Piece> | null,
  says: string,
  also: readonly Change[] = [],
): void {
  const { pieces } = store.getState().shelf.docs
  const back = ids.flatMap((id): Change[] => {
    const [piece, made] = [pieces[id], body(id)]
    if (!piece || !made) return []
    const undo = wayBack(piece as unknown as Record<string, unknown>, made as Record<string, unknown>)
    return [{ kind: 'patch', resource: 'pieces', id, body: undo as Patch<Piece> } as Change]
  })
  for (const id of ids) {
    const made = body(id)
    if (made) patch('pieces', id, made)
  }
  store.dispatch(undoable({ says, back: [...back, ...also] }))
}

/** Sends a change again that was refused or overtaken before. */
export function sendAgain(refused: RefusedChange): void {
  outbox.sendAgain(refused)
  store.dispatch(changed(refused.change))
  tellQueue()
  sendSoon()
}

/** Brings back what was removed, with all that was typed in it here since. */
export function bringBackWithChanges(resource: CollectionName, id: string): void {
  restore(resource, id)
  for (const one of outbox.refused()) if (one.removed && keyOf(one.change) === keyFor(resource, id)) sendAgain(one)
}

/** Throws such a change away: what the server has then stands. */
export function letGo({ key, change }: RefusedChange): void {
  outbox.letGo(key)
  store.dispatch(droppedChange({ key: keyOf(change), waiting: waitingChanges() }))
  tellQueue()
}

/** Sends what waits, unless it is asked to wait longer first. */
export function sendSoon(delay = 0): void {
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
      const doc = await sendChange(next.change)
      outbox.forget(next)
      const thing = doc && takeAnswer(next.change, doc)
      if (thing) {
        answered(thing.revision)
        tellTabs({ kind: 'answered', thing })
      }
      sent++
    } catch (error) {
      if (error instanceof Refused) {
        const why = { reason: error.says, name: nameOf(next.change), removed: error.status === REMOVED_MEANWHILE }
        outbox.refuse(next, why)
        tellQueue()
        continue
      }
      tellAway(error)
      sendSoon(RETRY_MS)
      return
    }
  }
  tellQueue(sent > 0 ? { connection: 'here' } : {})
}

function nameOf(change: Change): string | undefined {
  if (change.kind === 'shop') return undefined
  const doc = store.getState().shelf.docs[change.resource][change.id]
  return doc?.name ?? ('named' in change ? change.named : undefined)
}

import { createSlice, current, isDraft, type PayloadAction } from '@reduxjs/toolkit'
import { type CollectionName, type Docs, blankShop, type Shop } from '@thimble/contract'
import type { ChangedThing } from '@thimble/contract/answers'
import type { LogRow, ShopRecord } from '@thimble/contract/log'
import { logRowOf } from '@thimble/plan'
import { apply } from 'json-merge-patch'
import { keyFor, keyOf, SHOP } from './changeKeys'
import { byCollection, isAtHand, whole, wholeThing } from './documentShape'
import type { Change, RefusedChange } from './change'

type Connected = {
  connection?: DocumentsState['connection']
  trouble?: string | null
  waiting: number
  refused: RefusedChange[]
}
/** What was just taken away, and the changes that bring it back. */
type Undo = { says: string; back: readonly Change[] }
/**
 * What the server says, and the changes that it may not know of yet. `opened`: to be held though it is finished.
 * `whole`: already as the schemas have it.
 */
type Received = { things: readonly ChangedThing[]; waiting: readonly Change[]; opened?: boolean; whole?: boolean }
type Kept = { revision: number }

export type DocumentsState = {
  shop: Shop
  docs: { [Name in CollectionName]: Record<string, Docs[Name]> }
  gone: Record<CollectionName, Record<string, true>>
  /** What the server last said of what has changes laid over it, by key; null: it knows nothing of it. */
  said: Record<string, object | null>
  /** The revision at which what is not held here any more left: removed, or finished. */
  left: Record<string, number>
  log: LogRow[]
  /** What the log says to plans, as it was last told; null: nothing yet. */
  record: ShopRecord | null
  loaded: boolean
  connection: 'unknown' | 'here' | 'away' | 'out'
  /** What the server says of itself while it can keep nothing. */
  trouble: string | null
  waiting: number
  /** Changes the server would not take, or others have changed again, each with why. */
  refused: RefusedChange[]
  notice: string | null
  /** A newer version of the program lies ready. */
  newer: boolean
  /** The log was told at least once. */
  logTold: boolean
  undo: Undo | null
}

/** What is known of the shop before anything was told. */
const nothingTold = (): Pick<DocumentsState, 'shop' | 'docs' | 'gone' | 'said' | 'left'> => ({
  shop: blankShop(),
  docs: byCollection(() => ({})) as DocumentsState['docs'],
  gone: byCollection(() => ({})),
  said: {},
  left: {},
})

const initial: DocumentsState = {
  ...nothingTold(),
  log: [],
  record: null,
  loaded: false,
  connection: 'unknown',
  trouble: null,
  waiting: 0,
  refused: [],
  notice: null,
  newer: false,
  logTold: false,
  undo: null,
}

/**
 * A copy to merge into; taken from what lies under the draft, as reading through it would be slow at every key. By way
 * of text, so that two keys that began with one and the same value part company.
 */
const plain = (doc: object): object => JSON.parse(JSON.stringify(isDraft(doc) ? current(doc) : doc))

/** A key’s collection; none is called “shop”. */
const placeOf = (key: string): [CollectionName, string] => key.split('/') as [CollectionName, string]

function shownAt(state: DocumentsState, key: string): object | null {
  if (key === SHOP) return state.shop
  const [resource, id] = placeOf(key)
  return state.docs[resource]?.[id] ?? null
}

function show(state: DocumentsState, key: string, doc: object): void {
  if (key === SHOP) state.shop = doc as Shop
  else {
    const [resource, id] = placeOf(key)
    ;(state.docs[resource] as Record<string, object>)[id] = doc
  }
}

/** The document with a change laid over it; null where there is none to change. */
function laid(doc: object | null, change: Change): object | null {
  if (change.kind === 'put') return doc ?? whole(change.resource, change.body)
  if (!doc || (change.kind !== 'patch' && change.kind !== 'shop')) return doc
  const merged = apply(plain(doc), change.body) as object
  return change.kind === 'shop' ? merged : whole(change.resource, merged)
}

function applyChange(state: DocumentsState, change: Change): void {
  if (change.kind === 'delete') state.gone[change.resource][change.id] = true
  else if (change.kind === 'restore') delete state.gone[change.resource][change.id]
  else {
    const key = keyOf(change)
    const before = shownAt(state, key)
    const after = laid(before, change)
    if (!after || after === before) return
    if (!(key in state.said)) state.said[key] = before
    show(state, key, after)
  }
}

/** Shows what the server has, with what it may not know of laid over. */
function lay(state: DocumentsState, key: string, base: object | null, waiting: readonly Change[]): void {
  const over = waiting.filter((change) => keyOf(change) === key)
  const doc = over.reduce(laid, base)
  if (doc) show(state, key, doc)
  if (over.length > 0) state.said[key] = base
  else delete state.said[key]
  for (const change of over) if (change.kind === 'delete' || change.kind === 'restore') applyChange(state, change)
}

const revisionOf = (doc: object | null | undefined): number => (doc as Kept | null)?.revision ?? 0

function tell(state: DocumentsState, thing: ChangedThing, { waiting, opened = false }: Omit<Received, 'things'>): void {
  const { collection, id, revision } = thing
  const key = keyFor(collection, id)
  const base = key in state.said ? state.said[key]! : shownAt(state, key)
  const known = Math.max(revisionOf(base), opened ? 0 : (state.left[key] ?? 0))
  // An answer that comes late says nothing new; what it was waited for lies over no more.
  if (revision <= known) relay(state, key, waiting)
  else if (key === SHOP) lay(state, key, thing.doc ?? blankShop(), waiting)
  else if (!thing.doc) leave(state, collection as CollectionName, thing, waiting)
  else take(state, thing, waiting, opened || base !== null)
}

/** What the server said last, with what is waiting laid over it again. */
function relay(state: DocumentsState, key: string, waiting: readonly Change[]): void {
  if (key in state.said) lay(state, key, state.said[key]!, waiting)
}

/** A document as the server has it now; a finished piece is held only where it is on the screen. */
function take(state: DocumentsState, thing: ChangedThing, waiting: readonly Change[], onScreen: boolean): void {
  const { id, revision } = thing
  const name = thing.collection as CollectionName
  if (!(name in state.docs)) return
  const [key, doc] = [keyFor(name, id), Object.freeze(thing.doc as Docs[typeof name])]
  const finished = !isAtHand(name, doc)
  if (name === 'pieces') tellLog(state, doc as Docs['pieces'])
  if (finished && !onScreen) state.left[key] = revision
  else {
    delete state.gone[name][id]
    lay(state, key, doc, waiting)
  }
}

/** What was removed stays in reach while its way back is offered. */
function leave(
  state: DocumentsState,
  name: CollectionName,
  { id, revision }: ChangedThing,
  waiting: readonly Change[],
) {
  if (!(name in state.docs)) return
  const key = keyFor(name, id)
  state.left[key] = revision
  state.gone[name][id] = true
  if (name === 'pieces') state.log = state.log.filter((row) => row.pieceId !== id)
  relay(state, key, waiting)
}

/** The log as far as it is on this device follows what is told of its pieces. */
function tellLog(state: DocumentsState, piece: Docs['pieces']): void {
  const [row, at] = [logRowOf(piece), state.log.findIndex(({ pieceId }) => pieceId === piece.id)]
  if (at >= 0) state.log.splice(at, 1)
  const oldest = state.log.at(-1)?.finishedAt ?? ''
  if (!row || row.finishedAt < oldest) return
  const after = state.log.findIndex(({ finishedAt }) => finishedAt < row.finishedAt)
  state.log.splice(after < 0 ? state.log.length : after, 0, row)
}

const keysOf = (list: readonly { key: string }[]): string => list.map(({ key }) => key).join()

/** All the app knows: what the server last said, with everything typed since laid over it. */
export const documents = createSlice({
  name: 'shelf',
  initialState: initial,
  reducers: {
    changed: (state, { payload }: PayloadAction<Change>) => applyChange(state, payload),
    documentsReceived: (state, { payload: { things, ...rest } }: PayloadAction<Received>) => {
      for (const thing of things) tell(state, rest.whole ? thing : wholeThing(thing), rest)
    },
    /**
     * The server’s history is not the one known here: only what it says now stands, and what it may not know of yet.
     * What was being worked on stays in sight though it is gone there.
     */
    fullResync: (state, { payload: { things, ...rest } }: PayloadAction<Received>) => {
      const keys = [...rest.waiting, ...state.refused.map(({ change }) => change)].map(keyOf)
      const atHand = keys.map((key) => [key, shownAt(state, key)] as const)
      Object.assign(state, nothingTold())
      for (const thing of things) tell(state, rest.whole ? thing : wholeThing(thing), rest)
      for (const [key, doc] of atHand) if (doc && !shownAt(state, key)) show(state, key, doc)
    },
    /** All that is held here is here. */
    complete: (state) => void (state.loaded = true),
    /** A change was dropped: what the server says stands again, with what else is waiting. */
    droppedChange: (state, { payload: { key, waiting } }: PayloadAction<{ key: string; waiting: Change[] }>) => {
      relay(state, key, waiting)
    },
    connected: (state, { payload }: PayloadAction<Connected>) => {
      if (payload.connection) {
        state.connection = payload.connection
        state.trouble = payload.trouble ?? null
      }
      state.waiting = payload.waiting
      if (keysOf(state.refused) !== keysOf(payload.refused)) (state.refused as unknown) = payload.refused
    },
    logArrived: (state, { payload }: PayloadAction<LogRow[]>) => {
      state.log = payload
      state.logTold = true
    },
    /** The same again makes no plan again. */
    recordArrived: (state, { payload }: PayloadAction<ShopRecord>) => {
      if (JSON.stringify(state.record) !== JSON.stringify(payload)) state.record = payload
    },
    noticed: (state, { payload }: PayloadAction<string | null>) => void (state.notice = payload),
    newer: (state) => void (state.newer = true),
    undoable: (state, { payload }: PayloadAction<Undo | null>) => void (state.undo = payload as typeof state.undo),
  },
})

export const {
  changed,
  documentsReceived,
  fullResync,
  complete,
  droppedChange,
  connected,
  logArrived,
  recordArrived,
  noticed,
  newer,
  undoable,
} = documents.actions

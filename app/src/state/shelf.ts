import { createSlice, current, isDraft, type PayloadAction } from '@reduxjs/toolkit'
import { type CollectionName, type Docs, fillIn, type LogRow, Shop } from '@thimble/contract'
import { inWork } from '@thimble/plan'
import { apply } from 'json-merge-patch'
import type { Change, NotKept } from './outbox'
import { byCollection, whole } from './documents'

type Connected = { connection?: ShelfState['connection']; trouble?: string | null; waiting: number; notKept: NotKept[] }
type Removed = { resource: CollectionName; id: string; name: string }
export type ShelfState = {
  shop: Shop
  docs: { [Name in CollectionName]: Record<string, Docs[Name]> }
  gone: Record<CollectionName, Record<string, true>>
  log: LogRow[]
  loaded: boolean
  connection: 'unknown' | 'here' | 'away'
  /** What the server says of itself while it can keep nothing. */
  trouble: string | null
  waiting: number
  /** Changes the server would not take, each with why. */
  notKept: NotKept[]
  notice: string | null
  undo: Removed | null
}

const initial: ShelfState = {
  shop: fillIn(Shop, {}),
  docs: byCollection(() => ({})) as ShelfState['docs'],
  gone: byCollection(() => ({})),
  log: [],
  loaded: false,
  connection: 'unknown',
  trouble: null,
  waiting: 0,
  notKept: [],
  notice: null,
  undo: null,
}

/**
 * A copy to merge into; taken from what lies under the draft, as reading through it would be slow at every key. By way
 * of text, so that two keys that began with one and the same value part company.
 */
const plain = (doc: object): object => JSON.parse(JSON.stringify(isDraft(doc) ? current(doc) : doc))

function applyChange(state: ShelfState, change: Change): void {
  if (change.kind === 'shop') {
    state.shop = apply(plain(state.shop), change.body) as Shop
    return
  }
  const { resource, id } = change
  const docs = state.docs[resource] as Record<string, object>
  if (change.kind === 'put') docs[id] ??= whole(resource, change.body)
  else if (change.kind === 'delete') state.gone[resource][id] = true
  else if (change.kind === 'restore') delete state.gone[resource][id]
  else if (change.kind === 'patch' && docs[id])
    docs[id] = whole(resource, apply(plain(docs[id]), change.body) as object)
}

const keysOf = (list: readonly { key: string }[]): string => list.map(({ key }) => key).join()

/** All the app knows: what the server last said, with everything typed since laid over it. */
export const shelf = createSlice({
  name: 'shelf',
  initialState: initial,
  reducers: {
    changed: (state, { payload }: PayloadAction<Change>) => applyChange(state, payload),
    /** Lists as the server has them; changes still on their way are laid over again. */
    arrived: (
      state,
      {
        payload,
      }: PayloadAction<{
        docs: Partial<{ [Name in CollectionName]: Docs[Name][] }>
        shop?: Shop
        log?: LogRow[]
        over: Change[]
      }>,
    ) => {
      if (payload.shop) state.shop = payload.shop
      if (payload.log) state.log = payload.log
      for (const [resource, list] of Object.entries(payload.docs)) {
        const finished = resource === 'pieces' ? Object.values(state.docs.pieces).filter((p) => !inWork(p)) : []
        const kept = Object.fromEntries([...finished, ...list].map((doc) => [doc.id, doc]))
        ;(state.docs[resource as CollectionName] as object) = kept
      }
      for (const change of payload.over) applyChange(state, change)
      state.loaded = true
    },
    opened: (state, { payload }: PayloadAction<{ doc: Docs['pieces']; over: Change[] }>) => {
      ;(state.docs.pieces as Record<string, object>)[payload.doc.id] = payload.doc
      for (const change of payload.over)
        if (change.kind !== 'shop' && change.id === payload.doc.id) applyChange(state, change)
    },
    remembered: (state, { payload }: PayloadAction<Pick<ShelfState, 'shop' | 'docs' | 'log'>>) => {
      Object.assign(state, payload)
    },
    connected: (state, { payload }: PayloadAction<Connected>) => {
      if (payload.connection) {
        state.connection = payload.connection
        state.trouble = payload.trouble ?? null
      }
      state.waiting = payload.waiting
      if (keysOf(state.notKept) !== keysOf(payload.notKept)) (state.notKept as unknown) = payload.notKept
    },
    olderArrived: (state, { payload }: PayloadAction<LogRow[]>) => {
      for (const row of payload) if (!state.log.some((r) => r.pieceId === row.pieceId)) state.log.push(row)
    },
    noticed: (state, { payload }: PayloadAction<string | null>) => void (state.notice = payload),
    removed: (state, { payload }: PayloadAction<Removed | null>) => void (state.undo = payload),
  },
})

export const { changed, arrived, opened, remembered, connected, olderArrived, noticed, removed } = shelf.actions

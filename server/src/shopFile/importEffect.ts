import type { Document } from '@thimble/contract'
import type { ImportEffect } from '@thimble/contract/answers'
import { isDeepStrictEqual } from 'node:util'
import { Unreadable } from '../stores/notFound'
import type { ShopStore } from '../stores/shopStore'
import type { CheckedDocument, CheckedOther } from './checkBatch'
import type { Read, StagedShop } from './readShop'
import { WITHOUT_A_CARD } from './readParts'

/** What a file that waits would do, by list; `toKeep`: all it has, where the rest is to be removed. */
export async function effectOf(
  store: ShopStore,
  { documents, others }: StagedShop,
  toKeep: Read['ids'] | null,
): Promise<ImportEffect> {
  const none = (): ImportEffect[string] => ({ added: 0, changed: 0, older: 0, same: 0, removed: 0 })
  const lists = [...Object.keys(store.registry), ...WITHOUT_A_CARD]
  const effect: ImportEffect = Object.fromEntries(lists.map((name) => [name, none()]))
  for await (const thing of documents.all()) if ('lookUps' in thing) await noteDocument(store, effect, thing)
  for await (const other of others.all()) effect[other.list]![await otherEffect(store, other)]++
  if (toKeep) await countRemoved(store, effect, toKeep)
  return effect
}

async function noteDocument(store: ShopStore, effect: ImportEffect, thing: CheckedDocument): Promise<void> {
  const [kept, given] = [await readable(store.documents[thing.list]!.find(thing.id)), documentOf(thing)]
  const does = !kept ? 'added' : isSame(kept, given) ? 'same' : 'changed'
  const so = effect[thing.list]!
  so[does]++
  if (does === 'changed' && kept!.updatedAt > given.updatedAt) so.older++
}

async function otherEffect(store: ShopStore, other: CheckedOther): Promise<'added' | 'same' | 'changed'> {
  if (other.list === 'photos') return (await store.photos.has(other.id)) ? 'same' : 'added'
  const kept = await store.packed.findText(other.id)
  return kept === null ? 'added' : kept === other.text ? 'same' : 'changed'
}

async function countRemoved(store: ShopStore, effect: ImportEffect, ids: Read['ids']): Promise<void> {
  const { db } = store.database
  for (const [list, documents] of Object.entries(store.documents))
    effect[list]!.removed = (await documents.standingIds(db)).filter((id) => !ids[list]!.has(id)).length
  effect.photos!.removed = (await store.photos.ids(db)).filter((id) => !ids.photos!.has(id)).length
}

/** A thing of a file as a document that was not kept yet. */
export const documentOf = ({ text }: CheckedDocument): Document => ({ ...JSON.parse(text), revision: 0 }) as Document

/** Whether nothing of it would change but when it was written. */
export function isSame(a: Document, b: Document): boolean {
  const bare = (doc: Document): object => ({ ...doc, revision: 0, updatedAt: '' })
  return isDeepStrictEqual(bare(a), bare(b))
}

/** What cannot be read any more is overwritten like what is not there: that is how a backup mends it. */
export async function readable<T>(found: Promise<T | null>): Promise<T | null> {
  try {
    return await found
  } catch (error) {
    if (error instanceof Unreadable) return null
    throw error
  }
}

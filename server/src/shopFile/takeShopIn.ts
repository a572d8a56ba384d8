import { type Document, PackedDesign, type Registry, Shop } from '@thimble/contract'
import { type ImportEffect, PhotoInFile } from '@thimble/contract/answers'
import { CoreError } from '@thimble/core/errors'
import { isDeepStrictEqual } from 'node:util'
import { z, ZodRealError } from 'zod'
import type { Tx } from '../db/database'
import { Unreadable } from '../stores/notKept'
import type { ShopStore } from '../stores/shopStore'
import { type Part, WITHOUT_A_CARD } from './readParts'
import { requirePhoto } from '../photos/photoStore'
import { Staged } from './stagedShop'
import { takingTurns } from './takingTurns'

const PackedOfCard = z.strictObject({ id: z.string().max(64), packed: PackedDesign })
type PackedOfCard = z.infer<typeof PackedOfCard>

type Read = {
  counts: Record<string, number>
  effect: ImportEffect
  cards: Set<string>
  packed: string[]
  /** What there is in the file, by list. */
  ids: Record<string, Set<string>>
}

/** `dry`: looks what it would do, and does nothing. `replace`: what the file does not have is removed. */
type How = { dry?: boolean; replace?: boolean }

/**
 * Takes a shop file in, all or nothing; things with a known id are written over where they differ. All of it is read
 * and checked before the shop is touched.
 *
 * @throws ZodError and CoreError with the place in the file
 */
export async function takeShopIn(
  store: ShopStore,
  parts: AsyncIterable<Part>,
  { dry = false, replace = false }: How = {},
): Promise<Pick<Read, 'counts' | 'effect'>> {
  const { folder } = store.database
  const [documents, packed] = [await Staged.open(folder), await Staged.open(folder)]
  try {
    const schemas = schemasOf(store.registry)
    const [read, giveTurn] = [emptyRead(store.registry), takingTurns()]
    for await (const part of parts) {
      const value = check(schemas, part)
      await note(store, read, part.list, value, dry)
      await (WITHOUT_A_CARD.includes(part.list) ? packed : documents).add({ list: part.list, value })
      await giveTurn()
    }
    await requireCards(store, read)
    if (dry && replace) await countRemoved(store, read)
    const toKeep = replace ? read.ids : null
    if (!dry) await store.database.writes.run((tx) => apply(store, tx, { documents, packed, toKeep }), { large: true })
    return read
  } finally {
    await Promise.all([documents.remove(), packed.remove()])
  }
}

const schemasOf = (registry: Registry): Readonly<Record<string, z.ZodType>> => ({
  ...Object.fromEntries(Object.entries(registry).map(([name, { schema }]) => [name, schema])),
  shop: Shop,
  packedDesigns: PackedOfCard,
  photos: PhotoInFile,
})

function emptyRead(registry: Registry): Read {
  const names = [...Object.keys(registry), ...WITHOUT_A_CARD]
  const none = (): ImportEffect[string] => ({ added: 0, changed: 0, older: 0, same: 0, removed: 0 })
  return {
    counts: Object.fromEntries(names.map((name) => [name, 0])),
    effect: Object.fromEntries(names.map((name) => [name, none()])),
    cards: new Set(),
    packed: [],
    ids: Object.fromEntries(names.map((name) => [name, new Set<string>()])),
  }
}

function check(schemas: Readonly<Record<string, z.ZodType>>, { list, at, value }: Part): object {
  const schema = Object.hasOwn(schemas, list) ? schemas[list] : undefined
  if (!schema) throw new CoreError('bad-file', 'No shop file has such a list.', list)
  const found = schema.safeParse(value)
  if (found.success) return found.data as object
  const place = list === 'shop' ? [list] : [list, at]
  throw new ZodRealError(found.error.issues.map((issue) => ({ ...issue, path: [...place, ...issue.path] })))
}

/** Counts it, and for a dry run compares it with what is kept. */
async function note(store: ShopStore, read: Read, list: string, value: object, dry: boolean): Promise<void> {
  if (list === 'shop') return
  read.counts[list]!++
  const { id } = value as { id: string }
  read.ids[list]!.add(id)
  if (list === 'designs') read.cards.add(id)
  if (list === 'packedDesigns') read.packed.push(id)
  if (list === 'photos') requirePhoto(Buffer.from((value as PhotoInFile).jpeg, 'base64'))
  if (!dry) return
  const effect = read.effect[list]!
  if (list === 'packedDesigns') effect[await packedEffect(store, value as PackedOfCard)]++
  else if (list === 'photos') effect[(await store.photos.has(id)) ? 'same' : 'added']++
  else {
    const [kept, given] = [await readable(store.documents[list]!.find(id)), value as Document]
    const does = effectOf(kept, given)
    effect[does]++
    if (does === 'changed' && kept!.updatedAt > given.updatedAt) effect.older++
  }
}

/** What cannot be read any more is written over like what is not there: that is how a backup mends it. */
async function readable<T>(found: Promise<T | null>): Promise<T | null> {
  try {
    return await found
  } catch (error) {
    if (error instanceof Unreadable) return null
    throw error
  }
}

const effectOf = (kept: Document | null, given: Document): 'added' | 'changed' | 'same' =>
  !kept ? 'added' : isSame(kept, given) ? 'same' : 'changed'

/** Whether nothing of it would change but when it was written. */
function isSame(a: Document, b: Document): boolean {
  const bare = (doc: Document): object => ({ ...doc, revision: 0, updatedAt: '' })
  return isDeepStrictEqual(bare(a), bare(b))
}

async function packedEffect({ packed }: ShopStore, { id, packed: given }: PackedOfCard) {
  const kept = await packed.findText(id)
  return kept === null ? 'added' : kept === JSON.stringify(given) ? 'same' : 'changed'
}

/** @throws CoreError for a design without its card, in the file or on the shelf */
async function requireCards(store: ShopStore, { cards, packed }: Read): Promise<void> {
  for (const [i, id] of packed.entries())
    if (!cards.has(id) && !(await store.packed.hasCard(id)))
      throw new CoreError(
        'bad-file',
        `There is no design “${id}” in the file or on the shelf.`,
        `packedDesigns.${i}.id`,
      )
}

type Ready = { documents: Staged; packed: Staged; toKeep: Read['ids'] | null }

async function apply(store: ShopStore, tx: Tx, { documents, packed, toKeep }: Ready): Promise<void> {
  await store.ledger.atOnce(tx, async () => {
    if (toKeep) await removeOthers(store, tx, toKeep)
    await putDocuments(store, tx, documents)
  })
  for await (const { list, value } of packed.all())
    if (list === 'photos') {
      const { id, jpeg } = value as PhotoInFile
      await store.photos.put(tx, id, Buffer.from(jpeg, 'base64'))
    } else {
      const { id, packed: design } = value as PackedOfCard
      await store.packed.put(tx, id, design)
    }
}

/** What the file does not have goes: documents so that they can be brought back, photos for ever. */
async function removeOthers(store: ShopStore, tx: Tx, toKeep: Read['ids']): Promise<void> {
  for (const [list, documents] of Object.entries(store.documents))
    for (const id of await documents.standingIds(tx)) if (!toKeep[list]!.has(id)) await documents.removeIn(tx, id)
  for (const id of await store.photos.ids(tx)) if (!toKeep.photos!.has(id)) await store.photos.remove(tx, id)
}

async function countRemoved(store: ShopStore, { effect, ids }: Read): Promise<void> {
  const { db } = store.database
  for (const [list, documents] of Object.entries(store.documents))
    effect[list]!.removed = (await documents.standingIds(db)).filter((id) => !ids[list]!.has(id)).length
  effect.photos!.removed = (await store.photos.ids(db)).filter((id) => !ids.photos!.has(id)).length
}

/** Devices that wrote something a file writes over are told, as it knew of none of their changes. */
const NOTHING_SEEN = 0

async function putDocuments(store: ShopStore, tx: Tx, documents: Staged): Promise<void> {
  for await (const { list, value } of documents.all())
    if (list === 'shop') await store.keepShop(tx, value as Shop)
    else {
      const documents = store.documents[list]!
      const doc = await store.ledger.asKept(tx, list, value as Document)
      const kept = await readable(documents.findIn(tx, doc.id))
      if (!kept || kept.deletedAt !== null || !isSame(kept.doc, doc))
        await documents.put(tx, doc, kept ? { row: kept, seen: NOTHING_SEEN } : {})
    }
}

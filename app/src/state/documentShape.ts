import { type CollectionName, collectionNames, collections, type Docs, fillIn, Shop } from '@thimble/contract'
import type { ChangedThing } from '@thimble/contract/answers'
import { inWork } from '@thimble/plan'
import type { z } from 'zod'

/** One thing by collection, made again for each. */
export function byCollection<T>(make: (name: CollectionName) => T): Record<CollectionName, T> {
  return Object.fromEntries(collectionNames.map((name) => [name, make(name)])) as Record<CollectionName, T>
}

/** A document as its schema has it where a patch took a key away, or an older version of the app did not know it. */
export const whole = <Name extends CollectionName>(name: Name, doc: object): Docs[Name] =>
  fillIn(collections[name].schema as z.ZodType<Docs[Name]>, doc)

/** The same of what is told, which may be the shop’s own settings, of a kind this program does not know, or removed. */
export function wholeThing(thing: ChangedThing): ChangedThing {
  const { collection, doc } = thing
  if (!doc) return thing
  if (collection === 'shop') return { ...thing, doc: fillIn(Shop, doc) }
  return collection in collections ? { ...thing, doc: { ...whole(collection as CollectionName, doc) } } : thing
}

/** Whether devices hold it: what the server keeps for itself is asked for where it is looked at. */
export const isHeld = (collection: string): boolean =>
  !(collection in collections) || collections[collection as CollectionName].kept === 'on every device'

/** Whether a document is of those that devices hold: a finished piece leaves them, with the events of its run. */
export function isAtHand(collection: string, doc: object): boolean {
  if (collection === 'pieces') return inWork(doc as Docs['pieces'])
  return collection !== 'runEvents' || (doc as Docs['runEvents']).atHand
}

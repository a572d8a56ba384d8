import { type CollectionName, collectionNames, collections, type Docs, fillIn } from '@thimble/contract'
import type { z } from 'zod'

/** One thing by collection, made anew for each. */
export function byCollection<T>(make: (name: CollectionName) => T): Record<CollectionName, T> {
  return Object.fromEntries(collectionNames.map((name) => [name, make(name)])) as Record<CollectionName, T>
}

/** A document as its schema has it where a patch took a key away, or an older version of the app did not know it. */
export const whole = <Name extends CollectionName>(name: Name, doc: object): Docs[Name] =>
  fillIn(collections[name].schema as z.ZodType<Docs[Name]>, doc)

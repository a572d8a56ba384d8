import type { CollectionName, Docs } from '@thimble/contract'
import { store } from './store'

/** All of one collection that is not removed, as it is this moment. */
export function documentsPresent<Name extends CollectionName>(name: Name): Docs[Name][] {
  const { docs, gone } = store.getState().shelf
  return (Object.values(docs[name]) as Docs[Name][]).filter(({ id }) => !gone[name][id])
}

import type { CollectionName, Docs, Patch, Shop } from '@thimble/contract'

/** One change on its way to the server. Kept on the device from the moment it is made until the server has it. */
export type Change =
  | { [Name in CollectionName]: DocumentChange<Name> }[CollectionName]
  | { kind: 'delete' | 'restore'; resource: CollectionName; id: string }
  /** A design as it was read, which waits in the device's database. */
  | { kind: 'packed'; resource: 'designs'; id: string }
  /** A photo, which waits there too; of which collection the document is that shows it. */
  | { kind: 'photo'; resource: 'pieces' | 'swatches'; id: string }
  | { kind: 'shop'; body: Patch<Shop> }

type DocumentChange<Name extends CollectionName> =
  | { kind: 'put'; resource: Name; id: string; body: Docs[Name] }
  /** `seen`: the revision it was made upon; `named`: what the document was called, where it may be gone. */
  | { kind: 'patch'; resource: Name; id: string; body: Patch<Docs[Name]>; seen?: number; named?: string }

/**
 * A change that is not kept: the server did not take it, or others have changed the same since; with why. `removed`: what
 * it changes was removed meanwhile, and has to be brought back first.
 */
export type RefusedChange = { key: string; change: Change; reason: string; name?: string; removed?: boolean }

import { collection, type Collection, type Document } from './collection'
import type { CollectionName } from './collectionNames'
import { DesignCard } from './design/designCard'
import { SavedItem } from './item'
import { Machine } from './machine'
import { Piece } from './piece/piece'
import { Hoop, Supply, Thread } from './stash'
import { Swatch } from './swatch'

/** After every date. */
const NO_DATE = '9999-12-31'

/** The registry: everything a shop keeps as documents, by its name on the wire, in the order it is taken in. */
export const collections = {
  machines: collection(Machine),
  hoops: collection(Hoop),
  supplies: collection(Supply),
  threads: collection(Thread),
  swatches: collection(Swatch),
  designs: collection(DesignCard),
  items: collection(SavedItem),
  pieces: collection(Piece, {
    lookUps: {
      due: { type: 'text', of: (piece) => piece.due },
      due_or_last: { type: 'text', of: (piece) => piece.due ?? NO_DATE },
      finished_at: { type: 'text', of: (piece) => piece.finish.kept[0]?.at ?? null },
      in_work: { type: 'integer', of: (piece) => Number(piece.finish.kept.length === 0 || piece.finish.reopened) },
    },
    heldBy: 'in_work',
    indexes: [
      ['deleted_at', 'in_work', 'due_or_last', 'created_at'],
      ['deleted_at', 'finished_at'],
    ],
  }),
} as const satisfies Readonly<Record<CollectionName, object>>

export type Registry = Readonly<Record<string, Collection<Document>>>
/** The document of each collection. */
export type Docs = { [Name in CollectionName]: (typeof collections)[Name] extends Collection<infer Doc> ? Doc : never }

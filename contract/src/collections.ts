import { collection, type Collection, type Document } from './collection'
import type { CollectionName } from './collectionNames'
import { DesignCard } from './design/designCard'
import { Hoop } from './hoop'
import { SavedItem } from './item'
import { Machine } from './machine'
import { Order } from './order'
import { OwnCorrection } from './ownCorrection'
import { Piece } from './piece/piece'
import { Movement } from './movement'
import { RunEvent } from './runEvent'
import { Adhesive, Bobbin, Needle, Supply, Thread } from './stash'
import { Swatch } from './swatch'

/** After every date. */
const NO_DATE = '9999-12-31'

/** The registry: everything a shop keeps as documents, by its name on the wire, in the order it is taken in. */
export const collections = {
  machines: collection(Machine),
  hoops: collection(Hoop),
  supplies: collection(Supply),
  threads: collection(Thread),
  needles: collection(Needle),
  bobbins: collection(Bobbin),
  adhesives: collection(Adhesive),
  swatches: collection(Swatch),
  designs: collection(DesignCard),
  items: collection(SavedItem),
  corrections: collection(OwnCorrection),
  orders: collection(Order),
  pieces: collection(Piece, {
    lookUps: {
      due: { type: 'text', of: (piece) => piece.due },
      due_or_last: { type: 'text', of: (piece) => piece.due ?? NO_DATE },
      finished_at: { type: 'text', of: (piece) => piece.finish.kept[0]?.at ?? null },
      of_order: { type: 'text', of: (piece) => piece.order?.id ?? null },
      in_work: { type: 'integer', of: (piece) => Number(piece.finish.kept.length === 0 || piece.finish.reopened) },
    },
    heldBy: 'in_work',
    indexes: [['deleted_at', 'in_work', 'due_or_last', 'created_at'], ['deleted_at', 'finished_at'], ['of_order']],
  }),
  movements: collection(Movement, {
    lookUps: {
      of: { type: 'text', of: (movement) => movement.of },
      of_id: { type: 'text', of: (movement) => movement.ofId },
      kind: { type: 'text', of: (movement) => movement.kind },
      amount: { type: 'real', of: (movement) => movement.amount },
      found: { type: 'real', of: (movement) => movement.found },
      piece: { type: 'text', of: (movement) => movement.piece },
    },
    indexes: [['of', 'of_id', 'deleted_at', 'created_at', 'found', 'amount', 'kind'], ['piece']],
    kept: 'on the server',
  }),
  runEvents: collection(RunEvent, {
    lookUps: {
      piece: { type: 'text', of: (event) => event.piece },
      at_hand: { type: 'integer', of: (event) => Number(event.atHand) },
    },
    heldBy: 'at_hand',
    indexes: [['piece', 'created_at']],
  }),
} as const satisfies Readonly<Record<CollectionName, object>>

export type Registry = Readonly<Record<string, Collection<Document>>>
/** The document of each collection. */
export type Docs = { [Name in CollectionName]: (typeof collections)[Name] extends Collection<infer Doc> ? Doc : never }

import type { DesignCard, Hoop, Machine, OwnCorrection, Piece, Shop, Supply } from '@thimble/contract'
import type { ShopRecord } from '@thimble/contract/log'

/** What plans are made from beside the piece: the shop with its habits, and what lies on its shelves. */
export type Shelf = {
  shop: Shop
  designs: Readonly<Record<string, DesignCard>>
  machines: readonly Machine[]
  hoops: readonly Hoop[]
  supplies: readonly Supply[]
  /** Pieces that are other placements on the same item; none where it is left out. */
  beside?: readonly Piece[]
  /** What the worker has taken from where pieces land; none where it is left out. */
  corrections?: readonly OwnCorrection[]
  /** How the shop's own pieces came out; nothing is known where it is left out. */
  record?: ShopRecord
}

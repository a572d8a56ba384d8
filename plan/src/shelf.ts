import type { DesignCard, Hoop, Machine, Shop, Supply } from '@thimble/contract'

/** What plans are made from beside the piece: the shop with its habits, and what lies on its shelves. */
export type Shelf = {
  shop: Shop
  designs: Readonly<Record<string, DesignCard>>
  machines: readonly Machine[]
  hoops: readonly Hoop[]
  supplies: readonly Supply[]
}

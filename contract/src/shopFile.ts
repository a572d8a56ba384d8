import { z } from 'zod'
import { Design, Drawing } from './design'
import { SavedItem } from './item'
import { Piece } from './piece'
import { Shop } from './shop'
import { Hoop, Supply, Thread } from './stash'
import { Id } from './stored'

/** A whole shop as one open JSON file: what the export writes and the import door takes. */
export const ShopFile = z.object({
  format: z.literal('zealous-thimble-shop', 'This is not a shop file: “format” has to be zealous-thimble-shop.'),
  version: z.literal(1, 'Only version 1 of the shop file is known.'),
  shop: Shop,
  hoops: z.array(Hoop),
  supplies: z.array(Supply),
  threads: z.array(Thread).default([]),
  designs: z.array(Design),
  /** Drawings of designs, by the design's id. */
  drawings: z.array(z.object({ id: Id, drawing: Drawing })).default([]),
  items: z.array(SavedItem).default([]),
  pieces: z.array(Piece),
})
export type ShopFile = z.infer<typeof ShopFile>

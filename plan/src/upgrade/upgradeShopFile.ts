import { Hoop, SavedItem, Shop, Supply, Thread } from '@thimble/contract'
import { type ShopFile, SHOP_FORMAT } from '@thimble/contract/answers'
import { z } from 'zod'
import { upgradeDesign, upgradePacked } from './upgradeDesign'
import { upgradePiece } from './upgradePiece'

const Things = z.array(z.unknown()).default([])
const OldShopFile = z.object({
  format: z.literal(SHOP_FORMAT),
  version: z.literal(1),
  shop: Shop,
  hoops: z.array(Hoop),
  supplies: z.array(Supply),
  threads: z.array(Thread).default([]),
  designs: Things,
  drawings: z.array(z.object({ id: z.string(), drawing: z.unknown() })).default([]),
  items: z.array(SavedItem).default([]),
  pieces: Things,
})

/** Whether a shop file is of the version before pieces had stages. */
export const isOldShopFile = (json: unknown): boolean =>
  z.object({ format: z.literal(SHOP_FORMAT), version: z.literal(1) }).safeParse(json).success

/** A shop file of version 1 as one of today. @throws ZodError with the path of what cannot be kept */
export function upgradeShopFile(json: unknown): ShopFile {
  const { version, drawings, ...old } = OldShopFile.parse(json)
  const designs = old.designs.map(upgradeDesign)
  const shelf = { shop: old.shop, designs: byId(designs), machines: [], hoops: old.hoops, supplies: old.supplies }
  return {
    ...old,
    version: 2,
    machines: [],
    swatches: [],
    corrections: [],
    needles: [],
    bobbins: [],
    adhesives: [],
    movements: [],
    runEvents: [],
    orders: [],
    photos: [],
    designs,
    packedDesigns: drawings.map(({ id, drawing }) => ({ id, packed: upgradePacked(drawing) })),
    pieces: old.pieces.map((piece) => upgradePiece(piece, shelf)),
  }
}

const byId = <T extends { id: string }>(docs: readonly T[]): Record<string, T> =>
  Object.fromEntries(docs.map((doc) => [doc.id, doc]))

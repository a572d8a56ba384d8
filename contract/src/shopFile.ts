import { asked as t } from '@thimble/language/en/asked'
import { z } from './sentences'
import { type Registry, collections } from './collections'
import { PackedDesign } from './design/packedDesign'
import { Shop } from './shop'
import { Id } from './stored'

export const SHOP_FORMAT = 'zealous-thimble-shop'
export const SHOP_FILE_VERSION = 2

/** Designs as they were read, by the id of their card. */
const PackedDesigns = z.array(z.strictObject({ id: Id, packed: PackedDesign })).default([])

/** Photos of records and swatches as JPEG in base64, by their ids. */
export const PhotoInFile = z.strictObject({ id: Id, jpeg: z.base64().max(6_000_000) })
export type PhotoInFile = z.infer<typeof PhotoInFile>

/** A whole shop as one open JSON file, for the collections of a registry: what the export writes and the import takes. */
export function shopFileOf<R extends Registry>(registry: R) {
  const lists = Object.fromEntries(
    Object.entries(registry).map(([name, { schema }]) => [name, z.array(schema).default([])]),
  ) as { [Name in keyof R]: z.ZodDefault<z.ZodArray<R[Name]['schema']>> }
  return z.strictObject({
    format: z.literal(SHOP_FORMAT, t('no-shop-file', { format: SHOP_FORMAT })),
    version: z.literal(SHOP_FILE_VERSION, t('shop-file-too-new', { version: SHOP_FILE_VERSION })),
    shop: Shop,
    packedDesigns: PackedDesigns,
    photos: z.array(PhotoInFile).default([]),
    ...lists,
  })
}

export const ShopFile = shopFileOf(collections)
export type ShopFile = z.infer<typeof ShopFile>

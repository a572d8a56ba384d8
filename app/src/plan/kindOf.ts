import type { Piece } from '@thimble/contract'
import { customItem } from '@thimble/core/placement/customItem'
import type { ItemKind } from '@thimble/core/placement/itemKind'
import { itemKind } from '@thimble/core/placement/itemKinds'

const made = new WeakMap<object, ItemKind>()

/** The item kind of a piece: of the catalogue, or the worker's own as it was when the piece began. */
export function kindOf({ itemKind: id, customItem: own }: Pick<Piece, 'itemKind' | 'customItem'>): ItemKind {
  if (!own) return itemKind(id)
  const known = made.get(own)
  if (known) return known
  const kind = customItem(own)
  made.set(own, kind)
  return kind
}

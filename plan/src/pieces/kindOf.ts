import type { Piece } from '@thimble/contract'
import { customItem, itemKind, type ItemKind } from '@thimble/core/placement'

const made = new WeakMap<object, ItemKind>()

/** The item kind of a piece: of the catalogue, or the worker's own as it was when the piece began. */
export function kindOf({ item: { kind: id, own } }: Pick<Piece, 'item'>): ItemKind {
  if (!own) return itemKind(id)
  const known = made.get(own)
  if (known) return known
  const kind = customItem(own)
  made.set(own, kind)
  return kind
}

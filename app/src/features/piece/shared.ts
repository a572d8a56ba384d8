import { blankPiece, type Piece } from '@thimble/contract'
import type { ClothFamily } from '@thimble/core/recipe/clothFacts'
import { kindOf } from '@/plan/kindOf'

/** What pieces on one item share: it is measured once, and it is one cloth. */
const sharedKeys = ['size', 'measures', 'zones', 'cloth', 'use', 'customer', 'due', 'run'] as const

/** The part of a change that belongs to the item and not to one placement on it. */
export function sharedPart(body: object): object | null {
  const part = Object.fromEntries(
    Object.entries(body).filter(([key]) => (sharedKeys as readonly string[]).includes(key)),
  )
  return Object.keys(part).length > 0 ? part : null
}

type Fresh = { id: string; now: string; unit: 'mm' | 'cm' | 'in' }

/** Another placement on the same item: its measurements and cloth are there already, its design, hoop and recipe not. */
export function alsoOn(piece: Piece, itemId: string, { id, now, unit }: Fresh): Piece {
  const kind = kindOf(piece)
  const next = kind.placements.find((p) => p.id !== piece.placement) ?? kind.placements[0]!
  const blank = blankPiece({
    id,
    name: piece.name,
    createdAt: now,
    itemKind: piece.itemKind,
    size: piece.size,
    placement: next.id,
    family: piece.cloth.family as ClothFamily,
    unit,
  })
  const shared = Object.fromEntries(sharedKeys.map((key) => [key, piece[key]]))
  return { ...blank, ...shared, customItem: piece.customItem, carried: piece.carried, itemId }
}

/**
 * The same again: item, placement, design and choices as they were; the numbers carried over as assumed until they are
 * confirmed; nothing marked, ticked or recorded.
 */
export function sameAgain(piece: Piece, { id, now, unit }: Fresh): Piece {
  const blank = blankPiece({
    id,
    name: piece.name,
    createdAt: now,
    itemKind: piece.itemKind,
    size: piece.size,
    placement: piece.placement,
    family: piece.cloth.family as ClothFamily,
    unit,
  })
  const { customer, customItem, choices, anchors, zones, row, designId, ownDesign, markWith, cloth, use, thread } =
    piece
  const { stack, hoopId, hoopTurn, holding, holdingWhy } = piece
  const kept = { customer, customItem, choices, anchors, zones, row, designId, ownDesign, markWith, cloth, use, thread }
  const carried = {
    from: piece.name,
    measures: { ...piece.carried?.measures, ...piece.measures },
    distances: { ...piece.carried?.distances, ...piece.distances },
  }
  return { ...blank, ...kept, stack, hoopId, hoopTurn, holding, holdingWhy, carried }
}

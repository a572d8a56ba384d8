import type { Piece } from '@thimble/contract'
import { byUrgency } from '../pieces/byUrgency'
import { ofRolls, ofSpools, summed } from './allot'
import { plannedAsDecided, type Stock, type Wants, wantsOf } from './wants'

/** By the thing they are taken of: how much pieces that were built and are not recorded yet will take, and how many do. */
export type Reserved = ReadonlyMap<string, { amount: number; pieces: number }>

const known = new WeakMap<Stock, WeakMap<Piece, Wants | null>>()

/** Worked out once for a piece as it stands: at every key all of them are asked for. */
function wantsOfBuilt(piece: Piece, stock: Stock): Wants | null {
  const ofStock = known.get(stock) ?? new WeakMap<Piece, Wants | null>()
  known.set(stock, ofStock)
  const before = ofStock.get(piece)
  if (before !== undefined) return before
  const planned = plannedAsDecided(piece, stock)
  const wants = planned && wantsOf(planned, stock)
  ofStock.set(piece, wants)
  return wants
}

/**
 * What is spoken for of each supply and thread, by its id. The most urgent piece has its pick of the rolls, the next of
 * what that leaves.
 */
export function reservedBy(pieces: readonly Piece[], stock: Stock): Reserved {
  const reserved = new Map<string, { amount: number; pieces: number }>()
  const amountOf = (id: string): number => reserved.get(id)?.amount ?? 0
  for (const piece of [...pieces].sort(byUrgency)) {
    const wants = wantsOfBuilt(piece, stock)
    if (!wants) continue
    const free = stock.supplies.map((supply) => ({ ...supply, leftMm: supply.leftMm - amountOf(supply.id) }))
    for (const { ofId, amount } of summed([...ofRolls(wants.layers, free), ...ofSpools(wants.thread, 1)]))
      reserved.set(ofId, { amount: amountOf(ofId) + amount, pieces: (reserved.get(ofId)?.pieces ?? 0) + 1 })
  }
  return reserved
}

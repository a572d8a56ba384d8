import type { Piece } from '@thimble/contract'
import { type ComponentType, createContext, useContext } from 'react'

type Part = ComponentType<{ piece: Piece }>
/** What a piece's ticket shows of its order: how it stands to its line, and what comes after it. */
type OrderParts = { OfLine: Part; NextInBatch: Part }

const Parts = createContext<OrderParts | null>(null)

/** The route brings them, as they are made in another place. */
export const OrderPartsProvider = Parts.Provider

/** A part of it; nothing where the piece is of no order, so that nobody else fetches it. */
export function OfOrder({ piece, part }: { piece: Piece; part: keyof OrderParts }) {
  const parts = useContext(Parts)
  if (!parts || !piece.order) return null
  const Shown = parts[part]
  return <Shown piece={piece} />
}

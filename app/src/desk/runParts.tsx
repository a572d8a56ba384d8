import type { Piece } from '@thimble/contract'
import { type ComponentType, createContext, useContext } from 'react'

type Part = ComponentType<{ piece: Piece }>
/** What a piece's ticket shows of its order: how it stands to its line, and what comes after it. */
type RunParts = { OfLine: Part; NextInRun: Part }

const Parts = createContext<RunParts | null>(null)

/** The route brings them, as they are made in another place. */
export const RunPartsProvider = Parts.Provider

/** A part of it; nothing where the piece is of no order, so that nobody else fetches it. */
export function OfOrder({ piece, part }: { piece: Piece; part: keyof RunParts }) {
  const parts = useContext(Parts)
  if (!parts || !piece.order) return null
  const Shown = parts[part]
  return <Shown piece={piece} />
}

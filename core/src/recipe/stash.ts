import { type Message, message } from '../messages/message'
import type { StashLine } from './recipeQuery'
import type { Layer } from './stack'

/** What is short of a kind, and how much of it. */
export type Short = { kind: string; need: Message }

type Piece = { widthMm: number; heightMm: number }

/**
 * What the stash lacks for a stack: nothing of the kind, or too few pieces of the size. Layers of one kind are counted
 * together: two sheets need two pieces. Empty without a stash.
 *
 * @example two sheets of 174 by 190 and one piece of 180 by 200 left: “Medium cut-away: 1 of 2 pieces of 174 by 190 mm”
 */
export function shortOf(layers: readonly Layer[], stash?: readonly StashLine[]): Short[] {
  if (!stash) return []
  const kinds = [...new Set(layers.filter((l) => l.role !== 'cloth').map((l) => l.kind))]
  return kinds.flatMap((kind) => {
    const lines = stash.filter((line) => line.kind === kind && line.lengthMm > 0)
    if (lines.length === 0) return [{ kind, need: message('short.none', { layer: `layer.${kind}` }) }]
    const wanted = layers.filter((l) => l.kind === kind).reduce((sum, l) => sum + l.sheets, 0)
    const piece = largest(layers.flatMap((l) => (l.kind === kind && l.piece ? [l.piece] : [])))
    const there = lines.reduce((sum, line) => sum + (piece ? piecesIn(line, piece) : (line.sheets ?? wanted)), 0)
    return there >= wanted ? [] : [{ kind, need: tooFew(`layer.${kind}`, wanted, there, piece) }]
  })
}

function tooFew(layer: string, wanted: number, there: number, piece?: Piece): Message {
  if (!piece) return message('short.pieces', { layer, there, wanted })
  return message('short.sized', { layer, there, wanted, wide: piece.widthMm, high: piece.heightMm })
}

function largest(pieces: readonly Piece[]): Piece | undefined {
  if (pieces.length === 0) return undefined
  return {
    widthMm: Math.max(...pieces.map((p) => p.widthMm)),
    heightMm: Math.max(...pieces.map((p) => p.heightMm)),
  }
}

/** Pieces that can be cut from a line in straight rows, all one way round. */
function piecesIn({ widthMm, lengthMm, sheets = 1 }: StashLine, piece: Piece): number {
  const rows = (across: number, along: number): number => Math.floor(widthMm / across) * Math.floor(lengthMm / along)
  return sheets * Math.max(rows(piece.widthMm, piece.heightMm), rows(piece.heightMm, piece.widthMm))
}

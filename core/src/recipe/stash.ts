import { layerNames } from './names'
import type { Layer } from './stack'
import type { StashLine } from './recipeQuery'

/** What the stash lacks for a stack: nothing of the kind, or no piece large enough. Empty without a stash. */
export function shortOf(layers: readonly Layer[], stash?: readonly StashLine[]): { kind: string; need: string }[] {
  if (!stash) return []
  return layers.flatMap(({ kind, role, sheets, piece }) => {
    if (role === 'cloth') return []
    const lines = stash.filter((s) => s.kind === kind && (s.sheets ?? Infinity) >= sheets)
    if (lines.length === 0) return [{ kind, need: `${layerNames[kind]}: none in the stash` }]
    if (!piece || lines.some((s) => covers(s, piece))) return []
    return [{ kind, need: `${layerNames[kind]}: no piece of ${piece.widthMm} by ${piece.heightMm} mm` }]
  })
}

function covers(line: StashLine, piece: { widthMm: number; heightMm: number }): boolean {
  const straight = line.widthMm >= piece.widthMm && line.lengthMm >= piece.heightMm
  return straight || (line.widthMm >= piece.heightMm && line.lengthMm >= piece.widthMm)
}

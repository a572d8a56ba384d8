import type { Supply } from '@thimble/contract'
import type { StashLine } from '@thimble/core/recipe'

/** The stash as the core asks; none where nothing was put in yet, which lacks nothing. */
export function stashOf(supplies: readonly Supply[]): { stash?: StashLine[] } {
  if (supplies.length === 0) return {}
  return { stash: supplies.map(lineOf) }
}

function lineOf({ kind, widthMm, leftMm, sheetMm }: Supply): StashLine {
  const there = Math.max(0, leftMm)
  if (sheetMm === null) return { kind, widthMm, lengthMm: there }
  const sheets = Math.floor(there / sheetMm)
  return { kind, widthMm, lengthMm: sheets > 0 ? sheetMm : 0, sheets }
}

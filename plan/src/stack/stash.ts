import type { Supply } from '@thimble/contract'
import type { StashLine } from '@thimble/core/recipe'

/** The stash as the core asks; none where nothing was put in yet, which lacks nothing. */
export function stashOf(supplies: readonly Supply[]): { stash?: StashLine[] } {
  if (supplies.length === 0) return {}
  return { stash: supplies.map(({ kind, widthMm, leftMm }) => ({ kind, widthMm, lengthMm: leftMm })) }
}

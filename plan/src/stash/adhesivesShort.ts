import type { Adhesive, StackLayer } from '@thimble/contract'
import { adhesiveFor, type AdhesiveKind } from '@thimble/core/recipe'

/** What holds layers of a stack and the stash has nothing left of; a stash no such thing was put in lacks nothing. */
export function adhesivesShort(
  layers: readonly Pick<StackLayer, 'grip'>[],
  adhesives: readonly Adhesive[],
): AdhesiveKind[] {
  if (adhesives.length === 0) return []
  const wanted = new Set(layers.flatMap(({ grip }) => adhesiveFor(grip) ?? []))
  return [...wanted].filter((kind) => !adhesives.some((one) => one.kind === kind && one.left > 0))
}

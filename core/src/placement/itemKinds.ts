import { CoreError } from '../errors'
import type { ItemKind, Measures, PlacementRule } from './itemKind'
import { flatPanel } from './kinds/flatPanel'
import { polo } from './kinds/polo'
import { teaTowel } from './kinds/teaTowel'

/** The catalogue of items: what each asks of the tape, its shape, its no-sew zones and its placements. */
export const itemKinds: readonly ItemKind[] = [polo, teaTowel, flatPanel]

/** @throws CoreError('unknown-item') */
export function itemKind(id: string): ItemKind {
  const kind = itemKinds.find((k) => k.id === id)
  if (!kind) throw new CoreError('unknown-item', `There is no item called “${id}”.`, 'kind')
  return kind
}

/** @throws CoreError('unknown-placement') */
export function placementRule(kind: ItemKind, id: string): PlacementRule {
  const rule = kind.placements.find((p) => p.id === id)
  if (!rule)
    throw new CoreError('unknown-placement', `A ${kind.name.toLowerCase()} has no placement “${id}”.`, 'placement')
  return rule
}

/** The usual numbers for a size; the kind's usual size when none or an unknown one is named. */
export function presetMeasures(kind: ItemKind, size?: string | null): Measures {
  const known = kind.sizes.some((s) => s.id === size) ? size! : kind.usualSize
  return Object.fromEntries(kind.measurements.map((ask) => [ask.id, ask.presets[known]!]))
}

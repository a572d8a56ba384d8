import type { Called } from '../messages/message'
import type { Measures, MeasurementAsk, SizePreset } from './measures'
import type { ItemShape } from './itemShape'
import type { KnownUse, PlacementRule } from './placementRule'
import type { CentreLevel } from './centreOf'

/** The shelves of the catalogue, in the order they are shown. */
export const itemGroups = ['tops', 'worn', 'infant', 'towels', 'table', 'bed', 'bags', 'other'] as const
export type ItemGroup = (typeof itemGroups)[number]

/** One thing a bench sees: what the tape is asked, how it lies, and where designs go on it. */
export type ItemKind = {
  id: string
  name: Called
  group: ItemGroup
  /** Where the item frame's origin lies. */
  reference: Called
  measurements: readonly MeasurementAsk[]
  sizes: readonly SizePreset[]
  usualSize: string
  /** The cloth it is usually made of, as a first guess. */
  usualCloth: string
  /** What is known of its use because it is such a thing, and is therefore not asked. */
  use?: KnownUse
  /** Something with a wearer: sides are then named for both the wearer and the worker. */
  worn?: boolean
  shape(measures: Measures): ItemShape
  /** How the whole thing looks, where what is laid flat is only a part of it. */
  silhouette?(measures: Measures): ItemShape
  /** Levels whose halves may be measured, from the top, to see whether the item is straight. */
  levels?(measures: Measures): readonly CentreLevel[]
  placements: readonly PlacementRule[]
}

import type { Advice } from '../advice'
import type { Named, Said } from '../words/said'
import type { Pose } from '../plane/point'
import type { TapeLine } from './itemShape'
import type { DesignEdge, StepDraft } from './placementRule'
import type { PlannedRow } from './layRow'

/** A distance that fixes the design, with the shop's default; the worker may give another, or count it otherwise. */
export type PlacementDistance = {
  id: string
  name: string
  mm: number
  assumed: number
  plausible: readonly [number, number]
  /** Which way it is counted, from which line, to which edge of the design; null where that cannot be changed. */
  counted: { axis: 'level' | 'upright'; line: string; edge: DesignEdge; toward: 1 | -1 } | null
}

/** One design on the item; `name` says which of several. */
export type Copy = { pose: Pose; name: Named }

/** What a placement comes to: the designs' poses, and how a hand with a tape finds them. */
export type Laid = {
  copies: Copy[]
  distances: PlacementDistance[]
  tapes: TapeLine[]
  steps: StepDraft[]
  summary: Said
  warnings: Advice[]
  row?: PlannedRow
}

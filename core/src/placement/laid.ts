import type { Advice } from '../advice'
import type { Named, Message } from '../messages/message'
import type { Pose } from '../plane/point'
import type { TapeLine } from './itemShape'
import type { DesignEdge, RowSpot, StepDraft } from './placementRule'
import type { MotifRow } from '../rows/spaceMotifs'
import type { Hooping } from '../rows/splitHoopings'

/** A distance that fixes the design, with the shop's default; the worker may give another, or count it otherwise. */
export type PlacementDistance = {
  id: string
  name: Named
  mm: number
  assumed: number
  plausible: readonly [number, number]
  /** Which way it is counted, from which line, to which edge of the design; null where that cannot be changed. */
  counted: { axis: 'level' | 'upright'; line: string; edge: DesignEdge; toward: 1 | -1 } | null
}

/** One design on the item; `name` says which of several. */
export type Copy = { pose: Pose; name: Named }

/** A row as laid: `frame` has its x along the row and 0 at its middle, `offset` is the row's y in it. */
export type PlannedRow = MotifRow & {
  length: number
  motif: number
  closed: boolean
  ends: RowSpot['ends']
  frame: Pose
  offset: number
  usualGap: number
  hoopings: Hooping[] | null
}

/** What a placement comes to: the designs' poses, and how a hand with a tape finds them. */
export type Laid = {
  copies: Copy[]
  distances: PlacementDistance[]
  tapes: TapeLine[]
  steps: StepDraft[]
  summary: Message
  warnings: Advice[]
  row?: PlannedRow
  /** What the arrow points to, where it is not the placement’s usual. */
  upIs?: Named
}

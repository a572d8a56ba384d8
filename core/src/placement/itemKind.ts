import type { Advice } from '../advice'
import type { HouseHabits } from '../habits'
import type { Point } from '../plane/point'

/** Measurements of one item by id, in millimetres. */
export type Measures = Readonly<Record<string, number>>

/** One number asked of the tape. Outside `plausible` the worker is asked whether it is right, not refused. */
export type MeasurementAsk = {
  id: string
  name: string
  howTo: string
  plausible: readonly [number, number]
  /** The usual number by size, taken as assumed until measured. */
  presets: Readonly<Record<string, number>>
  /** Zero is an answer (a strip that is not there). */
  mayBeZero?: boolean
}

export type SizePreset = { id: string; name: string }

/** Where nothing may be sewn, and what a hoop's ring may do there. */
export type NoSewZone = {
  id: string
  name: string
  outline: Point[]
  /** Distance the design keeps from it, in mm. */
  clear: number
  /** 'refused': the ring may never lie on it; 'caution': it may, with care; 'free': it does not matter. */
  ring: 'refused' | 'caution' | 'free'
}

/** A drawn line that is not the outline: seams, folds, openings. */
export type DetailLine = { kind: 'seam' | 'fold' | 'opening' | 'button'; points: Point[]; closed?: boolean }

/** A tape laid on the item: for a measurement asked (its id), or for a distance to mark. */
export type TapeLine = { id: string; from: Point; to: Point }

/** The item laid flat, in the item frame. */
export type ItemShape = {
  outline: Point[]
  details: DetailLine[]
  zones: NoSewZone[]
  tapes: TapeLine[]
  /** A closed garment hangs round the lower ring: the ring has to be narrower than `width` inside it. */
  tube: { width: number } | null
}

/** A distance that fixes the design, with the shop's default; the worker may give another. */
export type PlacementDistance = {
  id: string
  name: string
  mm: number
  assumed: number
  plausible: readonly [number, number]
}

export type PlacementContext = {
  measures: Measures
  design: { width: number; height: number }
  habits: HouseHabits
  /** Own distances in place of the defaults, by id. */
  distances: Readonly<Record<string, number>>
  /** Writes a length in the worker's units. */
  write: (mm: number) => string
}

/** One sentence to follow with a tape: at most two numbers; `lengths` are what they stand for. */
export type StepDraft = { id: string; text: string; lengths: number[]; marks?: readonly ('cross' | 'dots' | 'arrow')[] }

export type PlacementTarget = {
  centre: Point
  distances: PlacementDistance[]
  tapes: TapeLine[]
  steps: StepDraft[]
  /** The bench's one-line summary: where the cross goes. */
  summary: string
  warnings: Advice[]
}

export type PlacementRule = {
  id: string
  name: string
  anchor: 'centre' | 'top' | 'bottom'
  /** What the arrow points to. */
  upIs: string
  needs: readonly string[]
  target: (context: PlacementContext) => PlacementTarget
}

export type ItemKind = {
  id: string
  name: string
  /** Where the item frame's origin lies. */
  reference: string
  measurements: readonly MeasurementAsk[]
  sizes: readonly SizePreset[]
  usualSize: string
  /** The cloth it is usually made of, as a first guess. */
  usualCloth: string
  shape: (measures: Measures) => ItemShape
  placements: readonly PlacementRule[]
}

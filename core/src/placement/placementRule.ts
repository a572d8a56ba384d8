import type { Advice } from '../advice'
import type { HouseHabits } from '../habits'
import type { Box } from '../plane/box'
import type { Point } from '../plane/point'
import type { ItemShape } from './itemShape'
import type { Measures } from './measures'
import type { RowEnds } from '../rows/spaceMotifs'
import type { Called, Named, Message } from '../messages/message'

/** Which edge of the design a distance is counted to: its top or left, its centre, its foot or right. */
export const designEdges = ['start', 'centre', 'end'] as const
export type DesignEdge = (typeof designEdges)[number]

/** A distance that fixes the design on one axis: from a reference line, `toward` larger or smaller coordinates. */
export type Anchor = {
  id: string
  line: string
  edge: DesignEdge
  mm: number
  toward: 1 | -1
  plausible: readonly [number, number]
}

/** One sentence to follow with a tape, and the marks it makes: at most two numbers. */
export type StepDraft = { id: string; said: Message; marks?: readonly ('cross' | 'dots' | 'arrow')[] }

/** Something the worker settles about a placement: which corner, true to what. */
export type PlacementChoice = {
  id: string
  name: Called
  choices: readonly { id: string; name: Called }[]
  usual: string
}

/** `Known`: the measurements that the placement asks for, and so has. */
export type PlacementContext<Known extends string = never> = {
  measures: Measures<Known>
  design: { width: number; height: number }
  habits: HouseHabits
  choices: Readonly<Record<string, string>>
  shape: ItemShape
  /** Writes a length in the worker's units. */
  write: (mm: number) => string
}

/**
 * Where one design rests by default. `first`: steps before the tape goes on; `after`: what is checked and heeded where
 * the cross really comes, which the worker may have moved.
 */
export type Spot = {
  down: Anchor
  across: Anchor
  /** The design's turn on the item in degrees, clockwise. */
  turn?: number
  first?: StepDraft[]
  after?: (centre: Point) => { checks: StepDraft[]; warnings: Advice[] }
  warnings?: Advice[]
}

type Inset = { id: string; mm: number; edge: DesignEdge; plausible: readonly [number, number] }

/** A row along one straight edge, the designs' feet toward it. */
export type RowSpot = {
  side: 'lower' | 'upper' | 'left' | 'right'
  box: Box
  /** The edge's name: reads after “from”. */
  edgeName: Named
  inset: Inset
  length: number
  closed?: boolean
  ends: RowEnds
  /** Wished gap in mm while none is given. */
  gap: number
  first?: StepDraft[]
  warnings?: Advice[]
}

/** Designs in the corners of a straight-edged piece. `insetNames` say what both edges, or the point, are. */
export type CornerSpot = {
  box: Box
  four: boolean
  diagonal: boolean
  inset: Inset
  first?: StepDraft[]
  warnings?: Advice[]
}

/** Motifs each at its own distance below `line` and from the centre line; `usual`: the first, until one is typed. */
export type ScatterSpot = { line: string; first?: StepDraft[]; usual: { down: number; across: number } }

/** True where every one of its kind is used so; `noCover`: its back is lined or doubled. */
export type KnownUse = { nextToSkin?: true; infant?: true; toy?: true; noCover?: true }

type RuleBase = {
  id: string
  name: Called
  /** What the arrow points to. */
  upIs: Named
  /** Measurements it needs; all that are not optional when left out. */
  needs?: readonly string[]
  /** Measurements that count where they are known: asked for, and done without. */
  mayKnow?(choices: Readonly<Record<string, string>>): readonly string[]
  /** What is known of a design's use because it goes there. */
  use?: KnownUse
  /** The side that lies up. */
  side?: 'back'
  /** The size its design usually has, in mm: what is drawn while none is chosen. */
  usual?: { width: number; height: number }
  /** The measurement that a smaller piece's usual design is smaller by. */
  growsWith?: string
  choices?: readonly PlacementChoice[]
  /** Another part of the item than its front: the back, a sleeve laid by itself. */
  view?(measures: Measures, choices: Readonly<Record<string, string>>): ItemShape
}

export type PlacementRule = RuleBase &
  (
    | { arrange: 'one'; spot(context: PlacementContext): Spot }
    | { arrange: 'ends'; spot(context: PlacementContext): Spot }
    | { arrange: 'scatter'; scatter(context: PlacementContext): ScatterSpot }
    | { arrange: 'row'; row(context: PlacementContext): RowSpot }
    | { arrange: 'corners'; corners(context: PlacementContext): CornerSpot }
  )

import type { Piece } from '@thimble/contract'
import { type BuildPlan, builtAsHeld, builtOf, planBuild } from '../stack/planBuild'
import type { RingUnder } from '../hoop/offerHoop'
import { type HoopPlan, planHoop } from '../hoop/planHoop'
import { type Marked, markedOf } from '../measure/placed'
import { type MeasurePlan, planMeasure } from '../measure/planMeasure'
import type { Shelf } from '../shelf'

/** All stages of a piece as they stand: each rests on what was decided before it. */
export type PiecePlans = {
  measure: MeasurePlan
  marked: Marked
  build: BuildPlan
  /** Its stack held as the piece is held, whatever it was made for. */
  built: ReturnType<typeof builtOf>
  hoop: HoopPlan
}

/** The ring a piece would be put in as things stand: the one picked, else the best; null once that was decided, and where none takes it. */
export function bestUnder({ hoop }: { hoop: Pick<Piece['hoop'], 'kept'> }, plan: () => HoopPlan): RingUnder | null {
  if (hoop.kept.length > 0) return null
  const { chosen } = plan()
  return chosen?.fits ? chosen.under : null
}

export function planPiece(piece: Piece, shelf: Shelf): PiecePlans {
  const measure = planMeasure(piece, shelf)
  const marked = markedOf(piece.measure.kept, measure, shelf.designs, piece.hoop.moved)
  const build = planBuild(
    piece,
    marked.design,
    shelf,
    bestUnder(piece, () => planHoop({ ...shelf, piece, marked, stack: null })),
  )
  const asBuilt = builtOf(piece.build, build)
  const hoop = planHoop({
    piece,
    marked,
    stack: asBuilt.stack,
    shop: shelf.shop,
    hoops: shelf.hoops,
    machines: shelf.machines,
    corrections: shelf.corrections,
  })
  return { measure, marked, build, built: builtAsHeld(asBuilt, { piece, hoop, supplies: shelf.supplies }), hoop }
}

import type { Piece } from '@thimble/contract'
import { type BuildPlan, builtOf, planBuild } from '../stack/planBuild'
import { type HoopPlan, planHoop } from '../hoop/planHoop'
import { type Marked, markedOf } from '../measure/placed'
import { type MeasurePlan, planMeasure } from '../measure/planMeasure'
import type { Shelf } from '../shelf'

/** All stages of a piece as they stand: each rests on what was decided before it. */
export type PiecePlans = {
  measure: MeasurePlan
  marked: Marked
  build: BuildPlan
  built: ReturnType<typeof builtOf>
  hoop: HoopPlan
}

export function planPiece(piece: Piece, shelf: Shelf): PiecePlans {
  const measure = planMeasure(piece, shelf)
  const marked = markedOf(piece.measure.kept, measure, shelf.designs)
  const build = planBuild(piece, marked.design, shelf)
  const built = builtOf(piece.build, build)
  const hoop = planHoop({
    piece,
    marked,
    stack: built.stack,
    shop: shelf.shop,
    hoops: shelf.hoops,
    machines: shelf.machines,
  })
  return { measure, marked, build, built, hoop }
}

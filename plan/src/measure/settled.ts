import type { Piece } from '@thimble/contract'
import type { Advice } from '@thimble/core/advice'
import { isDone } from '../stages/stages'
import type { MeasurePlan } from './planMeasure'

/** Whether the marks can be decided as they stand; what is in the way is said at its field. */
export const isSettled = ({ placement, problems, design }: MeasurePlan): boolean =>
  placement !== null && Object.keys(problems).length === 0 && !design.missing && !design.assumed

/**
 * What stops a piece that was measured: said at every later stage and on the bench until it is put right. A design past the
 * edge, on a zip or on another design is none that can be sewn (craft.md section 9).
 */
export function stopsOf(piece: Pick<Piece, 'measure' | 'finish'>, { placement }: MeasurePlan): Advice[] {
  if (piece.measure.kept.length === 0 || isDone(piece as Piece, 'finish')) return []
  return (placement?.warnings ?? []).filter(({ severity }) => severity === 'stop')
}

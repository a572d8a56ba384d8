import type { MeasureDecision, Piece } from '@thimble/contract'
import { type DesignBeside, faceOf, type PlacementRule } from '@thimble/core/placement'
import { applyPose, type Point } from '@thimble/core/plane'
import { pointsOf } from '../flatPoints'
import { kindOf } from '../pieces/kindOf'

/** Where another placement’s designs lie as things stand; null while that is not known. */
type OutlinesOf = (other: Piece) => readonly Point[][] | null

/** Designs of the other placements on the same part of an item: as they were decided, else as `planned`. */
export function designsBeside(
  { measure }: Pick<Piece, 'measure'>,
  rule: PlacementRule,
  others: readonly Piece[],
  planned: OutlinesOf,
): DesignBeside[] {
  const face = faceOf(rule, measure.choices)
  return others.flatMap((other): DesignBeside[] => {
    const own = kindOf(other).placements.find(({ id }) => id === other.measure.placement)
    if (!own || faceOf(own, other.measure.choices) !== face) return []
    const [kept] = other.measure.kept
    const outlines = kept ? outlinesKept(kept) : planned(other)
    return outlines ? [{ id: own.id, name: own.name, outlines }] : []
  })
}

function outlinesKept({ design, copies }: MeasureDecision): Point[][] {
  const hull = pointsOf(design.hull)
  return copies.map(({ pose }) => hull.map((p) => applyPose(pose, p)))
}

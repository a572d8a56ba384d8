import type { StageId } from '@thimble/contract'
import { holdingNames, layerNames } from '@thimble/core/recipe/names'
import type { LayerKind } from '@thimble/core/recipe/recipeOption'
import type { PieceTools } from './usePiece'

/** A folded stage in one line. */
export function stageSummary(stage: StageId, { piece, plan, shelf }: PieceTools): string {
  if (stage === 'measure') return plan.placement?.summary ?? 'Still to be measured'
  if (stage === 'build') {
    if (!piece.stack) return 'What goes underneath, and on top'
    const names = piece.stack.layers
      .filter((l) => l.role !== 'cloth')
      .map((l) => (layerNames[l.kind as LayerKind] ?? l.kind).toLowerCase())
    return `${names.join(', ') || 'no backing'}; needle ${piece.stack.needle}`
  }
  if (stage === 'hoop') {
    const hoop = shelf.hoops.find((h) => h.id === piece.hoopId)
    return hoop
      ? `${hoop.name}, ${piece.holding ? holdingNames[piece.holding].toLowerCase() : 'holding open'}`
      : 'Which hoop, and how it is held'
  }
  if (stage === 'stitch') return piece.stitchedAt ? 'Stitched' : 'The list before the start'
  return piece.finishedAt ? 'In the log' : 'Finishing steps, then the record'
}

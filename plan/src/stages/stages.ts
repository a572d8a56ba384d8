import { type Piece, type StageId, stageIds } from '@thimble/contract'

/** Whether something was decided at a stage and stands; one that is opened again is not done. */
export const isDone = (piece: Piece, stage: StageId): boolean => piece[stage].kept.length > 0 && !piece[stage].reopened

/** The first stage not done yet; a finished piece is at its last. */
export const stageAt = (piece: Piece): StageId => stageIds.find((stage) => !isDone(piece, stage)) ?? 'finish'

export const stagesDone = (piece: Piece): ReadonlySet<StageId> =>
  new Set(stageIds.filter((stage) => isDone(piece, stage)))

/** Whether it is on the bench. */
export const inWork = (piece: Piece): boolean => !isDone(piece, 'finish')

/** When it went into the log; null while it never did. */
export const finishedAt = (piece: Piece): string | null => piece.finish.kept[0]?.at ?? null

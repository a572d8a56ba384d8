/** The stages of a piece, in order. */
export const stageIds = ['measure', 'build', 'hoop', 'stitch', 'finish'] as const
export type StageId = (typeof stageIds)[number]

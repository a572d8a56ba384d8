import { z } from './sentences'
import { Piece } from './piece/piece'
import { RunEvent } from './runEvent'

export const PIECE_FORMAT = 'zealous-thimble-piece'

/** One piece with what happened while it was sewn, as an open file. */
export const PieceFile = z.strictObject({
  format: z.literal(PIECE_FORMAT),
  version: z.literal(1),
  piece: Piece,
  run: z.array(RunEvent),
})

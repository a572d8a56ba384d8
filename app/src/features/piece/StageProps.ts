import type { ContextOf, PieceTools } from './usePiece'

/** What every stage of the ticket gets: the piece with its tools, the tape to light, and its way to be done. */
export type StageProps = {
  tools: PieceTools
  setHighlighted: (id: string | null) => void
  onDone: (beside?: ContextOf) => void
}
/** What a stage shows once it is done: what was decided. */
export type DecidedProps = Pick<StageProps, 'tools'>

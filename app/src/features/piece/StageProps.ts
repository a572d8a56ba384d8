import type { Beside, PieceTools } from './usePiece'

/** What every stage of the ticket gets: the piece with its tools, the tape to light, and its way to be done. */
export type StageProps = { tools: PieceTools; setLit: (id: string | null) => void; onDone: (beside?: Beside) => void }
/** What a stage shows once it is done: what was decided. */
export type KeptProps = Pick<StageProps, 'tools'>

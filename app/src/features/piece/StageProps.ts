import type { PieceTools } from './usePiece'

/** What every stage of the ticket gets: the piece with its tools, the tape to light, and its way to be done. */
export type StageProps = { tools: PieceTools; setLit: (id: string | null) => void; onDone: () => void }
/** What a stage shows once it is done: what was decided. */
export type KeptProps = Pick<StageProps, 'tools'>

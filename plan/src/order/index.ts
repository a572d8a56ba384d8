export { cutsOfRun, type KindCut } from './cutsOfRun'
export { type Change, orderOfWork, type OrderOfWork, type WorkStep } from './orderOfWork'
export type { RunThread, ThreadOfRun } from './threadOfRun'
export { pieceWork, type PieceWork } from './pieceWork'

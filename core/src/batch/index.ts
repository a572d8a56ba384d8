export { planRunOrder, type RunOrder } from './planRunOrder'
export type { RunPiece, RunQuery } from './runQuery'

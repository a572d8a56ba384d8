export { pieceCost, type CostBreakdown, type CostPart } from './pieceCost'
export type { CostQuery } from './costQuery'

export { shareOut } from './shareOut'
export { type CostPart, costParts } from './costParts'
export { pieceCost, type CostBreakdown } from './pieceCost'
export type { CostQuery } from './costQuery'

export { cutPlan, type CutPlan } from './cutPlan'
export type { CutQuery } from './cutQuery'

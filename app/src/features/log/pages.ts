/* The pages of the log as one script. */
export { BesidePage } from './BesidePage'
export { LogPage } from './LogPage'
export { RecordPage } from './RecordPage'
export { InsightsPage } from './InsightsPage'

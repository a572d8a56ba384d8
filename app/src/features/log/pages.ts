/* The pages of the log as one script. */
export { LogPage } from './LogPage'
export { RecordPage } from './RecordPage'

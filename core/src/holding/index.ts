export { holdingSteps, type HoldingTask } from './holdingSteps'

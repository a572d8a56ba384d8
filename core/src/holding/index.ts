export { type HoldingStep, holdingSteps, type HoldingTask } from './holdingSteps'

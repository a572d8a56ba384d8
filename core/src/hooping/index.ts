export { chooseHolding, type HoldingAdvice, type HoldingChoice, type HoldingQuery } from './chooseHolding'
export type { HoopField } from './hoopField'
export { type HoopFit, type HoopPlacement, placeInHoop, type Slack } from './placeInHoop'
export { type HoopChoice, type HoopChoiceSource, type HoopQuery, rankHoops } from './rankHoops'

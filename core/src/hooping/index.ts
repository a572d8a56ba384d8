export { chooseHolding, type HoldingAdvice } from './chooseHolding'
export { type Correction, type CorrectionQuery, correctHooping } from './correction/correctHooping'
export { cornerFromEdges, type FoundCorner } from './correction/cornerFromEdges'
export { dialledPose, type MachineSteps } from './correction/machineSteps'
export { inTheDesign, type Remedy } from './correction/remedies'
export {
  type Loading,
  type LoadingQuery,
  type LoadingTurn,
  type MachineSide,
  orientLoading,
  type Way,
} from './loading/orientLoading'
export { fieldFromNotches } from './fieldFromNotches'
export { fieldBox, fieldMiddle } from './fields/fieldSize'
export type { HoopField } from './hoopField'
export { isFieldOutline } from './isFieldOutline'
export { movePartIn } from './movePartIn'
export { placeInHoop, roomInHoop, type Slack } from './placeInHoop'
export type { HoopChoice, HoopChoiceSource } from './hoopChoice'
export { compareChoices, rankHoops } from './rankHoops'
export { canRingLie } from './ring/placeWithRing'
export { fitReasons } from './hoopReasons'
export { roomInField } from './roomInField'
export { scaleToFit } from './scaleToFit'

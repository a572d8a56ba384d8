export { factsFrom, queryOf, ringOf } from './stack/basis'
export { type BuildPlan, builtOf, planBuild } from './stack/planBuild'
export { clothGuesses } from './stack/clothGuesses'
export { pullTest } from './stack/pullTest'
export { type ColourNeed, planThread, type ThreadPlan } from './stack/threadPlan'
export { layerReasons, listsOf, reasonsOf, tensionOf } from './stack/stackLines'
export {
  bareStack,
  changeByHand,
  type HandAsk,
  type HandChange,
  judgementsOf,
  kindsOf,
  patchToStack,
  shortFor,
  substitutesFor,
  worseThan,
} from './stack/byHand'
export { chosenFrom, chosenLayers, hasOwnLayers, settledStack, stackOf, workedOn } from './stack/stacks'
export { faultsOf, recordProblems, usedStack } from './finish/keepRecord'
export { beforeStart, type ListLine, offMachine } from './finish/lists'
export { logRowOf } from './finish/logRow'
export { checkStraight, type Sought, type StraightCheck, triesOf, tryOf } from './hoop/checkStraight'
export { cameraAsk } from './hoop/cameraAsk'
export { writeLanded } from './hoop/writeLanded'
export { cutSizes } from './hoop/cutSizes'
export { type LineUp, waysToLineUp } from './hoop/lineUp'
export { wayNames } from './hoop/wayNames'
export { dialMove, type Move } from './hoop/dialMove'
export { type HoopingAtHand, hoopingAtHand } from './hoop/hoopingAtHand'
export { loadingAtHand } from './hoop/loadingAtHand'
export { type HoopOffer, type HoopPlan, planHoop } from './hoop/planHoop'
export { hoopingsOf } from './hoop/rowHoopings'
export { carriedHere, resized } from './measure/carried'
export { hullOf, loadOf, type PieceDesign } from './measure/pieceDesign'
export { keptPlaced, type Marked, markedOf, type Placed } from './measure/placed'
export { markedWith, waysToMark } from './measure/markWith'
export { preparing } from './measure/preparing'
export { DESIGN_MISSING, type MeasurePlan, planMeasure } from './measure/planMeasure'
export { inOrder } from './measure/readPiece'
export { readNumber, readSigned, readTyped } from './measure/readTyped'
export { byUrgency, type Urgency, urgencyOf } from './pieces/byUrgency'
export { kindOf } from './pieces/kindOf'
export { type HabitExample, habitExample } from './habits/habitExample'
export { newPiece, type PieceStart } from './pieces/newPiece'
export { knownUse } from './pieces/becomesOf'
export { otherItem } from './pieces/otherItem'
export { alsoOn, sameAgain, sharedPart } from './pieces/shared'
export type { Shelf } from './shelf'
export { differencesOf, openDifferences } from './stages/differences'
export { freshLayers, keepStage } from './stages/keepStage'
export { nextAction, placedWords } from './stages/nextAction'
export { type PiecePlans, planPiece } from './stages/planPiece'
export { finishedAt, inWork, isDone, stageAt, stagesDone } from './stages/stages'
export { writeDifference } from './stages/writeDifference'
export { upgradeDesign, upgradePacked } from './upgrade/upgradeDesign'
export { rehome } from './upgrade/rehome'
export { upgradePiece } from './upgrade/upgradePiece'
export { isOldShopFile, upgradeShopFile } from './upgrade/upgradeShopFile'

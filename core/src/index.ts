export { CoreError } from './errors'
export type { Advice } from './advice'
export { parseLength } from './lengths/parseLength'
export { formatLength, roundDownToTape, roundToTape } from './lengths/formatLength'
export type { LengthStyle, LengthUnit } from './lengths/units'
export { convexHull } from './plane/convexHull'
export { rigidFit, type PointPair, type RigidFit } from './plane/rigidFit'
export { applyPose, inversePose, rotatePoint, type Point, type Pose } from './plane/point'
export { boxOf, rectangle, type Box } from './plane/box'
export { defaultHabits, habitQuestions, type HabitQuestion, type HouseHabits } from './habits'
export { itemGroups, type ItemGroup, type ItemKind } from './placement/itemKind'
export type { ItemShape, NoSewZone, ReferenceLine, TapeLine } from './placement/itemShape'
export type { Measures, MeasurementAsk } from './placement/measures'
export type { Anchor, DesignEdge, PlacementChoice, PlacementRule } from './placement/placementRule'
export type { Copy, PlacementDistance } from './placement/laid'
export type { OwnAnchors } from './placement/layOne'
export type { OwnRow, PlannedRow } from './placement/layRow'
export { ownZoneKinds, type OwnZone, type OwnZoneKind } from './placement/ownZones'
export { ringClearances, ringOnItem, type Clearance } from './placement/clearances'
export { itemKind, itemKinds, placementRule, presetMeasures } from './placement/itemKinds'
export { asksOf } from './placement/measuresNeeded'
export { fitCentreLine, type CentreLine, type Level } from './placement/fitCentreLine'
export { planPlacement, type PlacementPlan, type PlacementRequest, type TapeStep } from './placement/planPlacement'
export type { Mark } from './placement/marks'
export { spaceMotifs, type MotifRow, type RowRequest } from './rows/spaceMotifs'
export { splitHoopings, type Hooping } from './rows/splitHoopings'
export type { HoopField } from './hooping/hoopField'
export { placeInHoop, type HoopFit, type HoopPlacement, type Slack } from './hooping/placeInHoop'
export { rankHoops, type HoopChoice, type HoopChoiceSource, type HoopQuery } from './hooping/rankHoops'
export { chooseHolding, type HoldingAdvice, type HoldingQuery } from './hooping/chooseHolding'
export { clothFamilies, familyFacts, type Cloth, type ClothFamily } from './recipe/clothFacts'
export type {
  HoldingMethod,
  LoadClass,
  RecipeQuery,
  Ring,
  StashLine,
  TopThread,
  Use,
  Work,
  WorkKind,
} from './recipe/recipeQuery'
export type {
  BackingKind,
  Because,
  Layer,
  LayerKind,
  Needle,
  RecipeAdvice,
  RecipeOption,
  Refusal,
  ToppingKind,
} from './recipe/recipeOption'
export { recommendRecipe } from './recipe/recommendRecipe'
export { gripNames, holdingNames, layerNames } from './recipe/names'
export { estimateLoad, loadClassOf } from './design/estimateLoad'
export { customItem, customKindId, type CustomItem } from './placement/customItem'
export { walkOutline, type OutlineEdge } from './placement/walkOutline'
export { markingMeans, type MarkingId, type MarkingMeans } from './marking/markingMeans'
export { papers, templatePages, type PaperId, type Template, type TemplateRequest } from './template/templatePages'
export type { TemplateInk, TemplatePage } from './template/templateInk'
export { rowFieldLength } from './rows/rowFieldLength'
export type { ColourBlock, Design, DesignBlock, StitchMove } from './design/design'
export { readDesignSvg, type ReadSvgOptions } from './design/readDesignSvg'
export { readStitchCsv } from './design/readStitchCsv'
export { writeStitchCsv } from './design/writeStitchCsv'
export { writeDesignSvg } from './design/writeDesignSvg'
export { designStats, type DesignStats } from './design/designStats'
export type { LoadGrid } from './design/loadGrid'
export { sizeDesign } from './design/sizeDesign'
export { packDesign, type PackedDesign, unpackDesign } from './design/packDesign'
export { type DesignSummary, summariseDesign } from './design/summariseDesign'
export { type ColourOrder, planColourOrder } from './design/planColourOrder'
export { changeDesign, type DesignChange } from './design/edit/changeDesign'
export { groupDesigns, layGroup, type GroupLayout, type GroupPart } from './design/edit/groupDesigns'
export { reorderDesign } from './design/edit/reorderDesign'
export { cuttingFile, type CuttingFile, type CuttingRequest } from './design/cuttingFile'
export { readTypeface, setWording, type Wording, type WordingRequest } from './wording/setWording'
export { fromThePrint, nearestThreads, onGround, toneOnTone } from './colour/threadColours'
export { threadUse, type ThreadUse } from './thread/threadUse'
export { minutesSaved } from './thread/changeSaving'

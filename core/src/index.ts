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
export type {
  ItemKind,
  ItemShape,
  Measures,
  MeasurementAsk,
  NoSewZone,
  PlacementDistance,
  PlacementRule,
  TapeLine,
} from './placement/itemKind'
export { itemKind, itemKinds, placementRule, presetMeasures } from './placement/itemKinds'
export { planPlacement, type PlacementPlan, type PlacementRequest, type TapeStep } from './placement/planPlacement'
export type { Mark } from './placement/marks'
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
